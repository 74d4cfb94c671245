# frozen_string_literal: true

module DeckBough
  # The single figures the bench of swaps shows large, each with the sheet of its working.
  class SwapsFigures
    include FigureSheets

    # @return [Hash{String => Hash}]
    def sheets
      { "soft" => soft, "inserts" => inserts, "mats" => mats, "art" => art, "scent" => scent,
        "minutes" => work.sheet }.compact
    end

    # @return [Work]
    def work
      @work ||= SwapsWork.of(@reckoning)
    end

    private

    def entries
      mats = @reckoning.mats
      { soft: [@reckoning.swaps.sum(&:count), "pieces", "soft"],
        inserts: [@reckoning.inserts.values.sum, "inserts", "inserts"],
        mat_ends: mats && [mats[:long_m], "m", "mats"], mat_sides: mats && [mats[:wide_m], "m", "mats"],
        frames: [@reckoning.frames.size, "pictures", "art"], zones: [@reckoning.zones.size, "zones", "scent"],
        minutes: [work.minutes, "minutes", "minutes"] }
    end

    def soft
      each = @reckoning.swaps.map do |swap|
        step(@reckoning.named(swap).sub(/\A./, &:upcase), "#{long(swap.across_m)} × #{long(swap.high_m)}", "count",
             swap.count, "pieces")
      end
      WorkingSheet.of("Soft things that come in", [], @house, more: each)
    end

    def inserts
      each = @reckoning.cushions.map do |swap|
        step("#{@reckoning.named(swap).sub(/\A./, &:upcase)}: insert beyond its cover",
             "#{long(swap.insert_m)} − #{long(swap.across_m)}", "by_m", swap.by_m, "m")
      end
      WorkingSheet.of("Inserts against covers", [], @house, constants: %w[swaps.insert_least swaps.insert_most],
                                                            more: each)
    end

    def mats
      mats = @reckoning.mats or return nil
      said = @reckoning.settings[:soft]
      ends = "(#{long(said[:lower_long_m])} − #{long(said[:upper_long_m])}) ÷ 2"
      sides = "(#{long(said[:lower_wide_m])} − #{long(said[:upper_wide_m])}) ÷ 2"
      WorkingSheet.of("One mat round the other", [], @house,
                      constants: %w[swaps.mat_least swaps.mat_most],
                      more: [step("It shows at each end", ends, "long_m", mats[:long_m], "m"),
                             step("It shows at each side", sides, "wide_m", mats[:wide_m], "m")])
    end

    def art
      each = @reckoning.frames.flat_map do |frame|
        name = @reckoning.framed(frame).sub(/\A./, &:upcase)
        said = frame.said
        [step("#{name}: paper beyond its opening, across", "#{long(said[:paper_wide_m])} − #{long(said[:wide_m])}",
              "wide_m", frame.spare_wide_m, "m"),
         step("#{name}: paper beyond its opening, up", "#{long(said[:paper_high_m])} − #{long(said[:high_m])}",
              "high_m", frame.spare_high_m, "m")]
      end
      WorkingSheet.of("Paper in its frame", [], @house, more: each)
    end

    def scent
      each = @reckoning.zones.map do |zone|
        step(zone.name.sub(/\A./, &:upcase), "scented of #{zone.scents.size}", "scented", zone.scented, "scents")
      end
      WorkingSheet.of("What is smelt where", [], @house, more: each)
    end
  end
end
