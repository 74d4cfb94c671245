# frozen_string_literal: true

module DeckBough
  module Greenery
    # The outline wanted of a whole run: the chosen one along its main part, each drop thinning to its end.
    #
    # Source: handbook 50, Wanted outline ("with its drop to the floor as a further part that thins again").
    class RunOutline
      # @param said [Hash] the outline group of checked run settings
      def initialize(path, said)
        @path = path
        @low = said[:low_m]
        @from, @to = path.main
        @main = Outline.new(run_m: @to - @from, **said.slice(:shape, :low_m, :high_m, :side, :points))
      end

      def at(along_m)
        return @main.at(along_m - @from) if along_m.between?(@from, @to)

        joint, free = along_m < @from ? [@from, 0.0] : [@to, @path.length]
        whole = @main.at(joint - @from)
        part = (along_m - joint) / (free - joint)
        whole + ((thin(whole) - whole) * (part**2) * (3 - (2 * part)))
      end

      private

      # A drop never grows towards its end.
      def thin(whole)
        [@low, whole].min
      end
    end
  end
end
