# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # Reads the text of a home plan and checks all of it, before anything is made.
      #
      #   HomePlanReading.new(text, "metric").document
      #   # => the document, or a Problem that names every fault with its line
      class HomePlanReading
        PARTS = %w[format version home styles rooms].freeze
        PIECE = %w[name kind place position settings_schema settings].freeze
        TOLD = 5

        # As many as a plan may bring at once.
        MOST = { "styles" => 1_000, "rooms" => 60, "pieces" => 60,
                 "anchors" => Store::Anchors::MOST_IN_ROOM,
                 **HomePlanViews::LISTS.transform_values(&:last) }.freeze
        ANCHOR_OF = Input.text(:piece, "Of the piece", 0..120, default: nil)

        # @param units ["metric", "imperial"] in which lengths are told
        def initialize(text, units)
          @text = text
          @units = units
          @faults = []
        end

        # @return [Hash] checked, settings brought up to the present schema of their kind
        # @raise [Problem]
        def document
          @document = JSON.parse(@text, allow_duplicate_key: false)
          check
          raise Problem.invalid(told) unless @faults.empty?

          @document
        rescue JSON::ParserError => e
          line = e.message[/at line (\d+)/, 1].to_i
          raise Problem.invalid(
            [{ pointer: "", code: "not_json", line: [line, 1].max,
               message: "Line #{[line, 1].max}: this is not JSON (#{e.message})." }]
          )
        end

        # A problem met while something of the document was made, told with its line.
        #
        # @param path [Array] of what was made
        # @return [Problem]
        def at(path, problem)
          return problem if problem.errors.empty?

          Problem.invalid(problem.errors.map do |error|
            whole = path + error[:pointer].split("/").drop(1).map { |part| part.match?(/\A\d+\z/) ? part.to_i : part }
            message = error[:fault] ? error[:fault].told(@units) : error[:message]
            { **error.except(:fault), pointer: "/#{whole.join('/')}", **lined(whole, message) }
          end)
        end

        private

        def told
          @faults.each_with_index.map do |fault, i|
            message = fault.told(@units)
            said = i <= Problem::MOST_ERRORS ? lined(fault.path, message) : { message: message }
            { pointer: fault.pointer, code: fault.code, **said }
          end
        end

        def lined(path, message)
          line = (@lines ||= JsonLines.new(@text)).line_of(path)
          { line: line, message: "Line #{line}: #{message}" }
        end

        def fault(path, code, message)
          @faults << Fault.new(path: path, code: code, message: message)
        end

        def check
          unless @document.is_a?(Hash)
            return fault([], "not_a_plan",
                         "This is not a home plan. It must be a JSON object with #{PARTS.join(', ')}.")
          end
          return unless header?

          unknown(@document.keys - PARTS, [], "a home plan", PARTS)
          home
          keys = styles
          list(@document["rooms"], ["rooms"]).each_with_index { |room, i| room(room, ["rooms", i], keys) }
        end

        def header?
          unless @document["format"] == HomePlan::FORMAT
            fault(["format"], "format", "This is not a home plan: format must be \"#{HomePlan::FORMAT}\".")
            return false
          end
          return true if @document["version"] == HomePlan::VERSION

          fault(["version"], "version",
                "Version #{@document['version'].inspect} is not known here. Version #{HomePlan::VERSION} is; take " \
                "the plan out again.")
          false
        end

        def home
          said = @document["home"]
          return fault(["home"], "missing", "home is missing. Give it as an object.") unless said.is_a?(Hash)

          Inputs.collect(Survey::HOME, said.except(*Store::Homes::DATES.map(&:to_s)), ["home"], @faults)
          Store::Homes::DATES.map(&:to_s).each { |name| date(said[name], ["home", name]) }
        end

        def date(value, path)
          return if value.nil?

          Date.iso8601(value.to_s)
        rescue Date::Error
          fault(path, "not_a_date", "#{path.last} is #{value.inspect}. Give a day such as 2026-11-28, or leave it out.")
        end

        # @return [Array<String>] the keys that pieces may name
        def styles
          list(@document["styles"], ["styles"]).each_with_index.filter_map do |style, i|
            path = ["styles", i]
            next fault(path, "not_an_object", "A style must be an object.") && nil unless style.is_a?(Hash)

            Inputs.collect(Style::INPUTS, style.except("key"), path, @faults)
            key(style["key"], path)
          end
        end

        def key(value, path)
          unless value.is_a?(String) && !value.empty?
            fault([*path, "key"], "missing", "key is missing. Give each entry a key of its own.")
          end
          value
        end

        def room(room, path, style_keys)
          return fault(path, "not_an_object", "A room must be an object.") unless room.is_a?(Hash)

          places = list(room["places"], [*path, "places"])
          place_keys = places.each_with_index.map do |place, i|
            place.is_a?(Hash) ? key(place["key"], [*path, "places", i]) : nil
          end
          survey(room, places, path)
          list(room["pieces"], [*path, "pieces"]).each_with_index do |piece, i|
            piece(piece, [*path, "pieces", i], place_keys, style_keys)
          end
          list(room.fetch("anchors", []), [*path, "anchors"]).each_with_index do |anchor, i|
            Inputs.collect([*StayingAnchor::INPUTS, ANCHOR_OF], anchor, [*path, "anchors", i], @faults)
          end
          HomePlanViews::LISTS.each do |name, (inputs, _)|
            list(room.fetch(name, []), [*path, name]).each_with_index do |one, i|
              Inputs.collect(inputs, one, [*path, name, i], @faults)
            end
          end
        end

        def survey(room, places, path)
          plain = places.map { |place| place.is_a?(Hash) ? place.except("key") : place }
          Survey.room(room.except("pieces", "anchors", *HomePlanViews::PARTS).merge("places" => plain), path)
        rescue InputError => e
          @faults.concat(e.faults)
        end

        def piece(piece, path, place_keys, style_keys)
          return fault(path, "not_an_object", "A piece must be an object.") unless piece.is_a?(Hash)

          unknown(piece.keys - PIECE, path, "a piece", PIECE)
          Inputs.collect([Survey::NAME], piece.slice("name"), path, @faults)
          known = Kinds::NAMES.include?(piece["kind"])
          unless known
            fault([*path, "kind"], "kind",
                  "kind is #{piece['kind'].inspect[0, 60]}. Known are #{Kinds::NAMES.join(', ')}.")
          end
          unless [nil, *place_keys].include?(piece["place"])
            fault([*path, "place"], "unknown",
                  "place names #{piece['place'].inspect[0, 60]}, which is no place of this room.")
          end
          position(piece["position"], [*path, "position"])
          settings(Kinds.of(piece["kind"]), piece, path, style_keys) if known
        end

        def position(said, path)
          Inputs.collect(Store::Positions::INPUTS, said, path, @faults) unless said.nil?
        end

        # Settings of an earlier schema are brought up to the present one; then they are checked like any a person
        # sends.
        def settings(kind, piece, path, style_keys)
          schema = piece.fetch("settings_schema", 1)
          unless schema.is_a?(Integer) && schema.between?(1, kind.schema)
            return fault([*path, "settings_schema"], "schema", unknown_schema(schema, kind))
          end

          piece["settings"] = kind.upgraded(piece["settings"], schema)
          checked = kind.check(piece["settings"])
          (kind.style_ids(checked) - style_keys).each do |id|
            fault([*path, "settings"], "unknown",
                  "The settings name style #{id.inspect}, which the plan does not list under styles.")
          end
        rescue InputError => e
          @faults.concat(
            e.faults.map do |told|
              Fault.new(path: [*path, "settings", *told.path], code: told.code, message: told.said, values: told.values)
            end
          )
        end

        def unknown_schema(schema, kind)
          "settings_schema is #{schema.inspect[0, 40]}. Known of a #{kind.noun} are 1 to #{kind.schema}; update Deck " \
            "Bough to read a newer plan."
        end

        # Many unknown names are one mistake: the first few are told.
        def unknown(names, path, what, known)
          names.first(TOLD).each do |name|
            fault([*path, name], "unknown", "#{name[0, 60]} is not a part of #{what}. Known: #{known.join(', ')}.")
          end
          return unless names.size > TOLD

          fault(path, "unknown", "And #{names.size - TOLD} more names are not parts of #{what}.")
        end

        def list(value, path)
          most = MOST.fetch(path.last.to_s, Survey::MOST_PLACES)
          return value if value.is_a?(Array) && value.size <= most

          fault(path, "not_a_list",
                value.is_a?(Array) ? "#{path.last} has #{value.size} entries. A plan brings up to " \
                  "#{most}." : "#{path.last} must be a list.")
          []
        end
      end
    end
  end
end
