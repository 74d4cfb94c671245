# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What homes and rooms may cost, and what the studio asks for its work.
      #
      #   budgets.plan(home_id, planned_cents: 26_000, rooms: { room_id => 12_000 })
      class Budgets < Table
        PLANNED = Input.whole(:planned_cents, "Planned", "cents", 0..1_000_000_000, default: nil)
        PRICES = %i[hourly_cents mark_up_percent tax_percent].freeze
        # What the client is asked besides for what comes from the store, and for what is kept there.
        STORE = DeckBough::Client::Offer::STORE.map(&:name).freeze
        ASKED = [*PRICES, *STORE].freeze
        NO_PRICES = { hourly_cents: 0, mark_up_percent: 0.0, tax_percent: 0.0, store_percent: 0.0, storage_cents: 0,
                      version: 0 }.freeze

        # @param rooms [Hash{String => Integer, nil}] by room's id
        def plan(home_id, planned_cents:, rooms: {})
          told = { nil => planned_cents, **rooms }.transform_values do |cents|
            checked([PLANNED], { "planned_cents" => cents }.compact)[:planned_cents]
          end
          transaction do
            rows(:homes).where(id: home_id, deleted_at: nil).for_update.any? or raise Problem.not_found("home")
            refuse_other(home_id, rooms.keys)
            rows(:budgets).where(home_id: home_id, room_id: rooms.keys).delete
            rows(:budgets).where(home_id: home_id, room_id: nil).delete
            database[:budgets].multi_insert(told.compact.map do |room, cents|
              { studio_id: studio_id, home_id: home_id, room_id: room, planned_cents: cents }
            end)
          end
        end

        # @return [Hash{String => Hash{String, nil => Integer}}] planned cents by home and room; nil is the home itself
        def planned(home_ids)
          rows(:budgets).where(home_id: home_ids).each_with_object({}) do |row, all|
            (all[row[:home_id]] ||= {})[row[:room_id]] = row[:planned_cents]
          end
        end

        # @return [Hash] hourly_cents, mark_up_percent, tax_percent, store_percent, storage_cents, version
        def prices
          rows(:studio_prices).select(*ASKED, :version).first || NO_PRICES
        end

        def ask(version, given)
          values = checked(DeckBough::Buying::Charge::INPUTS + DeckBough::Client::Offer::STORE, given)
          transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            raise Problem.conflict(current: prices, yours: given) if prices[:version] != version

            rows(:studio_prices).insert_conflict(target: :studio_id, update: { **values, version: version + 1 })
                                .insert(studio_id: studio_id, version: 1, **values)
          end
          prices
        end

        private

        def refuse_other(home_id, room_ids)
          known = rows(:rooms).where(home_id: home_id, id: Ids.only(room_ids), deleted_at: nil).count
          return if known == room_ids.size

          raise Problem.invalid([{ pointer: "/rooms", code: "gone",
                                   message: "A room is not in this home any more. Load the page again." }])
        end
      end
    end
  end
end
