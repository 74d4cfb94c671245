# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # A studio's constants: read by everyone, changed by an owner, tried on a sample tree before.
      module HouseRules
        SHOWN = %i[area hem spread tip_gap share bulbs bulbs_by_height strings spare_strings pitch ornaments by_foot by_cover ribbon ribbon_parts
                   crown_ribbon picks minutes].freeze

        def self.registered(app)
          app.get("/api/house-rules") { answer(house_rules) }
          app.put("/api/house-rules/:key") { set_house_rule }
          app.delete("/api/house-rules/:key") { reset_house_rule }
          app.post("/api/house-rules/trial") { answer(trial) }
          app.helpers Answers
        end

        module Answers
          def house_rules
            { chapters: store(Store::HouseRules).shown }
          end

          def set_house_rule
            owner!
            store(Store::HouseRules).set(params[:key], said["value"], was: said["was"])
            answer(house_rules)
          end

          def reset_house_rule
            owner!
            store(Store::HouseRules).reset(params[:key])
            answer(house_rules)
          end

          def trial
            before = planning.trial({})
            after = planning.trial(said["changes"])
            { sample: Planning::SAMPLE_TOLD, figures: SHOWN.filter_map { |name| compared(name, before, after) } }
          end

          def compared(name, before, after)
            was = before[:figures][name] or return
            { name: name, unit: was[:unit], before: was[:value], after: after[:figures].fetch(name)[:value] }
          end
        end
      end
    end
  end
end
