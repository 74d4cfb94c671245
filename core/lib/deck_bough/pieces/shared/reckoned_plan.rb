# frozen_string_literal: true

module DeckBough
  # A plan put together from the parts of its kind: settings are checked, everything is reckoned once, and figures,
  # ledger, cautions and drawing are read off it.
  #
  # Part of a plan that names its STEPS, and gives `chosen?`, `extent` and, privately, `parts` (kind, settings,
  # reckoning, figures, ledger, cautions, drawing, portrait), `assumed`, and `bare`: what is drawn unmeasured.
  module ReckonedPlan
    include Planned

    # @raise [InputError] on settings that cannot be
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric")
      @settings = part(:settings).check(settings)
      @house = house
      @reckoning = part(:reckoning).new(settings: @settings, surroundings: surroundings,
                                        styles: styles.to_h { |style| [style.id, style] }, house: house, units: units)
    end

    # All but the workings.
    def reckoned
      return envelope(chosen: false, drawing: bare) unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger, cautions: cautions, tasks: figures.work.tasks,
               drawing: part(:drawing).new(@reckoning).call)
    end

    private

    def drawn
      part(:portrait).of(@reckoning)
    end

    def make_room(lifted)
      lifted.empty? ? [] : [PaperTable.of("Make room", lifted, what: "lifts off", to: "goes to")]
    end

    def part(name)
      parts.fetch(name)
    end

    def kind
      part(:kind)
    end

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: self.class::STEPS, sheets: nil, assumed: assumed, **told)
    end

    # Nothing is put on by a press where it is the hand's.
    def dressed_with(_style, _pieces)
      nil
    end

    def cautions
      @cautions ||= part(:cautions).new(@reckoning).call
    end

    def ledger
      @ledger ||= part(:ledger).new(@reckoning)
    end

    def figures
      @figures ||= part(:figures).new(@reckoning)
    end
  end
end
