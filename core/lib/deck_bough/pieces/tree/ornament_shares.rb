# frozen_string_literal: true

module DeckBough
  # How many of each chosen style: by the foot the same of each; otherwise each size class gets its share of the total,
  # and the styles of a class share that evenly.
  #   OrnamentShares.new(total: 40, mix: answer, styles: [glass, velvet], house: house).counts
  #   # => { "glass" => 22, "velvet" => 18 }
  #
  # Keepsakes hang each once, as many as there are; the others share the rest. A class without a style
  # gives its share to the classes that have one. The counts always sum to the total.
  class OrnamentShares
    # @param wary [Boolean] breakables are kept few, where others can hang instead
    def initialize(total:, mix:, styles:, house:, even: false, wary: false)
      @total = total
      @mix = mix
      @styles = styles
      @house = house
      @even = even
      @wary = wary
    end

    # @return [Hash{String => Integer}] by style id, in the order of the styles
    def counts
      kept = keepsakes
      rest = @total - kept.values.sum
      shared = sharing.empty? ? {} : sharing.map(&:id).zip(LargestRemainder.share(rest, weights)).to_h
      @styles.to_h { |style| [style.id, kept.fetch(style.id) { shared.fetch(style.id) }] }
    end

    # Size classes the mix wants and no chosen style has.
    def missing
      return [] if @even || sharing.empty?

      Rules::Ornaments::Mix::SIZES.select { |size| @mix[size].positive? && by_size[size].nil? }
    end

    def size_of(style)
      Rules::Ornaments::Mix.size_of(style.diameter_mm || 0, @house)
    end

    private

    def sharing
      @sharing ||= @styles.reject(&:keepsake)
    end

    def keepsakes
      left = @total
      @styles.select(&:keepsake).to_h do |style|
        count = [style.on_hand.to_i, left].min
        left -= count
        [style.id, count]
      end
    end

    def by_size
      @by_size ||= sharing.group_by { |style| size_of(style) }
    end

    def weights
      wanted = sharing.map { |style| @mix[size_of(style)].fdiv(by_size.fetch(size_of(style)).size) }
      weights = @even || wanted.sum.zero? ? sharing.map { 1 } : wanted
      return weights unless @wary && sharing.any? { |style| !style.breakable }

      few = @house["ornaments.wary_share"]
      weights.zip(sharing).map { |weight, style| style.breakable ? weight * few : weight }
    end
  end
end
