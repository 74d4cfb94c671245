# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # A studio's own values of the house rules; what it has not changed is the core's default.
      class HouseRules < Table
        def current
          DeckBough::HouseRules.with(changes)
        end

        def changes
          rows(:house_rule_values).select_hash(:key, :value)
        end

        # @param was [Numeric] the value the change was made on
        # @raise [Problem] when the key is unknown, the value outside its range, or somebody else was faster
        def set(key, value, was:)
          checked_rule(key, value)
          transaction do
            # All changes of a studio's rules wait for each other here; a constant at its default has no row to lock.
            database[:studios].where(id: studio_id).for_update.first
            now = current[key]
            raise Problem.conflict(current: { value: now }, yours: { value: value }) if (now - was).abs > 1e-9

            keep(key, value)
          end
        end

        def reset(key)
          rows(:house_rule_values).where(key: key).delete
        end

        def checked_rule(key, value)
          DeckBough::HouseRules.with(key => value)
        rescue HouseRuleError => e
          raise Problem.not_found("house rule") if e.code == :house_rule_unknown

          raise Problem.invalid([{ pointer: "/value", code: "out_of_range", message: e.message }])
        end

        # By chapter: every constant with its present value.
        def shown
          mine = changes
          DeckBough::HouseRules::CONSTANTS.values.group_by(&:chapter).map do |chapter, constants|
            { chapter: chapter, constants: constants.map { |constant| told(constant, mine) } }
          end
        end

        private

        def keep(key, value)
          rows(:house_rule_values).insert_conflict(target: %i[studio_id key],
                                                   update: { value: value, changed_at: Sequel::CURRENT_TIMESTAMP })
                                  .insert(studio_id: studio_id, key: key, value: value)
        end

        def told(constant, mine)
          { key: constant.key, title: constant.title, unit: constant.unit, why: constant.why, low: constant.low,
            high: constant.high,
            default: constant.value, value: mine.fetch(constant.key, constant.value), changed: mine.key?(constant.key) }
        end
      end
    end
  end
end
