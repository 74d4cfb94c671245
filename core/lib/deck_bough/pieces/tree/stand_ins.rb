# frozen_string_literal: true

module DeckBough
  # What hangs in the place of ornaments that are missing: as many as there are over of what was named for it.
  #
  #   StandIns.new([{ style: "slate", count: 4, instead: "moss" }], crossed: { "slate" => 4 }, over: { "moss" => 3 }).of
  #   # => { "slate" => { "moss" => 3 } }
  #
  # Source: handbook 30, Make do.
  class StandIns
    # @param said [Array<Hash>] style, count, instead
    # @param crossed [Hash{String => Integer}] how many of each style are missing
    # @param over [Hash{String => Integer}] how many of what is named there are beside what hangs of it anyway
    def initialize(said, crossed:, over:)
      @said = said.select { |one| one[:instead] && one[:instead] != one[:style] }
      @crossed = crossed
      @over = over
    end

    # @return [Hash{String => Hash{String => Integer}}] by what is missing: how many of what hang instead
    def of
      @of ||= begin
        left = @crossed.dup
        over = @over.dup
        @said.each_with_object({}) do |one, all|
          count = [one[:count], left.fetch(one[:style], 0), over.fetch(one[:instead], 0)].min
          next unless count.positive?

          left[one[:style]] -= count
          over[one[:instead]] -= count
          instead = all[one[:style]] ||= Hash.new(0)
          instead[one[:instead]] += count
        end
      end
    end

    # @return [Hash{String => Integer}] how many of each hang instead of something
    def by_style
      of.values.each_with_object(Hash.new(0)) { |each, sum| each.each { |style, count| sum[style] += count } }
    end

    # @return [Integer]
    def total
      by_style.values.sum
    end
  end
end
