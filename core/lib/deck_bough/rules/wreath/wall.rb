# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # Several wreaths on one wall: where each hangs, from left and floor.
      #   Catalogue.answer("wreath.wall", { "wall_width_m" => 1.0, "wall_height_m" => 1.0, "diameters_m" => [0.3, 0.3],
      #     "arrangement" => "row" })[:left_out] # => []
      class Wall < Rule
        FURNITURE = [Input.number(:left_m, "From the left", "m", 0..30),
                     Input.number(:width_m, "Width", "m", 0.05..30, why: "Furniture has a width.")].freeze
        ANCHOR = [Input.number(:left_m, "From the left", "m", 0..30),
                  Input.number(:floor_m, "Above the floor", "m", 0..20)].freeze
        declare id: "wreath.wall", title: "Wreaths on a wall", handbook: "60 Sets and walls",
                inputs: [Input.number(:wall_width_m, "Wall, across", "m", 0.1..30, why: "A wall has a width."),
                         Input.number(:wall_height_m, "Wall, up", "m", 0.1..20, why: "A wall has a height."),
                         Input.list(:diameters_m, "Wreaths, across",
                                    Input.number(:diameter_m, "Across", "m", 0.02..5, why: "A ring has a size."),
                                    1..60),
                         Input.choice(:arrangement, "Arrangement", Wreaths::Arrangement::KINDS),
                         Input.number(:gap_m, "Between them", "m", 0..30, default: nil, default_says: "0.05"),
                         Input.number(:middle_height_m, "Middle of the group", "m", 0..20,
                                      default: nil, default_says: "the wall's middle"),
                         Input.object(:furniture, "Furniture below", FURNITURE, default: nil),
                         Input.list(:anchors, "Anchors there", ANCHOR, 0..200, default: [].freeze),
                         Input.number(:overlap, "Overlap", "share", 0..0.3, default: 0)],
                outputs: { centres: "list", left_out: "list" },
                constants: %w[wreath.wall_gap wreath.anchor_near wreath.seen_least]

        def call
          refuse_narrow_gap
          refuse_furniture
          { centres: centres, left_out: laid.left_out.map { |i| given[:diameters_m][i] } }
        end

        def findings(outputs)
          left = outputs[:left_out].size
          unused = given[:anchors].size - outputs[:centres].count { |centre| centre[:anchor] }
          [left_out(left, outputs[:centres].size),
           (finding(:wall_anchor_unused, count: unused, near_m: house["wreath.anchor_near"]) if unused.positive?),
           (finding(:wall_overlap_less, percent: (house["wreath.seen_least"] * 100).round) if less?)].compact
        end

        def working(outputs)
          [step("Centres about #{long(centre)} from the left, #{given[:arrangement].tr('_', ' ')}",
                "#{outputs[:centres].size} wreaths, #{overlapped? ? "lapped by #{figure(laid.overlap)}" : long(gap)} " \
                "between them", :centres, outputs),
           step("What would reach out of #{long(given[:wall_width_m])} × #{long(given[:wall_height_m])}",
                "#{given[:diameters_m].size} − #{outputs[:centres].size}", :left_out, outputs)]
        end

        private

        def gap
          given[:gap_m] || house["wreath.wall_gap"]
        end

        def overlapped?
          given[:overlap].positive?
        end

        def less?
          laid.overlap < given[:overlap]
        end

        def centre
          furniture = given[:furniture]
          furniture ? furniture[:left_m] + (furniture[:width_m] / 2.0) : given[:wall_width_m] / 2.0
        end

        def laid
          @laid ||= begin
            told = given.slice(:wall_width_m, :wall_height_m, :arrangement, :overlap, :middle_height_m)
            Wreaths::WallLayout.new(**told, gap_m: gap, centre_m: centre, seen_least: house["wreath.seen_least"])
                               .laid(given[:diameters_m])
          end
        end

        def centres
          free = given[:anchors].each_index.to_a
          laid.places.each_with_index.map do |(left, floor, diameter), i|
            anchor = anchor_at(left, floor, free)
            free.delete(anchor)
            { left_m: left, floor_m: floor, diameter_m: diameter, visible: laid.layering.seen[i],
              layer: laid.layering.layers[i], anchor: anchor }
          end
        end

        # The number of the nearest one that is still free.
        def anchor_at(left, floor, free)
          near = free.map do |i|
            [Math.hypot(given[:anchors][i][:left_m] - left, given[:anchors][i][:floor_m] - floor), i]
          end
          near.select { |away, _| away <= house["wreath.anchor_near"] + 1e-9 }.min&.last
        end

        def left_out(count, fits)
          return if count.zero?

          fits.zero? ? finding(:wall_none_fits, count: count) : finding(:wall_left_out, count: count, fits: fits)
        end

        def refuse_narrow_gap
          least = house["wreath.wall_gap"]
          return if overlapped? || given[:gap_m].nil? || given[:gap_m] >= least - 1e-9

          refuse(:gap_narrow, :gap_m, gap: read_off(given[:gap_m]), least: read_off(least))
        end

        def refuse_furniture
          furniture = given[:furniture]
          return if furniture.nil? || furniture[:left_m] + furniture[:width_m] <= given[:wall_width_m] + 1e-9

          refuse(:furniture_beyond, :furniture, wall: read_off(given[:wall_width_m]))
        end
      end
    end
  end
end
