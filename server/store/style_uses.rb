# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Where wreaths of the stock hung, year by year: written down whenever a piece that takes one is reckoned, for the
      # year of its home's visit; told with the item in the years after.
      class StyleUses < Table
        KINDS = %w[wreath].freeze
        MOST = 40

        # What pieces take by now, instead of what they took when they were reckoned last; other years stay.
        def record(piece_ids)
          return if piece_ids.empty?

          transaction do
            rows(:style_uses).where(piece_id: piece_ids, year: this_season(piece_ids)).delete
            # Two who reckon the same piece at once write the same down.
            names = %i[home room piece].to_h { |name| [name, Sequel[:excluded][name]] }
            database[:style_uses].insert_conflict(target: %i[style_id piece_id year], update: names)
                                 .insert(%i[studio_id style_id piece_id year home room piece], now_of(piece_ids))
          end
        end

        # @param home_id [String, nil] whose last year with it is told too
        # @return [Hash] items (year, home, room, piece, here), the latest first; last_here
        def of(style_id, home_id: nil)
          found = with_homes(style_id).map do |row|
            { **row.slice(:year, :home, :room, :piece), here: row[:home_id] == home_id }
          end
          { items: found, last_here: found.select { |one| one[:here] }.map { |one| one[:year] }.max }
        end

        private

        YEAR = Sequel.cast(Sequel.extract(:year, Sequel[:homes][:visit_on]), Integer)
        private_constant :YEAR

        def of_pieces(piece_ids)
          database[:pieces].join(:rooms, id: Sequel[:pieces][:room_id]).join(:homes, id: Sequel[:rooms][:home_id])
                           .where(Sequel[:pieces][:studio_id] => studio_id, Sequel[:pieces][:id] => piece_ids)
                           .exclude(Sequel[:homes][:visit_on] => nil)
        end

        def this_season(piece_ids)
          of_pieces(piece_ids).select(YEAR)
        end

        def now_of(piece_ids)
          of_pieces(piece_ids)
            .join(:piece_claims, piece_id: Sequel[:pieces][:id])
            .join(:styles, id: Sequel[:piece_claims][:style_id])
            .where(Sequel[:styles][:kind] => KINDS).exclude(Sequel[:piece_claims][:came] => nil)
            .select(Sequel[:pieces][:studio_id], Sequel[:styles][:id], Sequel[:pieces][:id].as(:piece_id), YEAR,
                    Sequel[:homes][:name], Sequel[:rooms][:name].as(:room), Sequel[:pieces][:name].as(:piece))
        end

        # A piece that was deleted in its year did not hang.
        def with_homes(style_id)
          deleted = Sequel.extract(:year, Sequel[:pieces][:deleted_at])
          rows(:styles).where(id: style_id).any? or raise Problem.not_found("style")
          database[:style_uses].join(:pieces, id: Sequel[:style_uses][:piece_id])
                               .join(:rooms, id: Sequel[:pieces][:room_id])
                               .where(Sequel[:style_uses][:studio_id] => studio_id,
                                      Sequel[:style_uses][:style_id] => style_id)
                               .where(Sequel.expr(Sequel[:pieces][:deleted_at] => nil) |
                                      (deleted > Sequel[:style_uses][:year]))
                               .reverse(Sequel[:style_uses][:year], Sequel[:style_uses][:home])
                               .select_all(:style_uses).select_append(Sequel[:rooms][:home_id]).limit(MOST).all
        end
      end
    end
  end
end
