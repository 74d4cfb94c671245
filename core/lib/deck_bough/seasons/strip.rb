# frozen_string_literal: true

module DeckBough
  module Seasons
    # What of a piece says holiday and goes after the day, and what is winter and stays.
    #
    #   Seasons::Strip.new({ kind: "garland" }, piece: "run").verdict.why # => "greens"
    #
    # The person has the last word, then its tag. Otherwise words, figures and red with green go; greens, cones,
    # candles, white lights, the drink corner, what holds things and some cushions stay; what is on a tree goes with
    # it, and what fastens something stays as long as that.
    # Source: handbook 90, After the day.
    class Strip
      Verdict = Struct.new(:stays, :why)

      STAYS = %w[tagged greens cones candles white_lights drink_corner holds cushions fastens].freeze
      REST = "rest"
      GOES = ["tree", "keepsake", "figures", "red", REST].freeze
      FIXING = "fixing"
      # Both ways.
      SAID = "said"
      WHYS = [SAID, *STAYS, *GOES].freeze

      # What is put up beyond the day, by its tag.
      LONGER = %w[winter all_year].freeze
      FIGURES = %w[figure star stocking house bow].freeze
      HOLDS = %w[vessel bowl basket block tray].freeze
      GREENS = %w[garland stem wreath].freeze
      # Degrees about the axis of red, and how far from grey a colour is to be one.
      RED = (8.0..40.0)
      COLOURED = 30
      # As light as a white is.
      LIGHT = 70
      private_constant :FIXING, :LONGER, :FIGURES, :HOLDS, :GREENS, :RED, :COLOURED, :LIGHT

      # What of a whole piece goes and stays.
      #
      # @param things [Array<Hash>] as new takes each
      # @param said [Array<Boolean, nil>] what the person said of each
      # @return [Array<Verdict>]
      def self.of_piece(things, piece:, said:)
        verdicts = things.zip(said).map { |thing, one| new(thing, piece: piece, said: one).verdict }
        holds = things.zip(verdicts).any? { |thing, verdict| verdict.stays && thing[:kind] != FIXING }
        things.zip(verdicts).map do |thing, verdict|
          fastens = holds && thing[:kind] == FIXING && verdict.why == REST
          fastens ? Verdict.new(true, "fastens") : verdict
        end
      end

      # @param thing [Hash] kind, colour ("#rrggbb" or nil), texture, material, shape, season, keepsake
      # @param piece [String] the kind of the piece it is on
      # @param said [Boolean, nil] what the person said of it on this piece
      def initialize(thing, piece:, said: nil)
        @thing = thing
        @piece = piece
        @said = said
      end

      # @return [Verdict]
      def verdict
        return Verdict.new(@said, SAID) unless @said.nil?

        why = reasons.find { |reason| send(:"#{reason}?") } || REST
        Verdict.new(STAYS.include?(why), why)
      end

      private

      # In the order in which they count.
      def reasons
        %w[keepsake tagged tree figures red greens cones candles white_lights drink_corner cushions holds]
      end

      def tagged?
        LONGER.include?(@thing[:season])
      end

      def tree?
        @piece == "tree"
      end

      def keepsake?
        @thing[:keepsake]
      end

      def figures?
        FIGURES.include?(@thing[:shape]) || @thing[:kind] == "ribbon"
      end

      def red?
        return false unless lab && lab.chroma > COLOURED

        RED.cover?(Math.atan2(lab.b, lab.a) * 180 / Math::PI)
      end

      def greens?
        GREENS.include?(@thing[:kind])
      end

      def cones?
        [@thing[:texture], @thing[:material]].include?("cone")
      end

      def candles?
        %w[candle lantern].include?(@thing[:shape])
      end

      def white_lights?
        @thing[:kind] == "light" && (lab.nil? || lab.lightness > LIGHT)
      end

      def drink_corner?
        @piece == "drinks"
      end

      def cushions?
        @thing[:shape] == "cloth"
      end

      def holds?
        HOLDS.include?(@thing[:shape])
      end

      def lab
        @lab ||= @thing[:colour] && Lab.of(@thing[:colour])
      end
    end
  end
end
