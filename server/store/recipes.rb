# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Things made by hand of what is in stock: making one moves its materials out and what comes of it in.
      #
      #   recipes.make(id, 2, key: key, account_id: 7) # => { made: 8.0, on_hand: 16.0 }
      class Recipes < Table
        RECIPE = DeckBough::Stock::Recipe
        FIELDS = RECIPE::INPUTS.map(&:name).freeze
        MOST = 300

        # @return [Array<Hash>] as shown, by name
        def list
          told(present.order(:name, :id).limit(MOST))
        end

        def find(id)
          told(present.where(id: id)).first or raise Problem.not_found("recipe")
        end

        def create(given)
          values, materials = checked_recipe(given)
          id = transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            refuse_more
            id = rows(:recipes).returning(:id).insert(studio_id: studio_id, **values).first[:id]
            keep_materials(id, materials)
            id
          end
          find(id)
        end

        def change(id, version, given)
          present.where(id: id).any? or raise Problem.not_found("recipe")
          values, materials = checked_recipe(given)
          transaction do
            row = locked(id, "recipe")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            bump(:recipes, row, values)
            keep_materials(id, materials)
          end
          find(id)
        end

        def delete(id, by:)
          put_away(:recipes, id, "recipe", by: by)
        end

        def restore(id)
          take_out_again(:recipes, id, "recipe")
          find(id)
        end

        # So many batches are made; once by the key.
        #
        # @raise [Problem] naming the material there is too little of
        # @return [Hash] made, on_hand
        def make(id, batches, key:, account_id:)
          key!(key)
          transaction do
            row = locked(id, "recipe")
            materials = rows(:recipe_materials).where(recipe_id: id).order(:style_id).all
            unless made?(key)
              # All that it touches is locked in one order, so that two who make things never wait for each other.
              rows(:styles).where(id: [row[:style_id], *materials.map do |one|
                one[:style_id]
              end]).order(:id).for_update.all
              refuse_short(materials, batches)
              told = { key: key, account_id: account_id, note: "for #{row[:name]}" }
              materials.each { |one| stock.move(one[:style_id], -one[:quantity] * batches, reason: "used", **told) }
              stock.move(row[:style_id], row[:batch] * batches, reason: "made", **told, note: row[:name])
            end
            { made: row[:batch] * batches, on_hand: stock.on_hand_of([row[:style_id]])[row[:style_id]][:on_hand] }
          end
        end

        # It was not made after all.
        def unmake(id, key:, account_id:)
          transaction do
            row = locked(id, "recipe")
            raise Problem.not_found("making") unless made?(key)

            stock.undo(key, account_id: account_id)
            { made: 0, on_hand: stock.on_hand_of([row[:style_id]])[row[:style_id]][:on_hand] }
          end
        end

        # By when so many wanted on a day are begun; one batch where nobody says how many.
        #
        # @return [Hash] batches, minutes, start_by, late
        def start_by(id, wanted_on, count, today:)
          row = present.where(id: id).first or raise Problem.not_found("recipe")
          recipe = RECIPE.new(**row.slice(:batch, :active_minutes, :drying_minutes), house: house)
          count ||= row[:batch]
          day = recipe.start_by(wanted_on, count)
          { batches: recipe.batches(count), minutes: recipe.batches(count) * row[:active_minutes],
            start_by: day.iso8601, late: day < today }
        end

        private

        def present
          rows(:recipes).where(deleted_at: nil)
        end

        def told(recipes)
          found = recipes.all
          materials = rows(:recipe_materials).where(recipe_id: found.map { |row| row[:id] }).to_hash_groups(:recipe_id)
          things = things(found.map { |row| row[:style_id] } + materials.values.flatten.map { |one| one[:style_id] })
          found.map { |row| shown(row, materials.fetch(row[:id], []), things) }
        end

        def stock
          @stock ||= Stock.new(database, studio_id)
        end

        def house
          @house ||= HouseRules.new(database, studio_id).current
        end

        def made?(key)
          rows(:stock_moves).where(key: key, reason: "made").any?
        end

        def checked_recipe(given)
          values = checked(RECIPE::INPUTS, given.slice(*FIELDS.map(&:to_s)))
          materials = checked([Input.list(:materials, "Materials", RECIPE::MATERIAL, 0..RECIPE::MOST_MATERIALS,
                                          default: [].freeze)], given.slice("materials"))[:materials]
          refuse_unknown(given["style"], materials)
          [{ **values, name: values[:name].strip, style_id: given["style"] }, materials]
        end

        def refuse_unknown(style, materials)
          ids = materials.map { |one| one[:style] }
          raise wrong("/style", "Choose what comes of it.") unless known?([style])
          raise wrong("/materials", "A material is not there any more. Choose it anew.") unless known?(ids)
          raise wrong("/materials", "A material stands there twice. Leave one of them.") if ids.uniq.size < ids.size
          raise wrong("/materials", "Nothing is made of itself.") if ids.include?(style)
        end

        def known?(ids)
          ids.all? { |id| Ids.id?(id) } && rows(:styles).where(id: ids).count == ids.uniq.size
        end

        def keep_materials(id, materials)
          rows(:recipe_materials).where(recipe_id: id).delete
          rows(:recipe_materials).multi_insert(materials.map do |one|
            { studio_id: studio_id, recipe_id: id, style_id: one[:style], quantity: one[:quantity] }
          end)
        end

        def refuse_more
          return if present.count < MOST

          raise wrong("/name", "A studio keeps #{MOST} recipes. Delete one first.")
        end

        def refuse_short(materials, batches)
          there = stock.on_hand_of(materials.map { |one| one[:style_id] })
          short = materials.find { |one| there[one[:style_id]][:on_hand] + 1e-6 < one[:quantity] * batches } or return
          name = rows(:styles).where(id: short[:style_id]).get(:name)
          raise wrong("/batches", "There is too little of #{name}. Make fewer, or count it again.")
        end

        def things(ids)
          there = rows(:stock_quantities).where(style_id: ids).select_hash(:style_id, :on_hand)
          rows(:styles).where(id: ids.uniq).to_h { |row| [row[:id], { **row, on_hand: there.fetch(row[:id], 0) }] }
        end

        def shown(row, materials, things)
          priced = materials.map do |one|
            { **things.fetch(one[:style_id]).slice(:price_cents, :pack_size, :on_hand), quantity: one[:quantity] }
          end
          recipe = RECIPE.new(**row.slice(:batch, :active_minutes, :drying_minutes), house: house, materials: priced)
          told = materials.map { |one| { **thing(things.fetch(one[:style_id])), quantity: one[:quantity] } }
          { **row.slice(:id, :version, *FIELDS), product: thing(things.fetch(row[:style_id])),
                                                 materials: told.sort_by { |one| one[:name] },
                                                 cost_cents: recipe.cost_cents, possible: recipe.possible }
        end

        def thing(row)
          { style: row[:id], **row.slice(:name, :kind, :colour, :texture, :shape, :on_hand) }
        end
      end
    end
  end
end
