# frozen_string_literal: true

module DeckBough
  module Looks
    # Colour really seen on a piece against the shares its look wants (handbook 75), with notes: what is short, what
    # will not show against the green, what is off the palette, whites and metals that do not agree. Never a ban.
    #
    #   Looks::Seen.new(ledger.lines, surface, palette, house).call[:shares].first[:seen]
    #
    # What hangs is what the ledger says, without spares: one count for the ledger, the map and this.
    class Seen
      SEEN = %w[ornament ribbon pick].freeze
      # So many are named in a note.
      NAMED = 3

      # @param lines [Array<LedgerLine>]
      # @param surface [Surface]
      # @param palette [Palette]
      def initialize(lines, surface, palette, house, units: "metric")
        @lines = lines.select { |line| line.style&.colour && line.need.positive? && SEEN.include?(line.kind) }
        @surface = surface
        @palette = palette
        @house = house
        @units = units
      end

      # @return [Hash] as Shares tells it, with things and notes; JSON-ready
      def call
        { **told, things: things.map(&:to_h), notes: notes.map(&:to_h) }
      end

      # @return [Answer] of palette.actual, for its working
      def answer
        @answer ||= Catalogue.answer("palette.actual", question, house: @house, units: @units)
      end

      def question
        { surface_m2: @surface.area_m2, ground: @surface.ground, seen: @surface.seen, palette: @palette.to_rule,
          ornaments: of("ornament") { |line| { diameter_mm: self.class.size(line.style), count: line.need } },
          ribbons: of("ribbon") { |line| { width_m: self.class.width(line.style, @house), length_m: line.need } },
          picks: of("pick") { |line| { area_m2: self.class.outline(line.style, @house), count: line.need } } }
      end

      # How large an ornament is, millimetres.
      def self.size(style)
        style.diameter_mm || HangingPlan::COMMON_MM
      end

      # How wide a ribbon is, metres.
      def self.width(style, house)
        style.width_mm ? style.width_mm / 1000.0 : house["ribbon.narrow"]
      end

      # What one pick covers, square metres: a disc as wide as it spreads.
      def self.outline(style, house)
        across = style.spread_m || (style.diameter_mm && (style.diameter_mm / 1000.0)) || house["palette.pick_across"]
        Math::PI * (across**2) / 4
      end

      # What one piece of a style, or one metre of a ribbon, shows.
      def self.area(style, seen, house)
        case style.kind
        when "ornament" then Rules::Palette::Actual.ornament_m2(size(style), seen)
        when "ribbon" then Rules::Palette::Actual.ribbon_m2(width(style, house), house)
        when "pick" then outline(style, house)
        end
      end

      # What is seen of each colour, in square metres.
      #
      # @return [Hash{String => Float}] by "#rrggbb"
      def areas
        @areas ||= @lines.each_with_object(Hash.new(0.0)) do |line, sum|
          sum[line.style.colour] += line.need * self.class.area(line.style, @surface.seen, @house)
        end
      end

      # Everything that is seen, in square metres.
      def seen_m2
        areas.values.sum
      end

      # How light all of it is together, the ground where nothing hangs before it.
      #
      # @return [Float] L*
      def lightness
        bare = [@surface.area_m2 - seen_m2, 0].max
        light = areas.sum(bare * Lightness.of(@surface.ground)) { |colour, area| area * Lightness.of(colour) }
        light / (seen_m2 + bare)
      end

      # @return [Array<Hash>] name, colour, seen, wanted (shares of what is seen)
      def shares
        told[:shares]
      end

      # @return [Array<Hash>] as Shares tells it
      def short
        Shares.short(shares, @house)
      end

      Thing = Struct.new(:style, :name, :nearest, :delta_e, :verdict, keyword_init: true)

      # Every style that is seen, and where it belongs.
      def things
        @things ||= styles.map do |style|
          told = @palette.match(style.colour, @house)
          Thing.new(style: style.id, name: style.name, nearest: told[:nearest], delta_e: told[:delta_e],
                    verdict: told[:verdict])
        end
      end

      # @return [Array<Finding>]
      def notes
        [*short.map { |one| note(:colour_short, colour: one[:name], percent: (one[:by] * 100).round) },
         *answer.findings, *hidden, *undertones, *off]
      end

      private

      def told
        @told ||= Shares.of(answer, @palette, ground: @surface.ground, house: @house)
      end

      def note(code, **values)
        Finding.of(code, units: @units, **values)
      end

      def of(kind)
        @lines.select { |line| line.kind == kind }.map { |line| { colour: line.style.colour, **yield(line) } }
      end

      def styles
        @styles ||= @lines.map(&:style).uniq(&:id)
      end

      def hidden
        ground = @surface.ground or return []
        styles.select { |style| ColourDifference.of(style.colour, ground) < @house["palette.hidden"] }
              .map { |style| note(:hidden_in_green, name: style.name) }
      end

      def off
        things.select { |thing| thing.verdict == "off" }.map do |thing|
          note(:off_palette, name: thing.name, apart: thing.delta_e.round, colour: thing.nearest)
        end
      end

      # Warm ones beside cool ones, and one side not often enough to look meant.
      def undertones
        sides = styles.group_by do |style|
          Catalogue.answer("palette.undertone", { colour: style.colour }, house: @house)[:undertone]
        end
        warm, cool = sides.values_at("warm", "cool").map(&:to_a)
        return [] if warm.empty? || cool.empty? || [warm, cool].map(&:size).min >= @house["palette.repeated"]

        [note(:undertones_mixed, warm: named(warm), cool: named(cool), times: @house["palette.repeated"])]
      end

      def named(styles)
        more = styles.size - NAMED
        "#{styles.first(NAMED).map(&:name).join(', ')}#{" and #{more} more" if more.positive?}"
      end
    end
  end
end
