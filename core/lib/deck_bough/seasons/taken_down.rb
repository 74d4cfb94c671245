# frozen_string_literal: true

module DeckBough
  module Seasons
    # How much of what was dressed in a piece is undone after the day, step by step.
    #
    #   Seasons::TakenDown.shares([{ step: "picks", stays: true }, { step: "picks", stays: false }])["picks"] # => 0.5
    #
    # Source: handbook 90, Minutes (take down and pack); After the day.
    module TakenDown
      module_function

      # @param things [Array<Hash>] kinds of things: step (of the bench), stays
      # @return [Hash{String => Float}] by step; what no thing belongs to is undone as far as the piece as a whole, and
      #   all of a piece of which no thing is known
      def shares(things)
        Hash.new(share(things)).merge(things.group_by { |thing| thing[:step] }.transform_values { |all| share(all) })
      end

      # @param tasks [Array<Hash>] as Task#to_h tells them
      # @return [Float] of one person
      def minutes(tasks, shares, house:)
        tasks.sum { |task| task[:minutes] * shares[task[:step]] } * house["minutes.take_down"]
      end

      def share(things)
        things.empty? ? 1.0 : things.count { |thing| !thing[:stays] } / things.size.to_f
      end
    end
  end
end
