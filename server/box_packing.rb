# frozen_string_literal: true

module DeckBough
  module Server
    # Gathers what lies in no box and the boxes that are empty, asks the core which goes into which, and puts it there.
    #
    #   packing.proposal[:boxes].first # => { box: nil, number: nil, items: [{ style:, name:, quantity: }], litres:, … }
    class BoxPacking
      # As large as boxes that are bought for it: what the studio's own empty ones do not take.
      NEW_LITRES = 45
      MOST_NEW = 60
      SHOWN = %i[name kind colour material texture shape breakable].freeze

      # @param only [Array<String>, nil] styles; all there are without it
      def initialize(database, studio_id, only: nil)
        @database = database
        @studio_id = studio_id
        @only = only
      end

      # @return [Hash] boxes (box and number nil for one that must be found), left: what fits none, lower_bound, working
      def proposal
        answer = Catalogue.answer("boxes.pack", { "items" => items.values.map { |item| item[:asked] },
                                                  "boxes" => boxes.values.map { |box| box[:asked] } }, house: house)
        { boxes: answer[:boxes].map { |box| packed(box) }, left: answer[:unpacked].map { |id| told(items.fetch(id)) },
          lower_bound: answer[:lower_bound], most_kg: house["boxes.most_kg"],
          breakable_kg: house["boxes.breakable_kg"],
          findings: answer.findings.map { |finding| finding.to_h.slice(:severity, :message) } }
      end

      # As proposed, or as pulled about by hand: once by the key.
      #
      # @param packed [Array<Hash>] box (nil for a new one), things: style and quantity
      # @return [Hash] boxes: how many were filled; moved: how many kinds of things
      def keep(packed, place:, key:, account_id:)
        store = Store::Boxes.new(@database, @studio_id)
        Store::Table.tried(@database) do
          # Two who send the same at once wait here; the second finds it done.
          @database[:studios].where(id: @studio_id).for_update.get(:id)
          next { boxes: 0, moved: 0 } if done?(packed, key)

          moved = packed.each_with_index.sum do |one, i|
            box = one["box"] || store.create({ "place" => place.to_s })[:id]
            things = one["things"].map { |thing| { "from" => nil, **thing } }
            # The same thing may go into several boxes: each box has a key of its own.
            store.carry(things, into: box, key: Store::Ids.after(key, i), account_id: account_id)[:moved]
          end
          { boxes: packed.size, moved: moved }
        end
      end

      private

      def done?(packed, key)
        keys = packed.each_index.map { |i| Store::Ids.after(key, i) }
        @database[:stock_moves].where(studio_id: @studio_id, key: keys).any?
      end

      def house
        @house ||= Store::HouseRules.new(@database, @studio_id).current
      end

      def boxes
        @boxes ||= begin
          empty = Store::Boxes.new(@database, @studio_id).list.select { |box| box[:things].zero? }
          own = empty.first(Rules::Boxes::Pack::MOST_BOXES).map do |box|
            { asked: { "id" => box[:id], "litres" => box[:litres] }, **box.slice(:id, :number, :place) }
          end
          fresh = Array.new([MOST_NEW, Rules::Boxes::Pack::MOST_BOXES - own.size].min) do |i|
            { asked: { "id" => "new #{i + 1}", "litres" => NEW_LITRES }, id: nil, number: nil, place: nil }
          end
          [*own, *fresh].to_h { |box| [box[:asked]["id"], box] }
        end
      end

      # So many of a thing as fit a box are packed as one.
      def items
        @items ||= loose.flat_map { |thing| parts(thing) }.first(Rules::Boxes::Pack::MOST_ITEMS)
                        .to_h { |item| [item[:asked]["id"], item] }
      end

      def parts(thing)
        litres = Stock::Bulk.litres(thing, house: house)
        kilograms = Stock::Bulk.kilograms(thing, house: house)
        counts(thing[:quantity], at_once(thing, litres, kilograms)).each_with_index.map do |count, i|
          { asked: { "id" => "#{thing[:id]} #{i}", "litres" => [litres * count, 0.001].max, "kg" => kilograms * count,
                     "group" => thing[:belongs_with], "breakable" => thing[:breakable] },
            style: thing[:id], quantity: count, **thing.slice(*SHOWN) }
        end
      end

      # Rolls of one ribbon lie together.
      def at_once(thing, litres, kilograms)
        return thing[:quantity] if thing[:kind] == "ribbon"

        most = house[thing[:breakable] ? "boxes.breakable_kg" : "boxes.most_kg"]
        [[largest / litres, most / kilograms].min.floor, 1].max
      end

      def counts(quantity, at_once)
        [*Array.new((quantity / at_once).floor, at_once), quantity % at_once].select { |count| count > 1e-6 }
      end

      def largest
        @largest ||= [NEW_LITRES, *boxes.values.map { |box| box[:asked]["litres"] }].max
      end

      def loose
        lots = Sequel[:stock_lots]
        dataset = @only ? @database[:stock_lots].where(style_id: @only) : @database[:stock_lots]
        dataset.join(:styles, id: :style_id)
               .where(lots[:studio_id] => @studio_id, lots[:box_id] => nil)
               .where { Sequel[:stock_lots][:quantity] > Store::Lots::LEAST }
               .group(Sequel[:styles][:id])
               .select_all(:styles).select_append(Sequel.function(:sum, lots[:quantity]).as(:quantity))
               .order(:kind, :name).limit(Rules::Boxes::Pack::MOST_ITEMS).all
      end

      def packed(box)
        { box: boxes.fetch(box[:id])[:id], number: boxes.fetch(box[:id])[:number], place: boxes.fetch(box[:id])[:place],
          most_litres: boxes.fetch(box[:id])[:asked]["litres"], litres: box[:litres], kg: box[:kg],
          breakable: box[:items].any? { |id| items.fetch(id)[:breakable] },
          items: box[:items].map { |id| told(items.fetch(id)) } }
      end

      def told(item)
        { **item.except(:asked), litres: item[:asked]["litres"], kg: item[:asked]["kg"] }
      end
    end
  end
end
