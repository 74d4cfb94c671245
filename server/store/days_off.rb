# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Days on which nobody works, anywhere or in one home.
      #
      #   days_off.create({ "from_on" => "2026-12-24", "to_on" => "2026-12-26", "why" => "the holiday" })
      class DaysOff < Table
        MOST = 100
        INPUTS = [Input.text(:why, "Why", 0..120, default: "")].freeze
        LONGEST = 400

        # @return [Array<Hash>] id, home (nil where it is everywhere), from_on, to_on (Date), why
        def list
          present.order(:from_on, :id).all.map { |row| shown(row) }
        end

        def create(given)
          values = row_of(given)
          transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            raise wrong("/from_on", "#{MOST} of them are kept at most. Delete some first.") if present.count >= MOST

            shown(rows(:days_off).returning.insert(studio_id: studio_id, **values).first)
          end
        end

        def delete(id, by:)
          put_away(:days_off, id, "day off", by: by)
        end

        def restore(id)
          take_out_again(:days_off, id, "day off")
          shown(present.where(id: id).first)
        end

        # @param days_off [Array<Hash>] as list has them
        # @return [Hash, nil] the one a visit falls on
        def self.on(days_off, home, day)
          days_off.find { |one| day.between?(one[:from_on], one[:to_on]) && [nil, home].include?(one[:home]) }
        end

        # As an answer tells it.
        def answered(one)
          { **one, from_on: one[:from_on].iso8601, to_on: one[:to_on].iso8601 }
        end

        private

        def present
          rows(:days_off).where(deleted_at: nil)
        end

        def row_of(given)
          from = day("/from_on", given["from_on"])
          to = day("/to_on", given["to_on"])
          unless to.between?(from, from + LONGEST)
            raise wrong("/to_on", "The last day is the first, or one of the #{LONGEST} after it.")
          end

          home = given["home"]
          if home && !(Ids.id?(home) && rows(:homes).where(id: home, deleted_at: nil).any?)
            raise wrong("/home", "That home is not there any more. Choose another.")
          end

          { from_on: from, to_on: to, home_id: home, **checked(INPUTS, given.slice("why")) }
        end

        def day(pointer, text)
          raise Date::Error unless text.match?(Visits::DAY)

          day = Date.iso8601(text)
          Visits::YEARS.cover?(day.year) ? day : raise(Date::Error)
        rescue Date::Error
          raise wrong(pointer, "“#{text[0, 20]}” is no day. Choose one such as 2026-12-24.")
        end

        def shown(row)
          { home: row[:home_id], **row.slice(:id, :from_on, :to_on, :why) }
        end
      end
    end
  end
end
