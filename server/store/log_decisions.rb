# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was made of what the log proposed: taken on or left, by whom and when. What was taken on can be taken back.
      #
      #   decisions.decide("minutes.ornament", { accepted: true, was: 0.6, becomes: 0.74, factor: 1.23, spread: 0.12,
      #                                          jobs: 9 }, key: key, account_id: 7, day: today)
      class LogDecisions < Table
        # So many of each house rule are told, the latest first.
        MOST = 50

        # @return [Array<Hash>] as the contract has LogDecision
        def list(house_rule = nil)
          found = rows(:log_decisions)
          found = found.where(house_rule: house_rule) if house_rule
          names = names_of_people
          found.order(Sequel.desc(:made_at), :key).limit(MOST).all.map { |row| shown(row, names) }
        end

        # Whether it was decided already, by its key.
        def known?(key)
          key!(key)
          rows(:log_decisions).where(key: key).any?
        end

        # The value of the rule and what is said of it are written together, once by the key.
        #
        # @param told [Hash] accepted, was, becomes, factor, spread, jobs
        # @raise [Problem] where the rule has another value by now
        def decide(house_rule, told, key:, account_id:, day:)
          transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            next if known?(key)

            HouseRules.new(database, studio_id).set(house_rule, told[:becomes], was: told[:was])
            rows(:log_decisions).insert(studio_id: studio_id, key: key, house_rule: house_rule, account_id: account_id,
                                        decided_on: day, **told)
          end
        end

        # The rule is what it was before; where somebody changed it since it stays, and that is said.
        def take_back(key, why:, account_id:, day:)
          transaction do
            row = rows(:log_decisions).where(key: key).for_update.first or raise Problem.not_found("decision")
            next if row[:taken_back_on]

            back(row) if row[:accepted]
            rows(:log_decisions).where(key: key).update(taken_back_on: day, taken_back_by: account_id,
                                                        taken_back_why: why)
          end
        end

        private

        # At its usual value a rule is nobody's own.
        def back(row)
          rules = HouseRules.new(database, studio_id)
          now = rules.current[row[:house_rule]]
          if (now - row[:becomes]).abs > 1e-9
            raise wrong("/key", "The house rule was changed since, to #{now.round(4)}. Set it under House rules.")
          end

          rules.set(row[:house_rule], row[:was], was: now)
          usual = DeckBough::HouseRules::CONSTANTS.fetch(row[:house_rule]).value
          rules.reset(row[:house_rule]) if (usual - row[:was]).abs < 1e-9
        end

        def shown(row, names)
          { **row.slice(:key, :house_rule, :was, :becomes, :accepted, :factor, :spread, :jobs, :taken_back_why),
            title: DeckBough::HouseRules::CONSTANTS[row[:house_rule]]&.title || row[:house_rule],
            unit: DeckBough::HouseRules::CONSTANTS[row[:house_rule]]&.unit.to_s,
            decided_on: row[:decided_on].iso8601, by: names[row[:account_id]],
            taken_back_on: row[:taken_back_on]&.iso8601, taken_back_by: names[row[:taken_back_by]] }
        end
      end
    end
  end
end
