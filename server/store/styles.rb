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
          shown(joined.where(Sequel[:styles][:id] => id).first || raise(Problem.not_found("style")))
        end

        # @return [Array<Style>] the core's own values, for a plan
        def for_plan(ids)
          joined.where(Sequel.cast(Sequel[:styles][:id], String) => ids).map do |row|
            Style.new(**row.slice(:id, :on_hand, *COLUMNS))
          end
        end

        # @return [Array<Style>] all of some kinds, those on hand first
        def of_kinds(kinds)
          joined.where(kind: kinds).order(Sequel.desc(:on_hand), :name).limit(MOST_OF_KINDS).map { |row| Style.new(**row.slice(:id, :on_hand, *COLUMNS)) }
        end

        def create(given)
          values = coloured(checked(Style::INPUTS, given))
          id = transaction do
            id = rows(:styles).returning(:id).insert(studio_id: studio_id, **values.slice(*COLUMNS)).first[:id]
            keep_stock(id, values[:on_hand])
            id
          end
          find(id)
        end

        def change(id, version, given)
          transaction do
            row = rows(:styles).where(id: id).for_update.first or raise Problem.not_found("style")
            values = coloured(checked(Style::INPUTS, given))
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            rows(:styles).where(id: id).update(version: version + 1, **values.slice(*COLUMNS))
            keep_stock(id, values[:on_hand])
          end
          find(id)
        end

        # @param offcuts [Array<Hash>] style, length_m
        # @return [Array<Hash>] the garlands they became, one more of each on hand
        def keep_offcuts(offcuts)
          transaction do
            offcuts.group_by { |off| [off[:style], off[:length_m].round(2)] }.map { |(id, length), those| keep_offcut(find(id), length, those.size) }
          end
        end

        private

        # The same garland, shorter: loft and texture as they were, its weight by its length, no price.
        def keep_offcut(whole, length, count)
          name = "#{(whole[:belongs_with] || whole[:name])[0, 100]}, #{format('%.2f', length)} m cut off"
          known = joined.where(kind: "garland", name: name).first
          return change(known[:id], known[:version], shown(known).except(:id, :version).merge(on_hand: known[:on_hand] + count)) if known

          share = whole[:length_m] ? length / whole[:length_m] : 1.0
          create(whole.except(:id, :version).merge(name: name, length_m: length, mass_g: whole[:mass_g]&.*(share), price_cents: nil, on_hand: count,
                                                   belongs_with: whole[:belongs_with] || whole[:name]))
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

          raise Problem.invalid([{ pointer: "/colour", code: "not_a_colour", message: "“#{values[:colour]}” is not a colour. Type one such as #6b2e4f." }])
        end

        def keep_stock(id, on_hand)
          database[:stock_quantities].insert_conflict(target: :style_id, update: { on_hand: on_hand }).insert(studio_id: studio_id, style_id: id,
                                                                                                              on_hand: on_hand)
        end

        def shown(row)
          row.slice(:id, :version, :on_hand, *COLUMNS)
        end
      end
    end
  end
end
