# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Tables of things on their way in: sent in parts, read, looked at row by row, and loaded whole or not at all.
      #
      #   import = imports.begin({ "name" => "things.csv", "size" => 812 }, account_id: 7)
      #   imports.part(import[:id], 0, bytes)
      #   imports.read(import[:id])[:columns].first # => { title: "Kind", field: "kind", sample: ["ornament"] }
      class Imports < Table
        LARGEST = 12 * 1024 * 1024
        # So many rows are looked at in one go.
        AT_ONCE = 2_000
        MOST_FAULTS = 50
        SAMPLE = 3
        # What nobody loaded is forgotten after so many days; so many wait at once.
        DAYS = 2
        MOST_WAITING = 10
        FIELDS = DeckBough::Stock::Sheet.columns("metric").map { |column| column.field.to_s }.freeze

        # @return [Hash] id, received
        def begin(given, account_id:)
          transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            forget_old
            id = rows(:stock_imports).returning(:id)
                                     .insert(studio_id: studio_id, account_id: account_id, name: given["name"].strip,
                                             size: given["size"]).first[:id]
            { id: id, received: 0 }
          end
        end

        # The next part of the file; one that came before is not taken twice.
        #
        # @param at [Integer] where it begins
        # @return [Hash] received: how much is there by now
        def part(id, place, bytes)
          transaction do
            row = waiting(id)
            there = row[:content].bytesize
            raise wrong("/at", "Only #{there} bytes are there. Go on from there.") if place > there

            raise wrong("/content", "That is more than was announced.") if place + bytes.bytesize > row[:size]

            whole = row[:content].byteslice(0, place) + bytes
            rows(:stock_imports).where(id: id).update(content: Sequel.blob(whole))
            { received: whole.bytesize }
          end
        end

        # @return [Hash] id, name, rows, columns: title, field (as guessed) and sample
        def read(id)
          transaction do
            row = waiting(id)
            came = row[:content].bytesize
            if came != row[:size]
              raise wrong("/file",
                          "Only #{came} of #{row[:size]} bytes came. Choose the file again.")
            end

            table = Exchange::TableReading.rows(row[:content])
            rows(:stock_imports).where(id: id).update(table: JSON.generate(table), rows: table.size - 1, mapping: nil,
                                                      checked: 0)
            { id: id, name: row[:name], rows: table.size - 1, columns: columns(table) }
          end
        end

        # Looks at the next rows, as these columns are meant.
        #
        # @param mapping [Array<String, nil>] a field for each column
        # @param from [Integer] the first row to look at
        # @return [Hash] checked, rows, new, changed, same, bad (of these rows) and faults: row, column, value, message
        def check(id, mapping, from:, units:)
          transaction do
            row = waiting(id)
            table = table(row)
            refuse_mapping(mapping, table)
            start(id, mapping) if from.zero?
            refuse_gap(row, mapping, from)
            checked = ImportChecking.new(database, studio_id, table, mapping, units).of(from, AT_ONCE)
            keep(id, checked)
            till = [from + AT_ONCE, table.size - 1].min
            rows(:stock_imports).where(id: id).update(checked: till)
            { checked: till, rows: table.size - 1, **told(checked) }
          end
        end

        # All of it or nothing; once.
        #
        # @return [Hash] new, changed, same
        def load(id, account_id:)
          transaction do
            row = rows(:stock_imports).where(id: id).for_update.first or raise Problem.not_found("import")
            states = rows(:stock_import_rows).where(import_id: id).group_and_count(:state).as_hash(:state, :count)
            unless row[:loaded_at]
              refuse_unchecked(row, states)
              ImportLoading.new(database, studio_id, id, account_id).load
              remember(row)
              rows(:stock_imports).where(id: id).update(loaded_at: Sequel::CURRENT_TIMESTAMP, content: Sequel.blob(""),
                                                        table: nil)
            end
            %w[new changed same].to_h { |state| [state.to_sym, states.fetch(state, 0)] }
          end
        end

        def delete(id)
          rows(:stock_imports).where(id: id).delete.positive? or raise Problem.not_found("import")
        end

        private

        def forget_old
          rows(:stock_imports).where { made_at < Sequel.lit("now() - interval '#{DAYS} days'") }.delete
          late = rows(:stock_imports).reverse(:made_at).offset(MOST_WAITING - 1).select(:id)
          rows(:stock_imports).where(id: late).delete
        end

        def waiting(id)
          rows(:stock_imports).where(id: id, loaded_at: nil).for_update.first or raise Problem.not_found("import")
        end

        def table(row)
          raise wrong("/file", "The file was not read yet.") unless row[:table]

          JSON.parse(row[:table])
        end

        def columns(table)
          heads, *things = table
          known = rows(:column_names).select_hash(:said, :field)
          width = table.map(&:size).max
          fields = Array.new(width) { |i| known[said(heads[i])] || DeckBough::Stock::Sheet.guess(heads[i]) }
          Array.new(width) do |i|
            sample = things.lazy.map { |thing| thing[i] }.reject { |cell| cell.nil? || cell == "" }.first(SAMPLE)
            { title: heads[i].to_s[0, 200], field: fields.index(fields[i]) == i ? fields[i] : nil,
              sample: sample.map { |cell| cell.to_s[0, 60] } }
          end
        end

        def said(heading)
          heading.to_s.strip.downcase[0, 120]
        end

        def refuse_mapping(mapping, table)
          twice = mapping.compact.tally.find { |_, count| count > 1 }&.first
          raise wrong("/mapping", "Two columns are both “#{twice}”. Choose one of them.") if twice

          unknown = mapping.compact - FIELDS
          raise wrong("/mapping", "“#{unknown.first}” is no field of a thing.") if unknown.any?
          raise wrong("/mapping", "Say which column is the kind and which the name.") if (%w[kind name] - mapping).any?
          raise wrong("/mapping", "The table has other columns.") if mapping.size != table.map(&:size).max
        end

        def start(id, mapping)
          rows(:stock_import_rows).where(import_id: id).delete
          rows(:stock_imports).where(id: id).update(mapping: Sequel.pg_jsonb(mapping), checked: 0)
        end

        def refuse_gap(row, mapping, from)
          return if from.zero? || (row[:checked] == from && row[:mapping].to_a == mapping)

          raise wrong("/from", "Rows are looked at one after the other. Begin again.")
        end

        def keep(id, checked)
          rows(:stock_import_rows).multi_insert(checked.map do |one|
            { studio_id: studio_id, import_id: id, number: one[:row], state: one[:state], style_id: one[:style_id],
              thing: Sequel.pg_jsonb(one[:thing]), faults: Sequel.pg_jsonb(one[:faults]) }
          end)
        end

        def told(checked)
          counts = checked.map { |one| one[:state] }.tally
          faults = checked.flat_map { |one| one[:faults].map { |fault| { row: one[:row], **fault } } }
          { **%w[new changed same bad].to_h { |state| [state.to_sym, counts.fetch(state, 0)] },
            faults: faults.first(MOST_FAULTS) }
        end

        def refuse_unchecked(row, states)
          return if row[:rows] && row[:checked] == row[:rows] && states.fetch("bad", 0).zero?

          bad = states.fetch("bad", 0)
          raise wrong("/rows", "Look at every row first.") unless bad.positive?

          raise wrong("/rows", "#{bad} rows have a bad cell. Mend them in the file, and read it again.")
        end

        def remember(row)
          heads = JSON.parse(row[:table]).first
          row[:mapping].to_a.each_with_index do |field, i|
            heading = said(heads[i])
            next if field.nil? || heading.empty? || DeckBough::Stock::Sheet.guess(heads[i]) == field

            database[:column_names].insert_conflict(target: %i[studio_id said], update: { field: field })
                                   .insert(studio_id: studio_id, said: heading, field: field)
          end
        end

        def wrong(pointer, message)
          Problem.invalid([{ pointer: pointer, code: "not_ready", message: message }])
        end
      end
    end
  end
end
