# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Steps that stand where a person put them: in a visit, at a time, done by some people.
      #
      #   pins.of_homes([home_id]) # => { "…/ribbon" => { visit: id, from_min: 600, workers: [id] } }
      class StepPins < Table
        # @return [Hash{String => Hash}] by step: visit, from_min (of the visit's day), workers
        def of_homes(homes)
          rows(:step_pins).where(home_id: homes).to_h { |row| [row[:step], shown(row)] }
        end

        # @return [Hash, nil] where it stood before
        def put(home, step, pin)
          transaction do
            before = rows(:step_pins).where(home_id: home, step: step).for_update.first
            rows(:step_pins).where(home_id: home, step: step).delete
            insert(home, step, pin) if pin
            before && shown(before)
          end
        end

        private

        def insert(home, step, pin)
          rows(:step_pins).insert(studio_id: studio_id, home_id: home, step: step, visit_id: pin[:visit],
                                  from_min: pin[:from_min], workers: Sequel.pg_array(pin[:workers], :uuid))
        end

        def shown(row)
          { visit: row[:visit_id], from_min: row[:from_min], workers: row[:workers].to_a }
        end
      end
    end
  end
end
