# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # The log of tested strings: what the meter read, when, and by whom.
      class StringTests < Table
        LABEL = Input.text(:label, "String", 1..60)

        def list(style_id, page:)
          names = names_of_people
          page(rows(:string_tests).where(style_id: style_id).reverse(:tested_at, :id), page) { |row| shown(row, names) }
        end

        # @param style [Hash] of the store of styles
        # @param meter [#read] label, watts:, bulbs: → watts, dead_bulbs
        def test(style, given, meter:, now:, account_id:)
          label = checked([LABEL], { "label" => given["label"] })[:label].strip
          refuse_other(style)
          reading = meter.read(label, watts: style[:watts], bulbs: style[:bulbs])
          id = transaction do
            rows(:string_tests).returning(:id).insert(studio_id: studio_id, style_id: style[:id], label: label,
                                                      sound: reading[:dead_bulbs].zero?, account_id: account_id,
                                                      tested_at: now, **reading).first[:id]
          end
          shown(rows(:string_tests).where(id: id).first, names_of_people)
        end

        # Looked at by eye, without the meter; once by the key.
        #
        # @param dead [Integer] bulbs that stay dark
        def seen(style, label:, dead:, key:, now:, account_id:)
          refuse_other(style)
          label = style[:name] if label.strip.empty?
          rows(:string_tests).insert_conflict(target: %i[studio_id act_key])
                             .insert(studio_id: studio_id, style_id: style[:id], label: label.strip[0, 60].strip,
                                     dead_bulbs: dead, sound: dead.zero?, act_key: key, account_id: account_id,
                                     tested_at: now)
        end

        # Of an act that is taken back.
        def forget(key)
          rows(:string_tests).where(act_key: key).delete
        end

        private

        def refuse_other(style)
          return if style[:kind] == "light"

          raise Problem.invalid(
            [{ pointer: "/label", code: "no_string",
               message: "#{style[:name]} is no string of lights. Choose a string to test." }]
          )
        end

        def shown(row, names)
          { **row.slice(:label, :watts, :dead_bulbs, :sound), by: names[row[:account_id]],
                                                              tested_at: row[:tested_at].iso8601 }
        end
      end
    end
  end
end
