# frozen_string_literal: true

module DeckBough
  # The settings of what is swapped in a room: one document with a schema version, declared here and nowhere else.
  #
  #   SwapsSettings.check({})["soft"]  # every group with its defaults
  #
  # Lengths are metres. A size of nil is the usual one of what it is; an insert of nil is as large as its cover.
  module SwapsSettings
    SCHEMA = 1
    SOFT = %w[cushion throw heated_throw towel mat].freeze
    SCENTS = %w[sticks diffuser candle flameless simmering].freeze
    LOOKS = %w[sat edges labels].freeze
    MOST_SOFT = 30
    MOST_FRAMES = 20
    MOST_SCENTS = 16

    SWAP = [
      Input.choice(:what, "What it is", SOFT, default: "cushion"), Input.text(:seat, "Where", 0..40, default: ""),
      Input.style(:style, "Comes in", default: nil), Input.text(:from, "From where", 0..60, default: ""),
      Input.text(:out, "Goes out", 0..60, default: ""), Input.text(:stored, "Stored where", 0..60, default: ""),
      Input.whole(:count, "How many", "pieces", 1..12, default: 1, why: "Something comes in."),
      Input.number(:across_m, "Wide", "m", 0.1..3, default: nil, default_says: "by what it is",
                                                   why: "It has a width."),
      Input.number(:high_m, "High", "m", 0.1..3, default: nil, default_says: "by what it is", why: "It has a height."),
      Input.number(:insert_m, "Its insert, wide", "m", 0.1..1.2, default: nil, default_says: "as its cover",
                                                                 why: "An insert has a width."),
      Input.flag(:insert_there, "The insert is there", default: true),
      Input.text(:colour, "Its colour", 7..7, default: nil)
    ].freeze
    FRAME = [
      Input.text(:name, "Which picture", 0..40, default: ""),
      Input.number(:wide_m, "Opening, wide", "m", 0.03..2, default: 0.2, why: "A frame has an opening."),
      Input.number(:high_m, "Opening, high", "m", 0.03..2, default: 0.29, why: "A frame has an opening."),
      Input.number(:paper_wide_m, "Paper, wide", "m", 0.03..2, default: 0.21, why: "Paper has a width."),
      Input.number(:paper_high_m, "Paper, high", "m", 0.03..2, default: 0.297, why: "Paper has a height."),
      Input.text(:out, "Goes out", 0..60, default: ""), Input.text(:stored, "Stored where", 0..60, default: ""),
      Input.text(:colour, "Its colour", 7..7, default: nil), Input.flag(:printed, "Printed", default: false),
      Input.flag(:tried, "Ink and paper checked", default: false)
    ].freeze
    SCENT = [Input.text(:zone, "Where", 0..40, default: ""), Input.choice(:kind, "What", SCENTS, default: "diffuser"),
             Input.flag(:scented, "Scented", default: true)].freeze

    GROUPS = {
      soft: [
        Input.list(:swaps, "Soft things", SWAP, 0..MOST_SOFT, default: [].freeze),
        Input.text(:guests, "When guests sit, cushions go to", 0..60, default: ""),
        Input.number(:upper_long_m, "Upper mat, long", "m", 0.2..4, default: nil, why: "A mat has a size."),
        Input.number(:upper_wide_m, "Upper mat, wide", "m", 0.2..4, default: nil, why: "A mat has a size."),
        Input.number(:lower_long_m, "Lower mat, long", "m", 0.2..4, default: nil, why: "A mat has a size."),
        Input.number(:lower_wide_m, "Lower mat, wide", "m", 0.2..4, default: nil, why: "A mat has a size.")
      ],
      art: [Input.list(:frames, "Pictures", FRAME, 0..MOST_FRAMES, default: [].freeze)],
      scent: [Input.list(:scents, "Scents", SCENT, 0..MOST_SCENTS, default: [].freeze)],
      step_back: [Input.list(:looked, "Looked at", Input.choice(:look, "Look", LOOKS), 0..3, default: [].freeze)]
    }.freeze
    MATS = %i[upper_long_m upper_wide_m lower_long_m lower_wide_m].freeze

    module_function

    # @param document [Hash] groups by name; what is left out takes its default
    # @return [CheckedSettings]
    # @raise [InputError] every fault at once, paths starting at the group
    def check(document)
      Inputs.groups(GROUPS, document) do |settings, faults|
        colours(settings[:soft][:swaps], %w[soft swaps], faults)
        colours(settings[:art][:frames], %w[art frames], faults)
      end
    end

    def colours(entries, path, faults)
      entries.each_with_index do |one, i|
        WreathSettings.colour_fault(one[:colour], [*path, i, "colour"], faults)
      end
    end

    private_class_method :colours
  end
end
