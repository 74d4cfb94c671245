# frozen_string_literal: true

module DeckBough
  module Days
    # What there is to do in one home after the day: what was put up comes down, the last first, and goes into boxes.
    #
    #   Days::StrikeSteps.new("strike/loft", [], {}, house: HouseRules.default).all # => []
    #
    # The steps are those of dressing (HomeSteps) backwards, each as far as what it put up goes: what was done before
    # another thing comes down after it, rooms and pieces likewise. From the ladder first, so that nothing falls onto
    # what is below. Source: handbook 90, After the day; Minutes (take down and pack); 95 for work from ladders.
    class StrikeSteps
      # What the key of a step begins with that undoes another.
      OFF = "off_"
      BOXES_IN = "boxes_in"
      CLEAN_UP = "off_clean_up"
      # What stands empty is dressed for the winter, while one is there.
      BRIDGE = "bridge"
      TOP_UP = "minutes.top_up"
      # Nothing was mended in coming down; in its place the piece is looked over, and its boxes are closed.
      STEP_BACK = "step_back"
      CLOSE = "off_step_back"
      TITLES = { BOXES_IN => "Boxes in", BRIDGE => "Dress for winter", CLEAN_UP => "Clean up",
                 CLOSE => "Close the boxes",
                 "off_measure" => "Fold and pack", "off_anchors" => "Hooks and walls", "off_hang" => "Down",
                 "off_body" => "Garland down", "off_site" => "Put back", "off_place" => "Put back",
                 "off_build" => "Take apart", "off_layers" => "Trim off",
                 "off_dress" => "Things off", "off_greens" => "Greens off", "off_fill" => "Empty" }.freeze
      # In which of them hooks come off the wall, or stay and are written down.
      HOLDING = %w[off_anchors off_hang].freeze

      # @param site [String] where, as the schedule knows it
      # @param dressing [Array<HomeSteps::Told>] of the home
      # @param going [Hash{String => Hash}] by piece, its share of each step (Seasons::TakenDown)
      # @param bridged [Hash{String => Integer}] by room, how many surfaces are dressed for the winter
      def initialize(site, dressing, going, house:, bridged: {})
        @site = site
        @dressing = dressing.reject { |told| HomeSteps.made_by(told.key) }
        @going = going
        @bridged = bridged
        @house = house
      end

      # @return [Array<HomeSteps::Told>] each after those it waits for
      def all
        @dressing.group_by(&:room).values.reverse.flat_map { |steps| of_room(steps) }
      end

      private

      def of_room(steps)
        own = steps.select(&:piece).reject { |told| left(told).zero? }
        return [] if own.empty?

        boxes = room_step(steps, BOXES_IN, "lay_out", @house["minutes.take_down"], {})
        pieces = own.group_by(&:piece).values.reverse.flat_map { |tolds| of_piece(tolds, boxes) }
        last = pieces.group_by(&:piece).values.to_h { |tolds| [tolds.last.step.id, 0] }
        bridge = bridge(steps.first.room, last)
        [boxes, *pieces, bridge,
         room_step(steps, CLEAN_UP, "clean_up", 1, bridge ? { bridge.step.id => 0 } : last)].compact
      end

      def bridge(room, after)
        surfaces = @bridged.fetch(room, 0)
        return if surfaces.zero? || @house[TOP_UP].zero?

        step = Step.new(id: "#{room}/#{BRIDGE}", minutes: surfaces * @house[TOP_UP], site: @site, after: after)
        HomeSteps::Told.new(step: step, room: room, key: BRIDGE, title: TITLES.fetch(BRIDGE), high: false)
      end

      # Where a house takes no time for it, it is no step.
      def room_step(steps, key, dressed, share, after)
        told = steps.find { |one| one.piece.nil? && one.key == dressed }
        return if told.nil? || told.step.minutes.zero?

        described(told, key, "#{told.room}/#{key}", told.step.minutes * share, 1, after)
      end

      # The bench's steps backwards; the last look of dressing is the last of taking down too.
      def of_piece(tolds, boxes)
        groups = tolds.group_by(&:key).values.reverse
        looked, others = groups.partition { |parts| parts.first.key == STEP_BACK }
        before = boxes ? { boxes.step.id => 0 } : {}
        [*others, *looked].flat_map do |parts|
          undone(parts, before).tap { |all| before = { all.last.step.id => 0 } }
        end
      end

      def undone(parts, before)
        parts.map do |told|
          key = "#{OFF}#{told.key}"
          id = told.step.id.sub("/#{told.key}", "/#{key}")
          described(told, key, id, left(told), told.step.people, before).tap { |one| before = { one.step.id => 0 } }
        end
      end

      def described(told, key, id, minutes, people, after)
        skill = told.step.skill if [HomeSteps::HEIGHTS, "carpentry"].include?(told.step.skill)
        step = Step.new(id: id, minutes: minutes, people: people, skill: skill, site: @site, after: after)
        HomeSteps::Told.new(step: step, room: told.room, piece: told.piece, key: key, count: told.count,
                            high: told.high, title: TITLES.fetch(key) { "#{told.title} off" })
      end

      def left(told)
        told.step.minutes * @house["minutes.take_down"] * @going.fetch(told.piece)[told.key]
      end
    end
  end
end
