# frozen_string_literal: true

module DeckBough
  # A drink corner planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = DrinksPlan.new(settings: { "place" => { "length_m" => 0.9 }, "jars" => { "jars" => [{}, {}] } },
  #                         surroundings: place, styles: []).call
  #   plan[:figures][:first_out][:value] # => 6.0
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes, what lasts days. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class DrinksPlan
    include ReckonedPlan

    STEPS = %w[place jars dress step_back].freeze

    def chosen?
      !@settings[:place][:length_m].nil?
    end

    # Of jars a look's colours are not told: what is in them is seen.
    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: nil, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      jars = reckoned[:drawing][:jars].map do |jar|
        jar.merge(allergens: jar[:allergens].map { |one| Messages.sentence("allergens", one, {}) }.join(", "))
      end
      [PaperTable.of("Every jar, from the left", jars, name: "in it", left_m: "from the left", lasts: "lasts, days",
                                                       refills: "refills", short: "lacks", allergens: "allergens"),
       *make_room(@reckoning.lifted)]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      @settings[:place][:length_m]
    end

    # Nothing of it is lit that could be put out.
    def quieter
      []
    end

    private

    def parts
      { kind: "drinks", settings: DrinksSettings, reckoning: DrinksReckoning, figures: DrinksFigures,
        ledger: DrinksLedger, cautions: DrinksCautions, drawing: DrinksDrawing, portrait: DrinksPortrait }
    end

    def looking
      { evenness: [looks(:looks_drinks, count: @reckoning.jars.size)] }
    end

    def lightness
      jars = @reckoning.jars
      colours = jars.map { |jar| Lightness.of(jar.style&.colour || DrinksReckoning::GLASS) }
      colours.empty? ? Lightness::UNKNOWN : colours.sum / colours.size
    end

    def stands
      area = @reckoning.jars.sum { |jar| jar.said[:across_m] * jar.said[:high_m] }.to_f
      { middle_m: extent / 2.0, area_m2: area, depth_m: @settings[:place][:depth_m], round: false, lit: false }
    end

    # Before it is measured.
    def bare
      { place: DrinksDrawing.place(@settings) }
    end

    # What stands for what nobody said.
    def assumed
      { colour: @settings[:place][:colour] || Groupings::Surface::WALL }
    end
  end
end
