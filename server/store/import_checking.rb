# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Rows of a table against what there is: what each would make or change, or which cell is wrong and why.
      class ImportChecking < Table
        SHEET = DeckBough::Stock::Sheet
        STYLE = Style::INPUTS.map(&:name).freeze
        LAST_BITS = 1e-6
        KNOWN = DeckBough::Stock::Particulars::INPUTS.map(&:name).freeze

        # @param table [Array<Array>] with its headings
        # @param mapping [Array<String, nil>]
        def initialize(database, studio_id, table, mapping, units)
          super(database, studio_id)
          @heads, *@things = table
          @mapping = mapping.map { |field| field&.to_sym }
          @units = units
        end

        # @return [Array<Hash>] row (as numbered in the file), state, style_id, thing (columns of a style, on_hand,
        #   box and the version it was looked at), faults: column, value, message
        def of(from, count)
          cells = @things[from, count] || []
          names = cells.map { |row| identity(row) }
          known = known(names.map(&:last))
          cells.each_with_index.reject { |row, _| blank?(row) }.map { |row, i| judge(row, from + i, known[names[i]]) }
        end

        private

        # A line between things says nothing.
        def blank?(row)
          row.all? { |cell| cell.nil? || cell.to_s.strip.empty? }
        end

        def at(row, field)
          place = @mapping.index(field) and row[place]
        end

        def identity(row)
          [at(row, :kind).to_s.strip.downcase, at(row, :name).to_s.strip]
        end

        # @return [Hash{Array => Hash}] styles by kind and name, with on_hand, box and owner
        def known(names)
          found = rows(:styles).where(name: names.uniq).all
          ids = found.map { |row| row[:id] }
          there = rows(:stock_quantities).where(style_id: ids).select_hash(:style_id, :on_hand)
          boxes = Boxes.new(database, studio_id).of_styles(ids)
          found.to_h do |row|
            numbers = boxes.fetch(row[:id], []).map { |lot| lot[:number] }.uniq
            [row.values_at(:kind, :name), { **row, parts: row[:parts].to_a, on_hand: there.fetch(row[:id], 0),
                                                   box: numbers.compact.sort }]
          end
        end

        # Where each kind and name stands first.
        def first_rows
          @first_rows ||= @things.each_with_index.reject { |row, _| blank?(row) }
                                 .each_with_object({}) { |(row, i), first| first[identity(row)] ||= i }
        end

        def judge(row, place, known)
          said = said(row)
          wrong = twice(row, place) || (own_faults(said) + not_asked(said))
          thing, faults = wrong.empty? ? thing(said, known) : [nil, wrong]
          told = faults.map { |field, message| fault(field, row, message) }
          { row: place + 2, state: state(thing, known), style_id: known ? known[:id] : SecureRandom.uuid,
            thing: thing ? { **thing, version: known && known[:version] } : {}, faults: told }
        end

        def state(thing, known)
          return "bad" unless thing
          return "new" unless known

          same?(thing, known) ? "same" : "changed"
        end

        # What the row says, read by its columns.
        def said(row)
          ribbon = identity(row).first == "ribbon"
          said = @mapping.each_with_index.select(&:first).to_h do |field, i|
            [field, SHEET.read(field, row[i], heading: @heads[i], units: @units, ribbon: ribbon)]
          end
          { **said, kind: said[:kind]&.downcase }
        end

        def twice(row, place)
          first = first_rows.fetch(identity(row))
          [[:name, "This thing stands in row #{first + 2} already. Leave one of them."]] if first != place
        end

        def fault(field, row, message)
          place = @mapping.index(field)
          { column: place ? @heads[place].to_s[0, 80] : field.to_s, value: place ? row[place].to_s[0, 60] : "",
            message: message }
        end

        # @return [Array] the thing or nil, and what is wrong: fields with sentences
        def thing(said, known)
          faults = colour_faults(said[:colour])
          style = Inputs.collect(Style::INPUTS, style(said, known), [], wrong = [])
          particulars = particulars_of(said, known, wrong)
          faults.concat(wrong.map { |fault| [fault.path.first.to_sym, fault.told(@units)] })
          return [nil, faults] if faults.any?

          own = { name: style[:name].strip, colour: style[:colour]&.downcase, box: one_box(said[:box]),
                  owner_home_id: owner_of(said[:owner], known) }
          [{ **style, **particulars, **Styles.lab(style[:colour]), **own }, []]
        end

        def owner_of(name, known)
          name ? owner(name) : known&.fetch(:owner_home_id)
        end

        # What lies in several boxes stays where it lies.
        def one_box(text)
          boxes = numbers(text) || []
          boxes.first if boxes.one?
        end

        def particulars_of(said, known, wrong)
          return {} unless Style::KINDS.include?(said[:kind])

          DeckBough::Stock::Particulars.check(said[:kind], particulars(said, known))
        rescue InputError => e
          wrong.concat(e.faults)
          {}
        end

        def colour_faults(colour)
          return [] if colour.nil? || colour.match?(/\A#\h{6}\z/)

          [[:colour, "“#{colour[0, 20]}” is not a colour. Write one such as #6b2e4f."]]
        end

        # "No" is an answer to what nobody asked, too.
        def not_asked(said)
          beside = DeckBough::Stock::Particulars::INPUTS - DeckBough::Stock::Particulars.asked(said[:kind])
          beside.reject { |input| said[input.name].nil? || said[input.name] == input.default }
                .map { |input| [input.name, "#{input.title} does not matter to this kind of thing. Leave it empty."] }
        end

        def own_faults(said)
          [(if said[:box] && numbers(said[:box]).nil?
              [:box, "“#{said[:box][0, 20]}” is no number of a box. Write one such as 14."]
            end),
           (if said[:owner] && owner(said[:owner]).nil?
              [:owner,
               "No home or client is called “#{said[:owner][0, 40]}”."]
            end)]
            .compact
        end

        def numbers(text)
          parts = text.to_s.split(SHEET::SEPARATOR.strip).map(&:strip)
          parts.map(&:to_i).sort if parts.any? && parts.all? { |part| part.match?(/\A[1-9]\d{0,4}(\.0)?\z/) }
        end

        def owner(name)
          @owners ||= rows(:homes).where(deleted_at: nil).select_map(%i[id name client])
                                  .each_with_object({}) do |(id, home, client), all|
            [client, home].compact.each { |said| all[said.downcase] = id }
          end
          @owners[name.to_s.strip.downcase]
        end

        # An empty cell of a new thing is not known; of one that is there it stays as it is.
        def style(said, known)
          base = known ? known.slice(*STYLE) : {}
          over(base, said.slice(*STYLE)).transform_keys(&:to_s)
        end

        def particulars(said, known)
          asked = DeckBough::Stock::Particulars.asked(said[:kind]).map(&:name)
          base = known ? known.slice(*asked) : {}
          days = base.slice(*DeckBough::Stock::Particulars::DAYS).compact.transform_values(&:iso8601)
          over(base.merge(days), said.slice(*asked)).transform_keys(&:to_s)
        end

        # What differs by the last bits only, as feet in a table do, is the same.
        def over(base, said)
          base.compact.merge(said.compact) do |_, known, given|
            given.is_a?(Numeric) && known.is_a?(Numeric) && (given - known).abs < LAST_BITS ? known : given
          end
        end

        def same?(thing, known)
          days = DeckBough::Stock::Particulars::DAYS.to_h { |day| [day, known[day]&.iso8601] }
          told = { **known, **days }
          thing.except(:box).all? { |field, value| told[field] == value } &&
            (thing[:box].nil? || known[:box] == [thing[:box]])
        end
      end
    end
  end
end
