# frozen_string_literal: true

module DeckBough
  # The lengths a tree's ribbon is cut to: few of them, each rounded up to what a person reads off a tape, so that one
  # cuts by the class and not by the piece.
  #
  # Tucked pieces vary by a fifth, in four classes, so that they look natural. Ledger, figures and cut plan all read
  # here. Part of TreeReckoning. Source: handbook 40, Tucked loops, Cut plan.
  module RibbonCuts
    CLASSES = [0.8, 0.93, 1.07, 1.2].freeze
    # Less than this over a step is the same length.
    HAIR = 1e-9

    # A length rounded up to the step one cuts by; by whole inches where trees are sold by the foot.
    def cut_length(metres)
      step = house["ribbon.cut_step"]
      step = [(step / Length::INCH).round, 1].max * Length::INCH if region.tree_sizes == "ft"
      ((metres / step) - HAIR).ceil * step
    end

    # @return [Array<Float>] so many parts of a mean length, as they are cut; the shorter classes first in each round
    def cut_lengths(count, each_m)
      return Array.new(count, cut_length(each_m)) unless settings[:ribbon][:method] == "tuck"

      lengths = CLASSES.map { |share| cut_length(each_m * share) }
      Array.new(count) { |i| lengths[i % lengths.size] }
    end

    # What one part takes on average when it is cut.
    def mean_cut(each_m)
      cut_lengths(CLASSES.size, each_m).sum / CLASSES.size
    end

    # @return [Hash{String => Array<Float>}] what the crown takes, by what it is for
    def crown_cuts
      bow = crown_bow
      strips = bow && (bow.rule == "ribbon.two_part_bow" ? [bow[:tails_strip_m], bow[:ears_strip_m]] : [bow[:length_m]])
      said = settings[:crown]
      streamers = said[:topper] == "none" ? 0 : said[:streamers]
      { "bow" => (strips || []).map { |length| cut_length(length) },
        "streamer" => Array.new(streamers, cut_length(said[:streamer_m])) }.reject { |_, lengths| lengths.empty? }
    end

    # @return [Array<Array(Style or nil, Array<Float>)>] each ribbon of the body with its cuts
    def body_cuts
      ribbon ? ribbon_shares.cuts : []
    end

    # @return [Array<Float>] tucks that fill what absent ornaments leave, and those mended by hand
    def fill_cuts
      count = hanging.fill_count("ribbon")
      count.zero? ? [] : Array.new(count, cut_length(tuck_piece[:piece_m]))
    end
  end
end
