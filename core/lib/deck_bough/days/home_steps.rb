# frozen_string_literal: true

module DeckBough
  module Days
    # What there is to do in one home: each room cleared and laid out, its pieces dressed step by step, cleaned up.
    #
    #   Days::HomeSteps.new("loft", [], house: HouseRules.default, order: "tree_first").all # => []
    #
    # rooms: id, name, pieces (id, name, kind, adhesive, tasks as Task#to_h tells them, makings: what is made for it in
    # the home, style, label, steps, minutes, drying_minutes, count), in the order one arrives at them. Work above the
    # ladder line is done by two. The order over the house is a school: the work is the same, what waits for what is
    # not. Source: handbook 90, Minutes; Schedule; 95 for work from ladders.
    class HomeSteps
      ORDERS = %w[arrival focal_first lights_first tree_first drinks_first].freeze

      # room, piece: ids (piece nil where it is the room's); key: the step of the bench, or of the room; count: how many
      # where they are counted; high: whether it, or the top of it, is done from a ladder.
      Told = Struct.new(:step, :room, :piece, :key, :title, :count, :high, keyword_init: true)

      ROOM = { "clear" => "Clear", "lay_out" => "Lay out", "clean_up" => "Clean up" }.freeze
      # By what each of these takes.
      ROOM_RULES = { "clear" => "minutes.clear_room", "lay_out" => "minutes.lay_out",
                     "clean_up" => "minutes.clean_up" }.freeze
      TITLES = { "measure" => "Fluff", "lights" => "Lights", "crown" => "Crown", "ribbon" => "Ribbon",
                 "ornaments" => "Ornaments", "picks" => "Picks", "foot" => "Foot", "step_back" => "Step back",
                 "rise_and_trail" => "Stems", "accents" => "Accents", "body" => "Garland", "anchors" => "Hooks",
                 "layers" => "Dress", "star" => "Bow", "greens" => "Make", "place" => "Make room", "hang" => "Hang",
                 "site" => "Make room", "build" => "Build", "fill" => "Fill", "snow" => "Snow", "runner" => "Runner",
                 "setting" => "Napkins", "centre" => "Table", "things" => "Things", "stockings" => "Trim",
                 "jars" => "Jars", "dress" => "Dress", "garland" => "Garland", "soft" => "Soft things",
                 "art" => "Pictures", "scent" => "Scents" }.freeze
      # What the key of a step begins with that makes a thing by hand; the style follows.
      MAKE = "make "
      # What wants an eye for symmetry, what a hand for hooks.
      SKILLS = { "ribbon" => "symmetry", "crown" => "symmetry", "star" => "symmetry", "anchors" => "carpentry" }.freeze
      HEIGHTS = "heights"
      ALL_SKILLS = [*SKILLS.values.uniq, HEIGHTS].freeze
      # One holds, one ties; its minutes are those of both.
      PAIRED = "minutes.wreath_hoop"
      # Less than this from the floor is done by the two who are there anyway.
      LEAST_ALONE = 10
      # For less than this from the ladder somebody comes over; it is no step of its own, and said of the whole.
      LEAST_TOGETHER = 5

      # @return [String, nil] the style a step makes
      def self.made_by(key)
        key.delete_prefix(MAKE) if key.start_with?(MAKE)
      end

      # @param tasks [Array<Hash>] as Task#to_h tells them
      def self.sheds?(tasks)
        tasks.any? { |task| task[:house_rule] == "minutes.snow" }
      end

      def initialize(home, rooms, house:, order:)
        @home = home
        @house = house
        @order = order
        @rooms = rooms.map { |room| { **room, pieces: worked_on(room[:pieces]) } }
                      .reject { |room| room[:pieces].empty? }
      end

      # @return [Array<Told>] each after those it waits for
      def all
        before = nil
        @rooms.flat_map do |room|
          steps = of_room(room, before)
          before = id(room, "lay_out")
          steps
        end
      end

      private

      # What takes no time by this house's rules is no step.
      def worked_on(pieces)
        pieces.map { |piece| { **piece, tasks: piece[:tasks].select { |task| task[:minutes].positive? } } }
              .reject { |piece| piece[:tasks].empty? }
      end

      def id(*parts)
        parts.map { |part| part.is_a?(Hash) ? part[:id] : part }.join("/")
      end

      def of_room(room, before)
        clear = of_the_room(room, "clear", by_rule("clear"), {})
        # Rooms are begun in the order one arrives at them, where that is the school.
        after = @order == "arrival" && before ? { before => 0 } : {}
        laid = of_the_room(room, "lay_out", by_rule("lay_out"), { id(room, "clear") => 0, **after })
        pieces = room[:pieces].map { |piece| of_piece(room, piece) }
        in_turn(room, pieces)
        makings = room[:pieces].zip(pieces).flat_map { |piece, steps| makings(room, piece, steps) }
        [clear, laid, *makings, *pieces.flatten,
         of_the_room(room, "clean_up", clean_up(room), pieces.to_h { |steps| [steps.last.step.id, 0] })]
      end

      def with_after(step, after)
        Step.new(**step.to_h, after: after)
      end

      def of_the_room(room, key, minutes, after)
        Told.new(step: Step.new(id: id(room, key), minutes: minutes, site: @home, after: after), room: room[:id],
                 key: key, title: ROOM.fetch(key), high: false)
      end

      def by_rule(key)
        @house[ROOM_RULES.fetch(key)]
      end

      def clean_up(room)
        sheds = HomeSteps.sheds?(room[:pieces].flat_map { |piece| piece[:tasks] })
        by_rule("clean_up") + (sheds ? @house["minutes.shedding"] : 0)
      end

      # One step of the bench after the other; what is done twice is done where it ends.
      def of_piece(room, piece)
        order = piece[:tasks].each_with_index.to_h { |task, i| [task[:step], i] }
        before = { id(room, "lay_out") => 0 }
        piece[:tasks].group_by { |task| task[:step] }.sort_by { |step, _| order[step] }.flat_map do |key, tasks|
          told = parts(room, piece, key, tasks, before)
          wait = key == "anchors" && piece[:adhesive] ? @house["minutes.hook_wait"].ceil : 0
          before = { told.last.step.id => wait }
          told
        end
      end

      # What is made here is made once it is laid out; what it goes onto waits until it is dry, all else goes on.
      def makings(room, piece, steps)
        piece.fetch(:makings, []).map do |making|
          made = make(room, piece, making)
          own = steps.select { |told| making[:steps].include?(told.key) }
          (own.empty? ? steps.first(1) : own).each { |told| wait(told, [made], making[:drying_minutes]) }
          made
        end
      end

      def make(room, piece, making)
        key = "#{MAKE}#{making[:style]}"
        step = Step.new(id: id(piece, key), minutes: making[:minutes], site: @home, after: { id(room, "lay_out") => 0 })
        Told.new(step: step, room: room[:id], piece: piece[:id], key: key, title: "Make #{making[:label]}",
                 count: making[:count], high: false)
      end

      # What lies above the ladder line first, by two; then what is done from the floor.
      def parts(room, piece, key, tasks, after)
        return [paired(room, piece, key, tasks, after)] if tasks.any? { |task| task[:house_rule] == PAIRED }

        all = tasks.sum { |task| task[:minutes] }
        high = tasks.sum { |task| above(task) }
        return [told(room, piece, key, tasks, all, after, high: high.positive?, people: 1)] if high < LEAST_TOGETHER
        return [told(room, piece, key, tasks, all, after, high: true)] if all - high < LEAST_ALONE

        first = told(room, piece, key, tasks, high, after, high: true)
        second = told(room, piece, key, tasks, all - high, { first.step.id => 0 })
        share_out(tasks, first, second)
      end

      # Of what is counted one by one some hang above the line, the rest below.
      def share_out(tasks, first, second)
        if first.count
          first.count = tasks.sum { |task| task[:count] * task[:high] }.round
          second.count -= first.count
        end
        [first, second]
      end

      def above(task)
        more = @house["minutes.high_share"]
        task[:minutes] / (1 + (task[:high] * more)) * task[:high] * (1 + more)
      end

      def paired(room, piece, key, tasks, after)
        told(room, piece, key, tasks, tasks.sum { |task| task[:minutes] } / 2, after, people: 2)
      end

      def told(room, piece, key, tasks, minutes, after, high: false, people: high ? 2 : 1)
        step = Step.new(id: id(piece, key, *("high" if high && people > 1)), minutes: minutes, people: people,
                        skill: high && people > 1 ? HEIGHTS : SKILLS[key], site: @home, after: after)
        Told.new(step: step, room: room[:id], piece: piece[:id], key: key,
                 title: TITLES.fetch(key) { key.tr("_", " ").capitalize }, count: counted(tasks), high: high)
      end

      # How many there are of what is counted one by one.
      def counted(tasks)
        each = tasks.select { |task| HouseRules::CONSTANTS.fetch(task[:house_rule]).unit == "minutes each" }
        count = each.sum { |task| task[:count] }
        count.round if each.size == tasks.size && count > 1
      end

      # By the school: who begins before the others of the room.
      def in_turn(room, pieces)
        case @order
        when "lights_first" then after_all_lights(pieces)
        when "focal_first" then led(pieces, pieces.max_by { |steps| steps.sum { |told| told.step.minutes } })
        when "tree_first" then led(pieces, of_kind(room, pieces, "tree"))
        when "drinks_first" then led(pieces, of_kind(room, pieces, "drinks"))
        end
      end

      def of_kind(room, pieces, kind)
        at = room[:pieces].index { |piece| piece[:kind] == kind }
        at && pieces[at]
      end

      # The others begin when its first step is done.
      def led(pieces, leader)
        return unless leader

        (pieces - [leader]).each { |steps| wait(steps.first, [leader.first]) }
      end

      # What comes after its own lights waits for all lights of the room; what has none waits as a whole.
      def after_all_lights(pieces)
        lights = pieces.flatten.select { |told| told.key == "lights" }
        pieces.each do |steps|
          own = steps.rindex { |told| told.key == "lights" }
          following = steps[own ? own + 1 : 0]
          wait(following, lights - steps) if following
        end
      end

      def wait(told, others, minutes = 0)
        told.step = with_after(told.step, { **others.to_h { |other| [other.step.id, minutes] }, **told.step.after })
      end
    end
  end
end
