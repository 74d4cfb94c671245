# frozen_string_literal: true

module DeckBough
  # Which ribbon the parts of a tree's body are of: shared evenly, a scarce one as far as it goes, and what ran out
  # while the tree was dressed replaced by the others, or by one that was not planned.
  #
  #   reckoning.ribbon_shares.amounts
  #   # => [9, 9]
  #
  # Amounts are whole parts, such as tucked pieces; of one long run, metres.
  # Source: handbook 40, Scarce ribbon; 90, Run sheet.
  class RibbonShares
    # What one ribbon takes over from another.
    TakenOver = Struct.new(:style, :instead_of, :amount, keyword_init: true)

    def initialize(reckoning)
      @reckoning = reckoning
      @planned_styles = reckoning.ribbon_styles.uniq
      @parts, @each_m = reckoning.ribbon_parts
    end

    # @return [Array<Style, nil>] those chosen, then those that stand in for what ran out; nil where none is chosen
    def styles
      @styles ||= @planned_styles.empty? ? [nil] : (@planned_styles + stand_ins).uniq
    end

    # @return [Array<Numeric>] of each of the styles; less than there is to do when nothing is there to go on with
    def amounts
      @amounts ||= styles.zip(kept).map do |style, amount|
        amount + taken_over.select { |one| one.style == style }.sum(&:amount)
      end
    end

    # @return [Array<Array(Style or nil, Array<Float>)>] each ribbon with its cuts
    def cuts
      styles.zip(amounts.map { |amount| cut(amount) })
    end

    # @return [Integer] parts that have a ribbon
    def parts
      whole_run? ? 1 : amounts.sum
    end

    # @return [Numeric] what stays without one, in parts; metres of one long run
    def lacking
      return @parts - parts unless whole_run?

      left = @each_m - amounts.sum
      left > HAIR ? left : 0
    end

    def whole_run?
      @parts == 1
    end

    # @return [Array<Hash>] style, instead_of (styles), length_m as it is cut
    def stood_in
      left = styles.zip(amounts).to_h
      taken_over.reverse.map do |one|
        whole = cut(left[one.style]).sum
        left[one.style] -= one.amount
        { style: one.style, instead_of: one.instead_of, length_m: whole - cut(left[one.style]).sum }
      end.reverse
    end

    # Of the first ribbon what the crown takes goes off first, if the crown is of it.
    def scarce
      share_of(@planned_styles.first, @planned_styles.first.for_piece, @parts)
    end

    # Empty spots are filled with the ribbon there is most of: not with a scarce one, nor with one that ran out.
    def filling
      there = styles.reject { |style| gone?(style) }
      return @planned_styles.first if there.empty?

      scarce? ? there.last : there.first
    end

    HAIR = 1e-9
    private_constant :HAIR

    private

    def said
      @reckoning.settings[:ribbon]
    end

    def scarce?
      said[:share] == "scarce"
    end

    # The latest word on each ribbon that is on the tree.
    def ran_out
      @ran_out ||= said[:ran_out].to_h { |one| [one[:style], one] }
                                 .slice(*@planned_styles.map(&:id))
    end

    def gone?(style)
      ran_out.key?(style&.id)
    end

    def stand_ins
      ran_out.values.filter_map { |one| @reckoning.stand_in(one[:instead], "ribbon") }
    end

    def cut(amount)
      return @reckoning.cut_lengths(amount, @each_m) unless whole_run?

      amount > HAIR ? [@reckoning.cut_length(amount)] : []
    end

    def planned
      @planned ||= if whole_run? then styles.map { |style| own?(style) ? @each_m / [@planned_styles.size, 1].max : 0 }
                   else [*planned_parts, *Array.new(styles.size - [@planned_styles.size, 1].max, 0)]
                   end
    end

    def own?(style)
      style.nil? || @planned_styles.include?(style)
    end

    def planned_parts
      count = [@planned_styles.size, 1].max
      return LargestRemainder.share(@parts, Array.new(count, 1)) unless scarce? && count > 1

      first = scarce[:scarce_pieces]
      [first, *LargestRemainder.share(@parts - first, Array.new(count - 1, 1))]
    end

    def share_of(style, there_m, parts)
      @reckoning.ask("ribbon.share", on_hand_m: there_m, crown_m: crown_m(style),
                                     piece_m: @reckoning.mean_cut(@each_m), pieces: parts)
    end

    def crown_m(style)
      @reckoning.crown_style == style ? @reckoning.crown_m : 0
    end

    # What was planned of each, as far as it went.
    def kept
      @kept ||= styles.zip(planned).map { |style, amount| gone?(style) ? as_far(style, amount) : amount }
    end

    def as_far(style, amount)
      there = ran_out[style.id][:there_m]
      return share_of(style, there, amount)[:scarce_pieces] unless whole_run?

      (there - crown_m(style)).clamp(0, amount)
    end

    # The named one goes on with it; else all that are still there, each with as much.
    def taken_over
      @taken_over ||= ran_out.values.flat_map do |one|
        at = @planned_styles.index { |style| style.id == one[:style] }
        others = going_on(one)
        divided(planned[at] - kept[at], others.size).zip(others).filter_map do |amount, style|
          TakenOver.new(style: style, instead_of: @planned_styles[at], amount: amount) if amount.positive?
        end
      end
    end

    def divided(amount, count)
      return [] if count.zero?

      whole_run? ? Array.new(count, amount / count) : LargestRemainder.share(amount, Array.new(count, 1))
    end

    def going_on(one)
      named = @reckoning.stand_in(one[:instead], "ribbon")
      return [named] if named && !gone?(named)

      @planned_styles.reject { |style| gone?(style) }
    end
  end
end
