# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Styles of everything that is put up, with the quantity on hand.
      class Styles < Table
        FIELDS = Style::INPUTS.map(&:name).freeze
        COLUMNS = (FIELDS - [:on_hand]).freeze
        MOST_OF_KINDS = 60

        def list(page:, kind: nil)
          wanted = kind ? joined.where(kind: kind) : joined
          page(wanted.order(:kind, :name), page, 200) { |row| shown(row) }
        end

        def find(id)
          shown((Ids.id?(id) && joined.where(Sequel[:styles][:id] => id).first) || raise(Problem.not_found("style")))
        end

        # @param home [Hash, nil] where it is for: what pieces keep meanwhile is not free there; without one it is all
        #   there is
        # @param piece_id [String, nil] whose plan it is for: what was cut for it is not short
        # @return [Array<Style>] the core's own values, with what is available to that piece
        def for_plan(ids, home: nil, piece_id: nil)
          known = Ids.only(ids)
          return [] if known.empty?

          available = home ? stock.available(known, home: home, piece_id: piece_id) : stock.on_hand_of(known)
          rows(:styles).where(id: known).map do |row|
            Style.new(**row.slice(:id, *COLUMNS), **available.fetch(row[:id]))
          end
        end

        # @return [Hash{String => Integer}] the version of each style there is; it moves with every count and change
        def versions(ids)
          rows(:styles).where(id: Ids.only(ids)).select_hash(:id, :version)
        end

        # As many of each kind as a plan looks at, none of them retired.
        #
        # @return [Array<Style>] those most of which are free for a piece of a home first
        def of_kinds(kinds, home:, piece_id: nil)
          offered = kinds.flat_map do |kind|
            joined.where(kind: kind, retired: false).order(Sequel.desc(:on_hand), :name).limit(MOST_OF_KINDS)
                  .select_map(Sequel[:styles][:id])
          end
          for_plan(offered, home: home, piece_id: piece_id)
            .sort_by { |style| [-style.for_piece, style.name] }
        end

        def create(given, account_id: nil)
          values = coloured(checked(Style::INPUTS, given))
          id = transaction do
            id = rows(:styles).returning(:id).insert(studio_id: studio_id, **values.slice(*COLUMNS)).first[:id]
            stock.count(id, values[:on_hand], account_id: account_id)
            id
          end
          find(id)
        end

        def change(id, version, given, account_id: nil)
          transaction do
            row = rows(:styles).where(id: id).for_update.first or raise Problem.not_found("style")
            values = coloured(checked(Style::INPUTS, given))
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            rows(:styles).where(id: id).update(version: version + 1, **values.slice(*COLUMNS))
            stock.count(id, values[:on_hand], account_id: account_id)
          end
          find(id)
        end

        # The garland that a piece cut off another becomes: as it was but shorter, named after what it belongs with.
        # Made when it is not there yet; how many there are is for stock to say.
        #
        # @return [String] its id
        def offcut_of(style_id, length)
          whole = find(style_id)
          name = "#{(whole[:belongs_with] || whole[:name])[0, 100]}, #{format('%.2f', length)} m cut off"
          known = rows(:styles).where(kind: "garland", name: name).get(:id)
          known || create_offcut(whole, name, length)
        end

        private

        # Loft and texture as they were, its weight by its length, no price.
        def create_offcut(whole, name, length)
          share = whole[:length_m] ? length / whole[:length_m] : 1.0
          values = whole.slice(*COLUMNS).merge(name: name, length_m: length, mass_g: whole[:mass_g]&.*(share),
                                               price_cents: nil,
                                               belongs_with: whole[:belongs_with] || whole[:name])
          rows(:styles).returning(:id).insert(studio_id: studio_id, **values).first[:id]
        end

        def stock
          Stock.new(database, studio_id)
        end

        def joined
          rows(:styles).left_join(:stock_quantities, style_id: :id).where(Sequel[:styles][:studio_id] => studio_id)
                       .select_all(:styles).select_append(Sequel.function(:coalesce, :on_hand, 0).as(:on_hand))
        end

        def rows(table)
          table == :styles ? database[:styles].where(Sequel[:styles][:studio_id] => studio_id) : super
        end

        def coloured(values)
          colour = values[:colour]&.downcase
          return values.merge(colour: colour) if colour.nil? || colour.match?(/\A#[0-9a-f]{6}\z/)

          raise Problem.invalid(
            [{ pointer: "/colour", code: "not_a_colour",
               message: "“#{values[:colour]}” is not a colour. Type one such as #6b2e4f." }]
          )
        end

        def shown(row)
          row.slice(:id, :version, :on_hand, *COLUMNS)
        end
      end
    end
  end
end
