# frozen_string_literal: true

module DeckBough
  module Rules
    module Tree
      # The largest size that is ok under the ceiling and fits the floor.
      #
      #   Catalogue.answer("tree.best_size", { "ceiling_m" => 2.70, "spread_ratio" => 0.58 })[:height_m] # => 2.4
      #
      # `limit` is what bit when no size fits, else "none"; what stops the next size up is told as a finding.
      # A spread that branches can give (squeezed) fits. It does not look at proportion.
      class BestSize < Rule
        # As trees are sold; both lists reach as high.
        CATALOGUE_M = [0.6, 0.9, 1.2, 1.5, 1.8, 2.1, 2.25, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.2, 4.5, 5.4, 6.0].freeze
        CATALOGUE_FT = [2, 3, 4, 4.5, 5, 6, 6.5, 7, 7.5, 9, 10, 11, 12, 13, 14, 15, 18, 20].freeze

        declare id: "tree.best_size", title: "Best size for a place", handbook: "10 Fit",
                inputs: [
                  Given::CEILING, Given::RISER, Given::TOPPER_RISE,
                  Input.number(:spread_ratio, "Spread over height", "× height", 0.1..1.5,
                               why: "A tree needs a width to stand."),
                  Given::FREE_WIDTH, Given::FREE_DEPTH,
                  Input.list(:sizes_m, "Sizes", Input.number(:size_m, "Size", "m", 0.3..12), 1..60,
                             default: CATALOGUE_M)
                ],
                outputs: { height_m: "m", limit: "verdict" },
                constants: %w[tree.tip_gap tree.air_gap tree.give]

        # @param sold_in ["cm", "ft"] how trees are sold where the studio works
        def self.sizes_for(sold_in)
          sold_in == "ft" ? CATALOGUE_FT.map { |feet| (feet * Length::FOOT).round(4) } : CATALOGUE_M
        end

        # What stays free above the tip, or what a topper takes with its air.
        def self.kept_above(topper_rise_m, house)
          [house["tree.tip_gap"], topper_rise_m + house["tree.air_gap"]].max
        end

        def call
          { height_m: best, limit: best ? "none" : limit_of(smallest) }
        end

        def working(outputs)
          [between("Room for tree and topper: ceiling less riser, less the free gap or the topper with its air",
                   "#{long(given[:ceiling_m])} − #{long(given[:riser_m])} − #{long(kept_above)}", :tallest_m,
                   tallest, "m"),
           *floor_steps,
           step("The largest of #{sizes.map { |size| read_off(size) }.join(', ')} that goes in",
                best ? read_off(best) : "none",
                :height_m, outputs),
           step("What stops even the smallest", best ? "nothing" : read_off(smallest), :limit, outputs)]
        end

        def findings(outputs)
          return [nothing_fits] if outputs[:height_m].nil?

          following = sizes.find { |size| size > outputs[:height_m] }
          following ? [next_size(following)] : []
        end

        private

        def sizes
          @sizes ||= given[:sizes_m].sort
        end

        def smallest
          sizes.first
        end

        def best
          @best ||= sizes.reverse.find { |size| limit_of(size) == "none" }
        end

        def kept_above
          self.class.kept_above(given[:topper_rise_m], house)
        end

        def tallest
          given[:ceiling_m] - given[:riser_m] - kept_above
        end

        # The widest spread the floor takes, the branches giving.
        def widest
          room = [given[:free_width_m], given[:free_depth_m]].compact.min
          room && (room / (1 - house["tree.give"]))
        end

        def spread(size)
          size * given[:spread_ratio]
        end

        def limit_of(size)
          return "height" if size > tallest + Fit::HAIR

          widest && spread(size) > widest + Fit::HAIR ? "floor" : "none"
        end

        def over(size)
          limit_of(size) == "height" ? size - tallest : spread(size) - widest
        end

        def nothing_fits
          finding(:"nothing_fits_#{limit_of(smallest)}", over_m: over(smallest))
        end

        def next_size(size)
          finding(:"next_size_#{limit_of(size)}", size_m: size, over_m: over(size))
        end

        def floor_steps
          return [] unless widest

          room = [given[:free_width_m], given[:free_depth_m]].compact.min
          [between("Widest spread the floor takes, branches giving #{figure(house['tree.give'] * 100)} %",
                   "#{long(room)} ÷ #{figure(1 - house['tree.give'])}", :widest_m, widest, "m")]
        end
      end
    end
  end
end
