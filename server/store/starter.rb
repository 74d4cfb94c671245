# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # The common set a new studio may begin with: things as most shops sell them, none counted yet.
      #
      #   starter.add    # => { added: 26 }
      #   starter.remove # => { removed: 25, kept: 1 }
      class Starter < Table
        THINGS = YAML.safe_load_file(File.join(ROOT, "server", "starter.yml")).freeze

        # What is there already by that name is not added twice.
        #
        # @return [Hash] added
        def add
          transaction do
            units = database[:studios].where(id: studio_id).for_update.get(:units)
            known = rows(:styles).select_map(%i[kind name])
            fresh = things(units).reject { |thing| known.include?(thing.values_at("kind", "name")) }
            styles = Styles.new(database, studio_id)
            ids = fresh.map { |thing| styles.create(thing)[:id] }
            rows(:styles).where(id: ids).update(starter: true)
            { added: ids.size }
          end
        end

        # What was counted, put on a piece or into a look by now stays.
        #
        # @return [Hash] removed, kept
        def remove
          transaction do
            ids = starters.order(:id).for_update.select_map(:id)
            untouched = ids - touched(ids)
            rows(:styles).where(id: untouched).delete
            rows(:styles).where(id: ids).update(starter: false)
            { removed: untouched.size, kept: ids.size - untouched.size }
          end
        end

        # @return [Integer] how many of it are still as they came
        def left
          ids = starters.select_map(:id)
          ids.empty? ? 0 : (ids - touched(ids)).size
        end

        private

        def things(units)
          THINGS.map do |thing|
            name = units == "imperial" ? thing.fetch("in_feet", thing["name"]) : thing["name"]
            thing.except("in_feet").merge("name" => name)
          end
        end

        def starters
          rows(:styles).where(starter: true)
        end

        def touched(ids)
          changed = rows(:styles).where(id: ids).where { version > 1 }.select_map(:id)
          counted = rows(:stock_moves).where(style_id: ids).distinct.select_map(:style_id)
          looks = rows(:look_styles).where(style_id: ids).distinct.select_map(:style_id)
          planned = rows(:piece_needs).where(Sequel.pg_array_op(:style_ids).overlaps(Sequel.pg_array(ids, :uuid)))
                                      .select_map(:style_ids).flat_map(&:to_a)
          changed | counted | looks | (planned & ids)
        end
      end
    end
  end
end
