# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # A studio's constants: read by everyone, changed by an owner, tried on a sample tree before.
      class HouseRules < Resource
        get "/api/house-rules", :read
        get "/api/hints", :hint
        put "/api/house-rules/:key", :set
        delete "/api/house-rules/:key", :reset
        post "/api/house-rules/trial", :try

        SHOWN = %i[area hem spread tip_gap share bulbs bulbs_by_height strings spare_strings pitch ornaments by_foot
                   by_cover ribbon ribbon_parts crown_ribbon picks minutes].freeze

        def read
          answer(chapters: rules.shown)
        end

        # What is said beside the dials, by the studio's own constants and in its units.
        def hint
          answer(hints: DeckBough::Hints.all(rules.current, studio[:units]))
        end

        def set
          owner!
          rules.set(part(:key), said["value"], was: said["was"])
          read
        end

        def reset
          owner!
          rules.reset(part(:key))
          read
        end

        def try
          before = planning.trial({})
          after = planning.trial(said["changes"])
          answer(sample: Planning::SAMPLE_TOLD, figures: SHOWN.filter_map { |name| compared(name, before, after) })
        end

        private

        def rules
          store(Store::HouseRules)
        end

        def compared(name, before, after)
          was = before[:figures][name] or return
          { name: name, unit: was[:unit], before: was[:value], after: after[:figures].fetch(name)[:value] }
        end
      end
    end
  end
end
