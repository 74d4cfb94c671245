# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Boxes of the stockroom: on which shelf each stands, what lies inside, when somebody last looked.
      #
      #   boxes.create({ "place" => "Loft left" })[:number] # => 23
      class Boxes < Table
        FIELDS = DeckBough::Boxes::INPUTS.map(&:name).freeze
        MOST = 500
        # So many kinds of things are told of a box; a box of 2000 litres holds no more that anybody tells apart.
        MOST_INSIDE = 400

        # @return [Array<Hash>] as shown, shelf by shelf: with things (kinds inside), litres_used, kg, breakable
        def list
          found = present.order(:place, :number).all
          weighed = weigh(lots.where(box_id: found.map { |row| row[:id] }))
          names = names_of_people
          found.map { |row| shown(row, weighed.fetch(row[:id], EMPTY), names) }
        end

        # @return [Array<Hash>] id, number, name, place, by number: to choose one of
        def named
          present.order(:number).select(:id, :number, :name, :place).all
        end

        # @return [Hash] as shown, with inside: what lies in it
        def find(id)
          row = present.where(id: id).first or raise Problem.not_found("box")
          weighed = weigh(lots.where(box_id: id))
          shown(row, weighed.fetch(id, EMPTY), names_of_people)
            .merge(inside: inside(id), photographs: photographs(:box_id, [id]).fetch(id, []))
        end

        def create(given)
          transaction do
            lock
            refuse_more
            values = checked(DeckBough::Boxes::INPUTS, { "number" => next_number }.merge(given.compact))
            free!(values[:number])
            find(rows(:boxes).returning(:id).insert(studio_id: studio_id, **values).first[:id])
          end
        end

        def change(id, version, given)
          values = checked(DeckBough::Boxes::INPUTS, given)
          transaction do
            lock
            row = locked(id, "box")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            free!(values[:number], but: id)
            bump(:boxes, row, values)
          end
          find(id)
        end

        # An empty box goes; what is inside another must lie elsewhere first.
        def delete(id, by:)
          transaction do
            row = locked(id, "box")
            inside = lots.where(box_id: id).distinct.select(:style_id).count
            raise full(inside) if inside.positive?

            # What an entry of long ago would put back here lies in no box then.
            rows(:stock_lots).where(box_id: id).update(box_id: nil)
            bump(:boxes, row, deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
          end
        end

        def restore(id)
          transaction do
            lock
            row = rows(:boxes).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted box")
            free!(row[:number])
            bump(:boxes, row, deleted_at: nil, deleted_by: nil)
          end
          find(id)
        end

        # Many things go into one box, or out of all of them; once by the key.
        #
        # @param things [Array<Hash>] style, from (a box or nil), quantity (nil: all that lies there)
        # @param into [String, nil]
        # @return [Hash] moved: how many kinds of things
        def carry(things, into:, key:, account_id:)
          key!(key)
          transaction do
            hold([into, *things.map { |thing| thing["from"] }].compact.uniq, "/into")
            moved = things.sort_by { |thing| thing["style"].to_s }.count do |thing|
              stock.carry(style_id(thing["style"]), thing["quantity"], from: thing["from"], into: into, key: key,
                                                                       account_id: account_id)
            end
            { moved: moved }
          end
        end

        # Somebody looked inside: what was seen is what is there. What was not looked for stays as it was; once by the
        # key, also when it is sent again from a telephone that had no network.
        #
        # @param seen [Array<Hash>] style, quantity
        # @return [Hash] box, and differences: style, name, by
        def count(id, seen, note:, key:, account_id:)
          key!(key)
          transaction do
            row = locked(id, "box")
            next if counted(key).any?

            seen.sort_by { |one| one["style"].to_s }.each do |one|
              stock.count_in(style_id(one["style"]), one["quantity"], box: id, note: note, key: key,
                                                                      account_id: account_id)
            end
            rows(:boxes).where(id: id).update(seen_at: Sequel::CURRENT_TIMESTAMP, seen_by: account_id,
                                              version: row[:version] + 1)
          end
          { box: find(id), differences: differences(key) }
        end

        # @return [Hash{String => Array<Hash>}] where things lie, by style: box, number, place, seen_at, quantity; a box
        #   each, and what lies in none
        def of_styles(style_ids)
          told = %i[style_id box_id number place seen_at]
          lots.where(style_id: style_ids).left_join(:boxes, id: :box_id).group(*told).order(:number)
              .select_map([*told, Sequel.function(:sum, :quantity).as(:quantity)])
              .each_with_object({}) do |(style, box, number, place, seen, quantity), all|
            (all[style] ||= []) << { box: box, number: number, place: place, seen_at: seen&.iso8601,
                                     quantity: quantity.round(Stock::PLACES) }
          end
        end

        # Boxes that are there, held so that none of them goes meanwhile.
        #
        # @raise [Problem] at the pointer when one of them is gone
        def hold(ids, pointer)
          return if ids.all? { |id| Ids.id?(id) } && present.where(id: ids).for_share.select_map(:id).size == ids.size

          raise Problem.invalid([{ pointer: pointer, code: "gone",
                                   message: "That box is not there any more. Choose another." }])
        end

        private

        EMPTY = { things: 0, litres: 0.0, kg: 0.0, breakable: false }.freeze
        private_constant :EMPTY

        def lots
          database[:stock_lots].where(Sequel[:stock_lots][:studio_id] => studio_id).where { quantity > Lots::LEAST }
        end

        def present
          rows(:boxes).where(deleted_at: nil)
        end

        # Two who make a box at once wait here: a number stands on one label only.
        def lock
          database[:studios].where(id: studio_id).for_update.get(:id)
        end

        def next_number
          (present.max(:number) || 0) + 1
        end

        def free!(number, but: nil)
          return if present.where(number: number).exclude(id: but).empty?

          raise Problem.invalid([{ pointer: "/number", code: "taken",
                                   message: "There is a box #{number} already. #{next_number} is free." }])
        end

        def refuse_more
          return if present.count < MOST

          raise Problem.invalid([{ pointer: "/number", code: "too_many",
                                   message: "A stockroom has at most #{MOST} boxes. Delete one that is empty." }])
        end

        def full(kinds)
          Problem.new(422, "not-empty", "It is not empty",
                      "#{kinds == 1 ? 'One kind of thing lies' : "#{kinds} kinds of things lie"} in it. Put them " \
                      "elsewhere first.")
        end

        def style_id(id)
          Ids.id?(id) ? id : raise(Problem.not_found("style"))
        end

        def counted(key)
          rows(:stock_moves).where(key: key, reason: "counted")
        end

        # By what the count of a box differed from what was thought.
        def differences(key)
          off = counted(key).exclude(quantity: 0).select_hash(:style_id, :quantity)
          rows(:styles).where(id: off.keys).order(:name).select_map(%i[id name])
                       .map { |id, name| { style: id, name: name, by: off[id] } }
        end

        def stock
          Stock.new(database, studio_id)
        end

        # Litres and kilograms in each box: of each style so many, as large and heavy as it is or its kind mostly is.
        def weigh(lying)
          lying.join(:styles, id: :style_id)
               .group(:box_id, Sequel[:styles][:id])
               .select(:box_id, *MEASURES.map { |name| Sequel[:styles][name] },
                       Sequel.function(:sum, :quantity).as(:quantity))
               .each_with_object({}) do |row, boxes|
            before = boxes.fetch(row[:box_id], EMPTY)
            boxes[row[:box_id]] = {
              things: before[:things] + 1,
              litres: before[:litres] + (row[:quantity] * DeckBough::Stock::Bulk.litres(row, house: house)),
              kg: before[:kg] + (row[:quantity] * DeckBough::Stock::Bulk.kilograms(row, house: house)),
              breakable: before[:breakable] || row[:breakable]
            }
          end
        end

        MEASURES = %i[id kind litres diameter_mm length_m loft_m across_m mass_g breakable].freeze
        private_constant :MEASURES

        def inside(box_id)
          by_style = lots.where(box_id: box_id).select_map(%i[style_id quantity]).group_by(&:first)
          styles = rows(:styles).where(id: by_style.keys).order(:kind, :name).limit(MOST_INSIDE).all
          pictures = photographs(:style_id, styles.map { |row| row[:id] })
          styles.map do |row|
            lengths = by_style.fetch(row[:id]).map(&:last)
            { **row.slice(:id, :name, :kind, :colour, :material, :texture, :shape, :diameter_mm, :breakable, :condition,
                          :keepsake_of),
              photographs: pictures.fetch(row[:id], []), quantity: lengths.sum.round(6),
              rolls: row[:kind] == "ribbon" ? lengths.sort.reverse : nil }
          end
        end

        def photographs(what, ids)
          Photographs.ids(rows(:photographs), what, ids)
        end

        def shown(row, weighed, names)
          { **row.slice(:id, :version, *FIELDS), things: weighed[:things], litres_used: weighed[:litres].round(2),
                                                 kg: weighed[:kg].round(3), breakable: weighed[:breakable],
                                                 most_kg: most_kg(weighed[:breakable]),
                                                 seen_at: row[:seen_at]&.iso8601, seen_by: names[row[:seen_by]] }
        end

        # As this studio has set them.
        def house
          @house ||= Store::HouseRules.new(database, studio_id).current
        end

        def most_kg(breakable)
          house[breakable ? "boxes.breakable_kg" : "boxes.most_kg"]
        end
      end
    end
  end
end
