# frozen_string_literal: true

module DeckBough
  module Rooms
    # What ties two rooms that see each other: things that recur, and light of one strength (handbook 75, Links).
    #
    #   Rooms::Links.between(front, dining, HouseRules.default)[:kinds]
    #
    # A room is what its pieces take: things (kind, style, name, metal, spare: how many more of it there are) and lights
    # (schools).
    module Links
      # What a thing counts as.
      KINDS = { "ornament" => "style", "pick" => "style", "ribbon" => "ribbon", "garland" => "green", "stem" => "green",
                "wreath" => "green" }.freeze
      # Fewer than this cannot be split over two rooms.
      LEAST_SPARE = 3
      MOST_PROPOSED = 4

      module_function

      # @return [Hash] shared ({ style:, ribbon:, green:, metal: } with names), kinds (how many of these are), enough,
      #   lights (here, there, alike), could (name, kind, spare, into), findings
      def between(one, other, house, units: "metric")
        shared = shared(one[:things], other[:things])
        kinds = shared.count { |_, names| names.any? }
        lights = { here: one[:lights], there: other[:lights], alike: alike?(one[:lights], other[:lights]) }
        dressed = [one, other].all? { |room| room[:things].any? }
        { shared: shared, kinds: kinds, enough: kinds >= house["view.links"], lights: lights,
          could: could(one, other) + could(other, one),
          findings: dressed ? findings(one, other, kinds, lights, house, units).map(&:to_h) : [] }
      end

      def shared(here, there)
        both = here.map { |thing| thing[:style] } & there.map { |thing| thing[:style] }
        things = here.select { |thing| both.include?(thing[:style]) }.uniq { |thing| thing[:style] }
        told = { style: "style", ribbon: "ribbon", green: "green" }.transform_values do |kind|
          things.select { |thing| KINDS[thing[:kind]] == kind }.map { |thing| thing[:name] }.sort
        end
        told.merge(metal: (metals(here) & metals(there)).sort)
      end

      # Metals by their tone: brass here and brass there tie, whatever is made of it.
      def metals(things)
        things.filter_map { |thing| thing[:metal] }.uniq
      end

      # A room without light says nothing of strength.
      def alike?(here, there)
        here.empty? || there.empty? || here.intersect?(there)
      end

      # What one has that the other might take some of.
      def could(from, into)
        taken = into[:things].map { |thing| thing[:style] }
        open = from[:things].select { |thing| KINDS.key?(thing[:kind]) && !taken.include?(thing[:style]) }
        enough = open.select { |thing| thing[:spare] >= LEAST_SPARE }.uniq { |thing| thing[:style] }
        enough.sort_by { |thing| [-thing[:spare], thing[:name]] }.first(MOST_PROPOSED / 2)
              .map { |thing| { **thing.slice(:name, :kind, :spare), into: into[:name] } }
      end

      def findings(one, other, kinds, lights, house, units)
        told = []
        rooms = { one: one[:name], other: other[:name] }
        told << Finding.of(:rooms_unlinked, units: units, **rooms) if kinds.zero?
        few = kinds.positive? && kinds < house["view.links"]
        told << Finding.of(:rooms_barely_linked, units: units, **rooms, wanted: house["view.links"]) if few
        told << Finding.of(:rooms_lit_otherwise, units: units, **rooms) unless lights[:alike]
        told
      end
      private_class_method :shared, :metals, :alike?, :could, :findings
    end
  end
end
