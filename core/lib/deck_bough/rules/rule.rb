# frozen_string_literal: true

module DeckBough
  # Rules by chapter; each file below is one rule of the catalogue.
  module Rules
    # What every rule shares: a declaration, checked inputs, and an answer that carries its working.
    #
    # A rule declares itself and writes three pure methods over `given` (checked inputs) and `house` (constants):
    # `call` gives the outputs, `working` the arithmetic as steps, `findings` what is worth telling.
    class Rule
      Declaration = Struct.new(:id, :title, :handbook, :inputs, :outputs, :constants, keyword_init: true) do
        def initialize(constants: [], **)
          super
          freeze
        end
      end

      class << self
        attr_reader :declaration

        # @param outputs [Hash{Symbol => String}] name => unit
        # @param constants [Array<String>] keys of the house rules it uses
        def declare(**fields)
          @declaration = Declaration.new(**fields)
        end

        # @param given [Hash] inputs by name
        # @param units ["metric", "imperial"] how lengths are printed in findings
        # @return [Answer]
        # @raise [InputError] with every fault of the inputs
        def answer(given, house: HouseRules.default, units: "metric")
          inputs = Inputs.check(declaration.inputs, given)
          new(inputs, house, units).answer
        end

        # The list entry of the catalogue, JSON-ready.
        def to_h
          { rule: declaration.id, title: declaration.title, inputs: declaration.inputs.map(&:to_h),
            outputs: declaration.outputs.map { |name, unit| { name: name, unit: unit } },
            house_rules: declaration.constants, handbook: declaration.handbook }
        end
      end

      attr_reader :given, :house, :units

      def initialize(given, house, units)
        @given = given
        @house = HouseReading.new(house)
        @units = units
      end

      def answer
        outputs = call.freeze
        Answer.new(rule: self.class.declaration.id, inputs: given, outputs: outputs, findings: findings(outputs),
                   tells: -> { [working(outputs), house.read.uniq.freeze] })
      end

      def findings(_outputs)
        []
      end

      private

      def step(says, sum, name, outputs)
        WorkingStep.new(says: says, sum: sum, gives: name, value: outputs.fetch(name),
                        unit: self.class.declaration.outputs.fetch(name))
      end

      # A step on the way whose result is not an output.
      def between(says, sum, name, value, unit)
        WorkingStep.new(says: says, sum: sum, gives: name, value: value, unit: unit)
      end

      def finding(code, **values)
        Finding.of(code, units: units, **values)
      end

      def figure(number, digits = 3)
        Figure.print(number, digits)
      end

      # A number of a sum that is a length (power 1), a surface (2) or so many to a surface (-2), in the person's units.
      def long(number, power = 1)
        jotting.long(number, power)
      end

      # One that is a mass.
      def heavy(kilograms)
        jotting.heavy(kilograms)
      end

      def jotting
        @jotting ||= Jotting.new(units)
      end

      # A length in a sentence.
      def read_off(metres)
        Length.print(metres, units)
      end

      def refuse(code, input, **values)
        raise InputError,
              [Fault.new(path: [input.to_s], code: code.to_s, message: Messages.error("input_#{code}", values))]
      end

      def feet(metres)
        metres / Length::FOOT
      end
    end

    # House rules that remember which of them were read, so that a working shows just those behind its figure.
    class HouseReading
      attr_reader :read

      def initialize(house)
        @house = house
        @read = []
      end

      def [](key)
        @read << key
        @house[key]
      end
    end

    # Inputs that several rules take, declared once.
    module Given
      HEIGHT = Input.number(:height_m, "Height", "m", 0.3..12, why: "A tree is sold by its height.")
      SPREAD = Input.number(:spread_m, "Spread", "m", 0.1..8, why: "A tree needs a width to stand.")
      AREA = Input.number(:area_m2, "Visible surface", "m2", 0.01..300, why: "There must be a surface to dress.")
      SLANT = Input.number(:slant_m, "Slant", "m", 0.05..14, why: "The side of a tree has a length.")
      CEILING = Input.number(:ceiling_m, "Ceiling", "m", 0.5..20, why: "A room has a height.")
      RISER = Input.number(:riser_m, "Riser", "m", 0..3, default: 0)
      TOPPER_RISE = Input.number(:topper_rise_m, "Topper above the tip", "m", 0..2, default: 0)
      FREE_WIDTH = Input.number(:free_width_m, "Free width", "m", 0..50, default: nil)
      FREE_DEPTH = Input.number(:free_depth_m, "Free depth", "m", 0..50, default: nil)
      TAIL = Input.number(:tail_m, "Tail", "m", 0..10)
      RING = [Input.number(:outer_m, "Ring, across", "m", 0.02..5, why: "A ring has a size."),
              Input.number(:inner_m, "Opening, across", "m", 0..5)].freeze
      BILLOW = Input.choice(:billow, "Billow", %w[flat soft full])
    end
  end
end
