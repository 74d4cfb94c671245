# frozen_string_literal: true

module DeckBough
  module Days
    # Hours somebody gives to one step only, at a time a person has chosen for it.
    #
    #   Days::Pinning.cut([[540, 720, "quay"]], [[600, 630, "pin"]])
    #   # => [[540, 600, "quay"], [600, 630, "pin"], [630, 720, "quay"]]
    #
    # Stretches are from, to and where, in minutes from the first day's midnight. Source: handbook 90, Schedule.
    module Pinning
      module_function

      # Whether she is there, at work and in that home, all the while.
      def holds?(hours, from, to, site)
        hours.any? { |begins, ends, where| begins <= from && to <= ends && where == site }
      end

      # @param fixed [Array<Array>] stretches of which each is one step's
      # @return [Array<Array>] what lies outside her hours is left out
      def cut(hours, fixed)
        fixed.reduce(hours) do |left, (from, to, site)|
          left.flat_map do |begins, ends, where|
            next [[begins, ends, where]] unless begins <= from && to <= ends

            [[begins, from, where], [from, to, site], [to, ends, where]].select { |one, other, _| one < other }
          end
        end
      end
    end
  end
end
