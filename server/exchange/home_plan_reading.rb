# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # Reads the text of a home plan and checks all of it, before anything is made.
      #
      #   HomePlanReading.new(text).document # => the document, or a Problem that names every fault with its line
      class HomePlanReading
        PARTS = %w[format version home styles rooms].freeze
        PIECE = %w[name kind place settings_schema settings].freeze

        def initialize(text)
          @text = text
          @faults = []
        end

        # @raise [Problem]
        def document
          @document = JSON.parse(@text, allow_duplicate_key: false)
          check
          raise Problem.invalid(told) unless @faults.empty?

          @document
        rescue JSON::ParserError => e
          line = e.message[/at line (\d+)/, 1].to_i
          raise Problem.invalid([{ pointer: "", code: "not_json", line: [line, 1].max, message: "Line #{[line, 1].max}: this is not JSON (#{e.message})." }])
        end

        private

        def told
          lines = JsonLines.new(@text)
          @faults.map do |fault|
            line = lines.line_of(fault.path)
            { pointer: fault.pointer, code: fault.code, line: line, message: "Line #{line}: #{fault.message}" }
          end
        end

        def fault(path, code, message)
          @faults << Fault.new(path: path, code: code, message: message)
        end

        def check
          return fault([], "not_a_plan", "This is not a home plan. It must be a JSON object with #{PARTS.join(', ')}.") unless @document.is_a?(Hash)
          return unless header?

          (@document.keys - PARTS).each { |name| fault([name], "unknown", "#{name} is not a part of a home plan. Known: #{PARTS.join(', ')}.") }
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

          fault(["version"], "version", "Version #{@document['version'].inspect} is not known here. Version #{HomePlan::VERSION} is; take the plan out again.")
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
          fault([*path, "key"], "missing", "key is missing. Give each entry a key of its own.") unless value.is_a?(String) && !value.empty?
          value
        end

        def room(room, path, style_keys)
          return fault(path, "not_an_object", "A room must be an object.") unless room.is_a?(Hash)

          places = list(room["places"], [*path, "places"])
          place_keys = places.each_with_index.map { |place, i| place.is_a?(Hash) ? key(place["key"], [*path, "places", i]) : nil }
          survey(room, places, path)
          list(room["pieces"], [*path, "pieces"]).each_with_index { |piece, i| piece(piece, [*path, "pieces", i], place_keys, style_keys) }
        end

        def survey(room, places, path)
          plain = places.map { |place| place.is_a?(Hash) ? place.except("key") : place }
          Survey.room(room.except("pieces").merge("places" => plain), path)
        rescue InputError => e
          @faults.concat(e.faults)
        end

        def piece(piece, path, place_keys, style_keys)
          return fault(path, "not_an_object", "A piece must be an object.") unless piece.is_a?(Hash)

          (piece.keys - PIECE).each { |name| fault([*path, name], "unknown", "#{name} is not a part of a piece. Known: #{PIECE.join(', ')}.") }
          Inputs.collect([Survey::NAME], piece.slice("name"), path, @faults)
          known = PieceSettings::KINDS.include?(piece["kind"])
          fault([*path, "kind"], "kind", "kind is #{piece['kind'].inspect}. Version 1 knows #{PieceSettings::KINDS.join(' and ')}.") unless known
          unless [nil, *place_keys].include?(piece["place"])
            fault([*path, "place"], "unknown", "place names #{piece['place'].inspect}, which is no place of this room.")
          end
          settings(PieceSettings.of(piece["kind"]), piece["settings"], [*path, "settings"], style_keys) if known
        end

        def settings(kind, document, path, style_keys)
          checked = kind.check(document)
          (kind.style_ids(checked) - style_keys).each do |id|
            fault(path, "unknown", "The settings name style #{id.inspect}, which the plan does not list under styles.")
          end
        rescue InputError => e
          @faults.concat(e.faults.map { |told| Fault.new(path: path + told.path, code: told.code, message: told.message) })
        end

        def list(value, path)
          return value if value.is_a?(Array)

          fault(path, "not_a_list", "#{path.last} must be a list.")
          []
        end
      end
    end
  end
end
