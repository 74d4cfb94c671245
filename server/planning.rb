# frozen_string_literal: true

module DeckBough
  module Server
    # Gathers what the core needs for a plan (place, room, home, styles, house rules) and asks it. Stores nothing.
    #
    #   Planning.new(database, studio).plan(piece)                      # as saved
    #   Planning.new(database, studio).plan(piece, settings: dialled)   # as dialled, not saved
    class Planning
      def initialize(database, studio, kept: nil)
        @studio = studio
        @kept = kept
        @rooms = Store::Rooms.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @styles = Store::Styles.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @house = Store::HouseRules.new(database, studio[:id]).current
      end

      # @raise [Problem] when the settings cannot be
      def plan(piece, **dialled)
        of(piece, **dialled).call
      end

      # @return [TreePlan, RunPlan] to ask for whatever is wanted of it
      def of(piece, settings: piece[:settings], place_id: piece[:place_id])
        room = @rooms.find(piece[:room_id])
        around = surroundings(@homes.find(room[:home_id]), room, place_id)
        piece[:kind] == "run" ? run(settings, around, elsewhere: greens_beside(piece), stock: greens) : tree(settings, around)
      end

      # For many pieces at once: room and home are given.
      def summary(home, room, piece)
        around = surroundings(home, room, piece[:place_id])
        (piece[:kind] == "run" ? run(piece[:settings], around) : tree(piece[:settings], around)).summary
      end

      # The best size of every place of a room, for a classic tree.
      def best_sizes(home, room)
        room[:places].to_h { |place| [place[:id], best_size(tree({}, surroundings(home, room, place[:id])).call[:best_size])] }
      end

      # What a sample tree takes under other house rules.
      def trial(changes)
        house = DeckBough::HouseRules.with(@house.changes.merge(changes))
        TreePlan.new(settings: SAMPLE_TREE, surroundings: SAMPLE, styles: SAMPLE_STYLES, house: house, units: @studio[:units], kept: @kept).call
      rescue HouseRuleError => e
        raise Problem.invalid([{ pointer: "/changes", code: "out_of_range", message: e.message }])
      end

      # A classic tree in a bay of a common room; the house rules screen shows on it what a constant does.
      SAMPLE = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5.0), free_width_m: 1.6, free_depth_m: 1.6,
                                near_socket: true)
      SAMPLE_STYLES = Array.new(8) do |i|
        Style.new(id: "style-#{i + 1}", kind: "ornament", name: "Style #{i + 1}", diameter_mm: 40 + (i * 12), breakable: i.odd?)
      end.freeze
      SAMPLE_TREE = { "measure" => { "height_m" => 2.25 }, "ornaments" => { "styles" => SAMPLE_STYLES.map(&:id) } }.freeze

      SAMPLE_TOLD = { height_m: SAMPLE_TREE["measure"]["height_m"], ceiling_m: SAMPLE.ceiling.left_m, shape: "classic", styles: SAMPLE_STYLES.size }.freeze

      private

      def best_size(told)
        chosen = told[:sizes].find { |size| size[:height_m] == told[:height_m] }
        { **told.slice(:height_m, :limit, :findings), spread_m: chosen && chosen[:spread_m], hem_m: chosen && chosen[:hem_m] }
      end

      def tree(settings, surroundings)
        asked(TreeSettings, settings) do |styles|
          TreePlan.new(settings: settings, surroundings: surroundings, styles: styles, house: @house, units: @studio[:units],
                       picks: @studio[:picks_school], kept: @kept)
        end
      end

      def run(settings, surroundings, **around)
        asked(RunSettings, settings) do |styles|
          RunPlan.new(settings: settings, surroundings: surroundings, styles: styles, house: @house, units: @studio[:units],
                      lights: @studio[:greens_light_school], **around)
        end
      end

      # Garlands and stems the studio has, for what closes a thin stretch and for the automatic start.
      def greens
        @styles.of_kinds(%w[garland stem])
      end

      # The garlands and stems of the room's other runs: greens repeat.
      def greens_beside(piece)
        others = @pieces.of_rooms([piece[:room_id]]).select { |other| other[:kind] == "run" && other[:id] != piece[:id] }
        others.flat_map { |other| RunSettings.greens(other[:settings]) }.uniq
      end

      def asked(kind, settings)
        ids = kind.style_ids(kind.check(settings))
        yield ids.empty? ? [] : @styles.for_plan(ids)
      rescue InputError => e
        raise Problem.of_faults(e.faults, under: "/settings")
      end

      # A tree that has no place yet stands at the middle of the wall, its floor unknown.
      def surroundings(home, room, place_id)
        place = room[:places].find { |candidate| candidate[:id] == place_id } || { stance: "wall", near_socket: true }
        Surroundings.new(
          ceiling: Ceiling.new(left_m: room[:ceiling_left_m], right_m: room[:ceiling_right_m], width_m: room[:width_m]),
          children: home[:children_ages], pets: home[:pets], conifer_allergy: home[:conifer_allergy], heat: room[:heat],
          no_nails: room[:no_nails] || home[:rented],
          **place.slice(:stance, :from_left_m, :free_width_m, :free_depth_m, :walkway_m, :wall_m, :near_heat, :near_socket)
        )
      end
    end
  end
end
