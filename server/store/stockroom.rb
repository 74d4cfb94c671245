# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # All that is owned, searched as one types: by words over name, kind, material, texture and what a thing belongs
      # with.
      #
      #   stockroom.search(words: "quince glass", page: 1)[:items].first[:kept] # => 9.0
      class Stockroom < Table
        PER_PAGE = 100
        # More words than these find nothing that fewer would not.
        MOST_WORDS = 8
        # So many pieces that keep a thing are told.
        MOST_KEPT = 200
        # What leads comes first.
        KINDS = %w[ornament ribbon pick garland stem wreath light fixing].freeze

        # @param kind [String, nil] only of one kind
        # @param retired [Boolean] what is kept but used no more
        # @return [Hash] a page of styles, each with kept (what pieces keep of it) and pieces (how many keep some)
        def search(words: "", kind: nil, retired: false, page: 1)
          found = matching(words, kind, retired)
          total = found.count
          pages = [(total / PER_PAGE.to_f).ceil, 1].max
          { items: shown(found.order(order_of_kinds, :name, :id).limit(PER_PAGE, (page - 1) * PER_PAGE)), page: page,
            pages: pages, total: total }
        end

        # Which pieces keep some of a style, those of the first visit first.
        #
        # @return [Array<Hash>] piece, name, home, visit_on, strike_on, wanted, held
        def kept_by(style_id)
          rows(:styles).where(id: style_id).any? or raise Problem.not_found("style")
          claims(style_id).map do |row|
            { **row.slice(:piece, :name, :home, :wanted, :held), visit_on: row[:visit_on]&.iso8601,
                                                                 strike_on: row[:strike_on]&.iso8601 }
          end
        end

        private

        def claims(style_id)
          database[:piece_claims].join(:pieces, id: Sequel[:piece_claims][:piece_id])
                                 .join(:rooms, id: Sequel[:pieces][:room_id])
                                 .join(:homes, id: Sequel[:rooms][:home_id])
                                 .where(Sequel[:piece_claims][:studio_id] => studio_id,
                                        Sequel[:piece_claims][:style_id] => style_id)
                                 .where { Sequel[:piece_claims][:wanted] > 0 }
                                 .order(Sequel.asc(:visit_on, nulls: :last), Sequel[:homes][:name],
                                        Sequel[:pieces][:name])
                                 .select(Sequel[:pieces][:id].as(:piece), Sequel[:pieces][:name],
                                         Sequel[:homes][:name].as(:home), :visit_on, :strike_on, :wanted, :held)
                                 .limit(MOST_KEPT).all
        end

        def order_of_kinds
          Sequel.case(KINDS.each_with_index.to_h, KINDS.size, :kind)
        end

        def matching(words, kind, retired)
          found = rows(:styles).where(retired: retired)
          found = found.where(kind: kind) if kind
          words.split.first(MOST_WORDS).reduce(found) { |so_far, word| so_far.where(anywhere(word)) }
        end

        def anywhere(word)
          Sequel.like(:sought, "%#{word.downcase.gsub(/[\\%_]/) { |sign| "\\#{sign}" }}%")
        end

        def shown(dataset)
          found = dataset.all
          ids = found.map { |row| row[:id] }
          there = database[:stock_quantities].where(style_id: ids).select_hash(:style_id, :on_hand)
          kept = kept_of(ids)
          found.map do |row|
            held, pieces = kept.fetch(row[:id], [0, 0])
            { **row.slice(:id, :version, *Styles::COLUMNS), on_hand: there.fetch(row[:id], 0), kept: held.round(6),
                                                            pieces: pieces }
          end
        end

        def kept_of(ids)
          sums = rows(:piece_claims).where(style_id: ids).where { held > 0 }.group(:style_id)
          sums.select_map([:style_id, Sequel.function(:sum, :held).as(:held), Sequel.function(:count).*.as(:pieces)])
              .to_h { |id, held, pieces| [id, [held, pieces]] }
        end
      end
    end
  end
end
