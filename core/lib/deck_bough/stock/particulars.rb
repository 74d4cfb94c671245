# frozen_string_literal: true

module DeckBough
  module Stock
    # What is known of a thing beyond what plans reckon with: when it is put up, whose it is, where it came from, in
    # which state it is. Each kind is asked only what matters to it.
    #
    #   Stock::Particulars.asked("ribbon").map(&:name).include?(:drape) # => true
    #   Stock::Particulars.asked("ribbon").map(&:name).include?(:riser_height_m) # => false
    #
    # Days are ISO texts. Source: handbook 80, Stock.
    module Particulars
      SEASONS = %w[holiday winter all_year].freeze
      ROLES = %w[base change].freeze
      CONDITIONS = %w[new good worn to_mend].freeze
      TAGS = %w[none may_go_back price_only].freeze
      DRAPES = %w[supple stiff mouldable].freeze
      # How a piece of decor is drawn where things are shown.
      SHAPES = %w[candle lantern vessel bowl basket cloth stocking block house figure bundle tray beads star bow
                  tree].freeze
      MOST_PARTS = 20

      INPUTS = [
        Input.choice(:season, "Season", SEASONS, default: "holiday"),
        Input.choice(:role, "Role", ROLES, default: nil),
        Input.choice(:condition, "Condition", CONDITIONS, default: "good"),
        Input.text(:finish, "Finish", 0..40, default: nil),
        Input.text(:bought_from, "Bought from", 0..80, default: nil),
        Input.text(:bought_on, "Bought on", 0..10, default: nil),
        Input.whole(:seasons_expected, "Seasons it should last", "seasons", 1..60, default: nil,
                                                                                   why: "It is put up once at least."),
        Input.whole(:spare_kept, "Kept in spare", "pieces", 0..10_000, default: nil),
        Input.choice(:tag, "Tags on", TAGS, default: "none"),
        Input.text(:decide_by, "Decide by", 0..10, default: nil),
        Input.text(:keepsake_of, "Keepsake of", 0..80, default: nil),
        Input.whole(:keepsake_year, "Keepsake of the year", "year", 1800..2199, default: nil),
        Input.text(:keepsake_from, "Keepsake from", 0..80, default: nil),
        Input.choice(:shape, "Drawn as", SHAPES, default: nil), Input.flag(:shedding, "Sheds", default: false),
        Input.choice(:drape, "Drape", DRAPES, default: nil),
        Input.number(:riser_height_m, "Riser, high", "m", 0.01..2, default: nil, why: "A riser lifts something."),
        Input.number(:riser_top_m, "Riser, top across", "m", 0.01..3, default: nil, why: "Something stands on it."),
        Input.text(:tested_on, "Tested on", 0..10, default: nil),
        Input.number(:dead_percent, "Dead bulbs", "%", 0..100, default: nil),
        Input.number(:litres, "Takes up, each", "litres", 0.001..2_000, default: nil, why: "It takes some room."),
        Input.list(:parts, "Parts", Input.text(:part, "Part", 1..80), 0..MOST_PARTS, default: [].freeze)
      ].freeze

      DAYS = %i[bought_on decide_by tested_on].freeze

      # What matters to some kinds only.
      SOME = {
        finish: %w[ornament ribbon pick decor fixing tree], drape: %w[ribbon garland stem decor],
        shedding: %w[garland stem wreath tree pick], shape: %w[decor],
        # A favourite: so many are there beyond what is wanted. Of ribbons nobody keeps pieces.
        spare_kept: %w[ornament light pick garland stem fixing wreath tree decor tool],
        riser_height_m: %w[decor], riser_top_m: %w[decor],
        tested_on: %w[light tree], dead_percent: %w[light tree], parts: %w[tree decor light wreath],
        keepsake_of: %w[ornament decor wreath tree], keepsake_year: %w[ornament decor wreath tree],
        keepsake_from: %w[ornament decor wreath tree]
      }.freeze

      module_function

      # @return [Array<Input>] what a kind is asked
      def asked(kind)
        INPUTS.select { |input| SOME.fetch(input.name, [kind]).include?(kind) }
      end

      # @param given [Hash] with string keys
      # @return [Hash{Symbol => Object}] complete: what does not matter to the kind stands at its default
      # @raise [InputError] every fault at once, days that are none among them
      def check(kind, given)
        faults = []
        values = Inputs.collect(asked(kind), given, [], faults)
        faults.concat(days(values)) if faults.empty?
        raise InputError, faults unless faults.empty?

        INPUTS.to_h { |input| [input.name, values.fetch(input.name, input.default)] }
      end

      def days(values)
        DAYS.filter_map do |name|
          text = values[name] or next
          Inputs.fault(:not_a_day, [name.to_s], title: title(name), given: text[0, 20]) unless CalendarDay.read(text)
        end + late(values)
      end

      def late(values)
        return [] unless values[:tag] == "may_go_back" && values[:decide_by].nil?

        [Inputs.fault(:decide_by_missing, %w[decide_by])]
      end

      def title(name)
        INPUTS.find { |input| input.name == name }.title
      end
      private_class_method :days, :late, :title
    end
  end
end
