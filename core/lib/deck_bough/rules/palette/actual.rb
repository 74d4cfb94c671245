# frozen_string_literal: true

module DeckBough
  module Rules
    module Palette
      # Which share of what is seen each colour of a palette really has, and how much of the ground is left.
      #
      #   Catalogue.answer("palette.actual", { "surface_m2" => 1.0, "seen" => 1.0, "palette" => [
      #     { "name" => "Plum", "colour" => "#6b2e4f", "share" => 0.5 }, { "name" => "Chalk", "colour" => "#ece8dd" }],
      #     "ornaments" => [{ "colour" => "#6b2e4f", "diameter_mm" => 80, "count" => 30 }] })[:shares].first
      #   # => { name: "Plum", seen: 1.0, wanted: 0.5 }
      #
      # Whatever is seen counts for the colour of the palette that is nearest to it, however far that is. Shares leave
      # the ground out; where nothing is hung, none has any.
      class Actual < Rule
        COLOURS = [Input.text(:name, "Name", 1..60), Input.colour(:colour, "Colour"),
                   Input.number(:share, "Share", "share", 0..1, default: nil)].freeze
        ORNAMENT = [Input.colour(:colour, "Colour"), Input.number(:diameter_mm, "Size", "mm", 1..2_000),
                    Input.number(:count, "Pieces", "pieces", 0..100_000)].freeze
        RIBBON = [Input.colour(:colour, "Colour"), Input.number(:width_m, "Width", "m", 0.001..2),
                  Input.number(:length_m, "Length", "m", 0..10_000)].freeze
        PICK = [Input.colour(:colour, "Colour"), Input.number(:area_m2, "Outline", "m2", 0..10_000),
                Input.number(:count, "Pieces", "pieces", 0..100_000)].freeze
        MOST = 200
        # Less than this nobody dresses.
        LEAST_M2 = 0.0001
        declare id: "palette.actual", title: "Colour really seen", handbook: "75 Colour really seen",
                inputs: [Input.number(:surface_m2, "Surface", "m2", LEAST_M2..10_000, why: "Something is dressed."),
                         Input.colour(:ground, "Colour of the greens", default: nil),
                         Input.number(:seen, "Of an ornament is seen", "share", 0.05..1, default: 0.6),
                         Input.list(:palette, "Palette", COLOURS, 1..40),
                         Input.list(:ornaments, "Ornaments", ORNAMENT, 0..MOST, default: [].freeze),
                         Input.list(:ribbons, "Ribbons", RIBBON, 0..MOST, default: [].freeze),
                         Input.list(:picks, "Picks", PICK, 0..MOST, default: [].freeze)],
                outputs: { shares: "colours", ground_share: "share", spread_l: "L*" },
                constants: %w[palette.ribbon_seen palette.flat]

        # What one ornament shows.
        def self.ornament_m2(diameter_mm, seen)
          Math::PI * ((diameter_mm / 1000.0)**2) / 4 * seen
        end

        # What one metre of a ribbon shows.
        def self.ribbon_m2(width_m, house)
          width_m * house["palette.ribbon_seen"]
        end

        def call
          { shares: shares, ground_share: ground_share, spread_l: spread }
        end

        def findings(outputs)
          return [] if areas.empty? || outputs[:spread_l] >= house["palette.flat"]

          [finding(:colours_flat)]
        end

        def working(outputs)
          [between("Seen of ornaments: disc × pieces × #{figure(given[:seen])}", pieces(ornaments), :ornaments_m2,
                   sum(ornaments), "m2"),
           between("Of ribbon: width × length × #{figure(house['palette.ribbon_seen'])}", pieces(ribbons), :ribbons_m2,
                   sum(ribbons), "m2"),
           between("Of picks: their outlines", pieces(picks), :picks_m2, sum(picks), "m2"),
           step("Left of the ground: (#{jotting.unit}² of surface − what is seen) ÷ surface, at least 0",
                "(#{long(given[:surface_m2], 2)} − #{long(seen_m2, 2)}) ÷ #{long(given[:surface_m2], 2)}",
                :ground_share, outputs),
           step("What each colour has of what is seen, each thing with the nearest of the palette",
                outputs[:shares].first(4).map { |one| "#{one[:name]} #{figure(one[:seen] * 100, 1)} %" }.join(", "),
                :shares, outputs),
           step("From the darkest to the lightest that is seen, L*",
                lights.minmax.map { |one| figure(one || 0) }.join(" to "), :spread_l, outputs)]
        end

        private

        # What is seen: colour and surface.
        def areas
          @areas ||= [*ornaments, *ribbons, *picks].reject { |_, area| area.zero? }
        end

        def ornaments
          given[:ornaments].map do |one|
            [one[:colour], self.class.ornament_m2(one[:diameter_mm], given[:seen]) * one[:count]]
          end
        end

        def ribbons
          given[:ribbons].map { |one| [one[:colour], self.class.ribbon_m2(one[:width_m], house) * one[:length_m]] }
        end

        def picks
          given[:picks].map { |one| [one[:colour], one[:area_m2] * one[:count].to_f] }
        end

        def seen_m2
          sum(areas)
        end

        def sum(parts)
          parts.sum(0.0) { |_, area| area }
        end

        def shares
          by_name = Hash.new(0.0)
          areas.each { |colour, area| by_name[nearest(colour)] += area }
          given[:palette].map do |one|
            { name: one[:name], seen: seen_m2.zero? ? 0.0 : by_name[one[:name]] / seen_m2, wanted: one[:share] }.compact
          end
        end

        # The distances to a palette are worth keeping: a tree has hundreds of things of a dozen colours.
        def nearest(colour)
          @nearest ||= {}
          @nearest[colour] ||= given[:palette].min_by.with_index do |one, i|
            [ColourDifference.between(lab(colour), lab(one[:colour])), i]
          end[:name]
        end

        def ground_share
          [1 - (seen_m2 / given[:surface_m2]), 0.0].max
        end

        # The ground is seen too, as long as some of it is left.
        def lights
          seen = areas.map { |colour, _| lab(colour).lightness }
          given[:ground] && ground_share.positive? ? [*seen, lab(given[:ground]).lightness] : seen
        end

        def spread
          darkest, lightest = lights.minmax
          darkest ? lightest - darkest : 0.0
        end

        def lab(colour)
          @labs ||= {}
          @labs[colour] ||= Lab.of(colour)
        end

        def pieces(parts)
          parts.empty? ? "none" : parts.first(4).map { |_, area| long(area, 2) }.join(" + ")
        end
      end
    end
  end
end
