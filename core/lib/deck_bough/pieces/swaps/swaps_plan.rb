# frozen_string_literal: true

module DeckBough
  # Swaps planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = SwapsPlan.new(settings: { "soft" => { "swaps" => [{ "count" => 4 }] } }, surroundings: place,
  #                        styles: []).call
  #   plan[:figures][:soft][:value] # => 4
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes. Deterministic. What is swapped lies all over a
  # room: it is seen nowhere as one thing, and stands at no wall.
  # @raise [InputError] on settings that cannot be
  class SwapsPlan
    include ReckonedPlan

    STEPS = %w[soft art scent step_back].freeze

    # Something comes in, hangs or smells.
    def chosen?
      !@reckoning.empty?
    end

    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: nil, seen: 1.0)
    end

    def extent
      nil
    end

    def outline
      nil
    end

    # Nothing of it is lit that could be put out.
    def quieter
      []
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      drawn = reckoned[:drawing]
      soft = [*drawn[:seats].flat_map { |seat| seat[:cushions] }, *drawn[:soft]].sort_by { |one| one[:number] }
      pictures = @settings[:art][:frames].each_with_index.map { |said, i| said.merge(drawn[:frames][i].slice(:name)) }
      [PaperTable.of("Soft things", soft, where: "where", out: "goes out", stored: "stored", count: "in",
                                          name: "what comes in", from: "from"),
       PaperTable.of("Pictures", pictures, name: "which", out: "goes out", stored: "stored",
                                           paper_wide_m: "paper, wide", paper_high_m: "paper, high")]
    end

    private

    def parts
      { kind: "swaps", settings: SwapsSettings, reckoning: SwapsReckoning, figures: SwapsFigures,
        ledger: SwapsLedger, cautions: SwapsCautions, drawing: SwapsDrawing, portrait: SwapsPortrait }
    end

    def looking
      { evenness: [looks(:looks_swaps, count: @reckoning.swaps.sum(&:count))] }
    end

    def bare
      { seats: [], soft: [], frames: [], zones: [] }
    end

    # What stands for what nobody said.
    def assumed
      { sizes: SwapsReckoning::USUAL.map { |what, (wide, high)| { what: what, across_m: wide, high_m: high } },
        colour: SwapsReckoning::COLOUR, paper: SwapsReckoning::PAPER }
    end
  end
end
