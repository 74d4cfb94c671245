# frozen_string_literal: true

module DeckBough
  module Rooms
    # What is seen from one viewpoint: which pieces, how far, what share of each, what each weighs to the eye and
    # whether one leads (handbook 75, rule view.weights).
    #
    #   Rooms::View.new(viewpoint, scene, grounds, house).call[:verdict]
    class View
      # Less of something nobody notices.
      LEAST_SEEN = 0.02
      # Degrees between two lines of sight that draw what an eye reaches.
      STEP_DEG = 3
      FAR_M = 60.0
      # The rule takes so much of a name.
      MOST_NAME = 64

      attr_reader :viewpoint

      # @param viewpoint [Hash] as Viewpoint declares it, with id
      # @param scene [Scene]
      # @param grounds [#call] Placed → L* of what is behind it
      def initialize(viewpoint, scene, grounds, house, units: "metric")
        @viewpoint = viewpoint
        @scene = scene
        @grounds = grounds
        @house = house
        @units = units
        @eye = Viewpoint.eye(viewpoint, house)
      end

      # @return [Hash] seen (heaviest first: id, room, distance_m, share, weight, ratio, word), first (an id), verdict,
      #   loud, says, findings, reach (corners of what is seen of the floor), eye_m, cone_deg
      def call
        { eye_m: @eye.z, cone_deg: @eye.cone_deg, reach: reach, seen: told, first: first && first[:id],
          verdict: answer.outputs[:verdict], loud: answer.outputs[:loud], says: says,
          findings: answer.findings.map(&:to_h) }
      end

      # What leads, as one would say it.
      #
      # @return [String]
      def says
        first, second = told
        return "nothing is seen" unless first
        return "#{first[:name]} alone" unless second

        much = format("%.2f", second[:ratio])
        return "#{first[:name]} and #{second[:name]} compete, #{much}" if answer.outputs[:verdict] == "competing"

        "#{first[:name]} first, #{answer.outputs[:verdict]}; #{second[:name]} #{much}"
      end

      # @return [Array<Hash>] placed, share, distance_m of every piece of which something is seen
      def seen
        @seen ||= pieces.filter_map do |placed|
          share = sight.share(placed)
          { placed: placed, share: share, distance_m: sight.distance_m(placed) } if share >= LEAST_SEEN
        end
      end

      # @return [Answer] of view.weights
      def answer
        @answer ||= Catalogue.answer("view.weights", { pieces: seen.map { |one| weighed(one) } }, house: @house,
                                                                                                  units: @units)
      end

      # Heaviest first, of two as heavy the one whose name comes first.
      #
      # @return [Array<Hash>] id, room, name, share, distance_m, weight, ratio (of the first), word, and where it is in
      #   the plan of the room that is looked from: point, along (one metre across it)
      def told
        @told ||= begin
          weighed = seen.map { |one| [one, answer.outputs[:weights].fetch(label(one[:placed]))] }
          sorted = weighed.sort_by { |one, weight| [-weight, label(one[:placed])] }
          heaviest = sorted.first&.last.to_f
          sorted.each_with_index.map do |(one, weight), i|
            ratio = heaviest.zero? ? 0.0 : weight / heaviest
            placed = one[:placed]
            { id: placed.id, room: placed.room, name: placed.standing.name, weight: weight, ratio: ratio,
              word: word(ratio, i), point: placed.point, along: placed.across(@eye), **one.slice(:share, :distance_m) }
          end
        end
      end

      def first
        told.first if answer.outputs[:first]
      end

      # @return [Float] L* of what is behind something
      def ground(placed)
        @grounds.call(placed)
      end

      private

      def pieces
        @pieces ||= @scene.placed.select { |placed| placed.standing.piece }
      end

      def sight
        @sight ||= Sight.new(@eye, @scene.screens, @scene.placed)
      end

      def weighed(one)
        outline = one[:placed].outline
        { id: label(one[:placed]), area_m2: outline.area_m2, distance_m: one[:distance_m], visible: one[:share],
          lightness: outline.lightness, ground_lightness: ground(one[:placed]), lit: outline.lit }
      end

      # Its name; of two of one name each with a number.
      def label(placed)
        @labels ||= pieces.group_by { |one| one.standing.name[0, MOST_NAME - 4] }.flat_map do |name, those|
          if those.size == 1
            [[those.first.id, name]]
          else
            those.each_with_index.map do |one, i|
              [one.id, "#{name} (#{i + 1})"]
            end
          end
        end.to_h
        @labels.fetch(placed.id)
      end

      def word(ratio, index)
        return "first" if index.zero?
        return "clear" if ratio.round(9) <= @house["view.clear"]

        ratio.round(9) > @house["view.competing"] ? "competing" : "answered"
      end

      # Where the floor is seen: as far as the first wall that hides what is behind.
      def reach
        half = @eye.cone_deg / 2.0
        steps = (@eye.cone_deg / STEP_DEG).ceil
        [@eye.at, *Array.new(steps + 1) { |i| end_of(@eye.heading_deg - half + (@eye.cone_deg * i / steps)) }]
      end

      def end_of(heading)
        turn = heading * Math::PI / 180
        far = [@eye.x + (FAR_M * Math.sin(turn)), @eye.y - (FAR_M * Math.cos(turn))]
        met = @scene.screens.filter_map { |screen| meets(screen, far) }.min || 1.0
        [@eye.x + ((far[0] - @eye.x) * met), @eye.y + ((far[1] - @eye.y) * met)]
      end

      def meets(screen, far)
        along, across = Crossing.share(@eye.at, far, screen.from, screen.to)
        along unless along.nil? || screen.holes.any? do |from, to, low, high|
          across.between?(from, to) && @eye.z.between?(low, high)
        end
      end
    end
  end
end
