# frozen_string_literal: true

module DeckBough
  module Logbook
    # What run sheets tell of ribbon: how much of it was really used for what was laid.
    #
    #   Logbook::RibbonUsed.told([], {}) # => []
    #
    # Source: handbook 90, Log (ribbon by billow); Run sheet (ribbon used).
    module RibbonUsed
      # rule: of its billow; base: metres laid as if it lay flat; styles: which ribbons it is of.
      Laid = Struct.new(:rule, :base, :styles, keyword_init: true)
      Told = Struct.new(:piece, :visit, :took, :parts, :by, keyword_init: true)

      # The step it is laid in; the same ribbon may be the crown's bow.
      STEP = "ribbon"

      module_function

      # @param acts [Array<Days::Act>] of a home, those that stand, as they came to pass
      # @param laid [Hash{String => Laid}] by piece, of those whose ribbon is on
      # @return [Array<Told>] took in metres
      def told(acts, laid)
        of_pieces = acts.select(&:used?).group_by { |act| act.step.split("/").first }
        laid.filter_map do |piece, ribbon|
          own = of_pieces.fetch(piece, []).select { |act| laid?(act) && ribbon.styles.include?(act.turn) }
          took = own.sum { |act| act.quantity || 0 }
          next unless took.positive? && ribbon.base.positive?

          Told.new(piece: piece, visit: own.last.visit, took: took, by: own.map(&:by).uniq.sort,
                   parts: [Part.new(rule: ribbon.rule, base: ribbon.base)])
        end
      end

      def laid?(act)
        act.step.split("/")[1] == STEP
      end
      private_class_method :laid?
    end
  end
end
