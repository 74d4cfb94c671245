# frozen_string_literal: true

module DeckBough
  module Server
    # Gathers what the core needs for a plan (place, room, home, styles, house rules) and asks it. Stores nothing.
    #
    #   planning = Planning.new(database, studio)
    #   planning.of(piece).call                        # as saved
    #   planning.of(piece, settings: dialled).reckoned # as dialled, not saved
    class Planning
      # @param kept [#fetch, nil] keeps answers that take long
      def initialize(database, studio, kept: nil)
        @studio = studio
        @kept = kept
        @rooms = Store::Rooms.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @styles = Store::Styles.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @house_rules = Store::HouseRules.new(database, studio[:id])
        @anchors = Store::Anchors.new(database, studio[:id])
      end

      def house
        @house ||= @house_rules.current
      end

      # The same with other values of some house rules.
      #
      # @param changes [Hash{String => Numeric}]
      # @return [Planning]
      def with(changes)
        dup.tap { |other| other.reckon_with(DeckBough::HouseRules.with(house.changes.merge(changes))) }
      end

      # @return [TreePlan, RunPlan] to ask for whatever is wanted of it
      # @raise [Problem] when the settings cannot be
      def of(piece, settings: piece[:settings], place_id: piece[:place_id])
        kind = Kinds.of(piece[:kind])
        checked = checked(kind, settings)
        room = @rooms.find(piece[:room_id])
        home = @homes.find(room[:home_id])
        anchors = anchors_of(kind, room[:id], piece[:id])
        kind.plan.call(brief(checked, surroundings(home, room, place_id, anchors),
                             styles: @styles.for_plan(kind.style_ids(checked), home: home, piece_id: piece[:id]),
                             **beside(kind, piece, home)))
      end

      # What there is of some kinds for a piece, those most of which are free first.
      #
      # @return [Array<Style>]
      def stock_for(piece, kinds)
        home = @homes.find(@rooms.find(piece[:room_id])[:home_id])
        @styles.of_kinds(kinds, home: home, piece_id: piece[:id])
      end

      # What is free for a piece in colours that may be near to some.
      #
      # @param colours [Array<String>] "#rrggbb"
      # @return [Array<Style>]
      def stock_near(piece, colours, kinds)
        home = @homes.find(@rooms.find(piece[:room_id])[:home_id])
        @styles.near(colours, kinds, home: home, piece_id: piece[:id])
      end

      # Refuses settings that no plan can be made from, with the setting to mend.
      #
      # @param room_id [String] where the piece is or will be
      # @raise [Problem]
      def prove(kind, settings, room_id:, place_id:, piece_id: nil)
        room = @rooms.find(room_id)
        home = @homes.find(room[:home_id])
        styles = @styles.for_plan(kind.style_ids(settings), home: home, piece_id: piece_id)
        anchors = anchors_of(kind, room[:id], piece_id)
        kind.plan.call(brief(settings, surroundings(home, room, place_id, anchors), styles: styles)).reckoned
      rescue UnplannableError => e
        raise Problem.unplannable(e)
      end

      # For many pieces at once: home, room, styles and what stays in the room are given.
      #
      # @param staying [Array<Hash>] of the room, as Store::Anchors has them
      # @return [Hash] summary, measured, lines, portrait, sites, seen, outline, tasks
      def needs(home, room, piece, styles, staying = [])
        kind = Kinds.of(piece[:kind])
        around = surroundings(home, room, piece[:place_id], own(staying, piece[:id]))
        plan = kind.plan.call(brief(piece[:settings], around, styles: styles))
        { summary: PlanSummary.unread(plan.summary, piece[:unread].map { |fault| fault[:message] }),
          measured: kind.measure.call(piece[:settings]), lines: plan.lines, portrait: plan.portrait, sites: plan.sites,
          seen: plan.seen_areas, outline: plan.outline&.to_h, tasks: plan.tasks.map(&:to_h) }
      end

      # The best size of every place of a room, for a classic tree.
      def best_sizes(home, room)
        room[:places].to_h { |place| [place[:id], best_size(tree_in(surroundings(home, room, place[:id])).best_size)] }
      end

      # What a sample tree takes under other house rules.
      def trial(changes)
        changed = DeckBough::HouseRules.with(house.changes.merge(changes))
        TreePlan.new(settings: SAMPLE_TREE, surroundings: SAMPLE, styles: SAMPLE_STYLES, house: changed,
                     units: @studio[:units], region: region, kept: @kept).call
      rescue HouseRuleError => e
        raise Problem.invalid([{ pointer: "/changes", code: "out_of_range", message: e.message }])
      rescue UnplannableError => e
        raise Problem.invalid(
          e.faults.map { |fault| { pointer: "/changes", code: fault.code, message: fault.message } }
        )
      end

      # A classic tree in a bay of a common room; the house rules screen shows on it what a constant does.
      SAMPLE = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5.0),
                                free_width_m: 1.6, free_depth_m: 1.6,
                                near_socket: true)
      SAMPLE_STYLES = Array.new(8) do |i|
        Style.new(id: "style-#{i + 1}", kind: "ornament", name: "Style #{i + 1}", diameter_mm: 40 + (i * 12),
                  breakable: i.odd?)
      end.freeze
      SAMPLE_TREE = { "measure" => { "height_m" => 2.25 },
                      "ornaments" => { "styles" => SAMPLE_STYLES.map(&:id) } }.freeze

      SAMPLE_TOLD = { height_m: SAMPLE_TREE["measure"]["height_m"], ceiling_m: SAMPLE.ceiling.left_m, shape: "classic",
                      styles: SAMPLE_STYLES.size }.freeze

      protected

      def reckon_with(house)
        @house = house
      end

      private

      def best_size(told)
        chosen = told[:sizes].find { |size| size[:height_m] == told[:height_m] }
        { **told.slice(:height_m, :limit, :findings), spread_m: chosen && chosen[:spread_m],
                                                      hem_m: chosen && chosen[:hem_m] }
      end

      def tree_in(surroundings)
        TreePlan.new(settings: {}, surroundings: surroundings, styles: [], house: house, units: @studio[:units],
                     region: region)
      end

      def region
        Region.new(**@studio.slice(*Store::Studios::REGION))
      end

      def checked(kind, settings)
        settings.is_a?(CheckedSettings) ? settings : kind.check(settings)
      rescue InputError => e
        raise Problem.of_faults(e.faults, under: "/settings")
      end

      def brief(settings, surroundings, styles:, **beside)
        PlanBrief.new(settings: settings, surroundings: surroundings, styles: styles, house: house,
                      units: @studio[:units],
                      schools: @studio.slice(*Store::Studios::SCHOOLS), region: region, kept: @kept, **beside)
      end

      # What a kind wants to know of the studio and the room beyond its own styles.
      def beside(kind, piece, home)
        found = {}
        found[:stock] = @styles.of_kinds(kind.chooses, home: home, piece_id: piece[:id]) if kind.chooses.any?
        found[:elsewhere] = greens_beside(piece) if kind.wants.include?(:elsewhere)
        found
      end

      # The garlands and stems of the room's other pieces: greens repeat.
      def greens_beside(piece)
        others = @pieces.of_rooms([piece[:room_id]]).reject { |other| other[:id] == piece[:id] }
        others.flat_map { |other| Kinds.of(other[:kind]).greens(other[:settings]) }.uniq
      end

      # What stays in the room, where the kind looks at it.
      def anchors_of(kind, room_id, piece_id)
        kind.wants.include?(:anchors) ? own(@anchors.of_rooms([room_id]).fetch(room_id, []), piece_id) : []
      end

      # Those of this piece, and those of none; another piece hangs on its own.
      def own(rows, piece_id)
        rows.select { |row| row[:piece_id].nil? || row[:piece_id] == piece_id }
            .map { |row| StayingAnchor.new(own: !row[:piece_id].nil?, **row.except(:piece_id)) }
      end

      # A tree that has no place yet stands at the middle of the wall, its floor unknown.
      def surroundings(home, room, place_id, anchors = [])
        place = room[:places].find { |candidate| candidate[:id] == place_id } || { stance: "wall", near_socket: true }
        Surroundings.new(
          ceiling: Ceiling.new(left_m: room[:ceiling_left_m], right_m: room[:ceiling_right_m], width_m: room[:width_m]),
          room_depth_m: room[:depth_m],
          children: home[:children_ages], pets: home[:pets], conifer_allergy: home[:conifer_allergy], heat: room[:heat],
          no_nails: room[:no_nails] || home[:rented], anchors: anchors,
          **place.slice(:stance, :from_left_m, :free_width_m, :free_depth_m, :walkway_m, :wall_m, :near_heat,
                        :near_socket)
        )
      end
    end
  end
end
