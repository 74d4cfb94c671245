# frozen_string_literal: true

module DeckBough
  # The order in which a run is built up, as told on the run sheet: anchors, base, second bodies, trail, rise, lights,
  # accents, ribbon, step back. Source: handbook 50, Layer order; lights may come before the stems: a school.
  class RunLayers
    BEFORE = %w[measure anchors body lights rise_and_trail accents ribbon mantel step_back].freeze
    AFTER = %w[measure anchors body rise_and_trail lights accents ribbon mantel step_back].freeze
    ON_A_SHELF = %w[mantel ledge].freeze

    # @param settings [Hash] from RunSettings.check
    # @param lights ["before", "after"] the studio's school, where the run does not say otherwise
    # @return [Array<String>] steps of the bench in this run's order
    def self.steps(settings, lights: "after")
      steps = (settings[:lights][:goes] || lights) == "before" ? BEFORE : AFTER
      ON_A_SHELF.include?(settings[:survey][:kind]) ? steps : steps - ["mantel"]
    end

    def initialize(reckoning, lights: "after")
      @reckoning = reckoning
      @lights = lights
    end

    # @return [Array<Hash>] step, title, says (what and how much), places_m [along the run]
    def call
      told = { "anchors" => anchors, "body" => bodies, "rise_and_trail" => trails + rises, "lights" => lights,
               "accents" => accents, "ribbon" => ribbon, "mantel" => standing,
               "step_back" => [line("step_back", "Fluff and step back", "from the door, by day and at dusk")] }
      RunLayers.steps(@reckoning.settings, lights: @lights).flat_map { |step| told.fetch(step, []) }
    end

    private

    def line(step, title, says, places = [])
      { step: step, title: title, says: says, places_m: places }
    end

    def print(metres)
      Length.print(metres, @reckoning.units)
    end

    def anchors
      return [] unless @reckoning.held?

      count = @reckoning.anchors.sum { |anchor| anchor[:fixings] }
      [line("anchors", "Anchors", "#{count} × #{@reckoning.fixing.title.downcase}",
            @reckoning.anchors.map { |anchor| anchor[:at_m] })]
    end

    def bodies
      @reckoning.bodies.each_with_index.map do |body, i|
        passes = body.passes > 1 ? ", #{body.passes} times over" : ""
        line("body", i.zero? ? "Base" : "Second body",
             "#{pieces(body)}, from #{print(body.from_m)} to #{print(body.to_m)}#{passes}#{cut(body)}",
             [body.from_m, body.to_m])
      end
    end

    def pieces(body)
      whole = body.counts.select { |_, count| count.positive? }
      return body.style.name if whole.empty?

      whole.map { |id, count| "#{count} × #{@reckoning.garland(id).name}" }.join(" and ")
    end

    # A garland is cut at a stem joint; what is cut off goes back to stock with what it belongs to.
    def cut(body)
      return ", from what was cut off" if body.from_offcut

      off = Greenery::Offcut.of(body.surplus_m, @reckoning.house["garland.joint"])
      off.positive? ? "; cut off #{print(off)} at a stem joint" : ""
    end

    def stems(chosen, title)
      chosen.map do |stems|
        line("rise_and_trail", title, "#{stems.places.size} × #{stems.style.name}", stems.places)
      end
    end

    def trails
      stems(@reckoning.stems.select { |stems| stems.stem.trail_m > stems.stem.rise_m }, "Trail")
    end

    def rises
      stems(@reckoning.stems.reject { |stems| stems.stem.trail_m > stems.stem.rise_m }, "Rise and texture")
    end

    def lights
      answer = @reckoning.lights or return []
      [line("lights", "Lights",
            "#{answer[:strings]} × #{@reckoning.string_style&.name || "#{@reckoning.bulbs_per_string} a string"}, " \
            "plug end #{plug}")]
    end

    # The plug comes out at the end that is nearer to the socket.
    def plug
      socket = @reckoning.survey[:socket_m]
      return "at the socket" unless socket

      from, to = @reckoning.path.main.map { |place| @reckoning.path.at(place).first }
      (socket - from).abs <= (socket - to).abs ? "at the left" : "at the right"
    end

    def accents
      @reckoning.accents.map { |style, count| line("accents", "Accents", "#{count} × #{style.name}") }
    end

    def ribbon
      count, each_m, says = @reckoning.ribbon_parts
      count.zero? ? [] : [line("ribbon", "Ribbon", "#{says}: #{count} × #{print(each_m)}")]
    end

    def standing
      things = @reckoning.settings[:mantel][:things].map do |thing|
        line("mantel", thing[:name], "at #{print(thing[:at_m])}", [thing[:at_m]])
      end
      stockings = @reckoning.stockings
      if stockings
        [*things,
         line("mantel", "Stockings", "#{stockings[:centres_m].size}, #{print(stockings[:gap_m])} between",
              stockings[:centres_m])]
      else
        things
      end
    end
  end
end
