# frozen_string_literal: true

module DeckBough
  module Server
    # What acts of taking a home down do beyond being kept: what broke or is lost leaves the stock, what went into
    # another box lies there, ribbon that can be kept comes back, strings are written down as tested, hooks stay in the
    # home's register or leave it, and how the wall is then is noted in the visit's log. Each once by its key, and taken
    # back with its act.
    class StrikeEffects
      ENTRIES = %w[broken lost found].freeze
      KINDS = [*ENTRIES, "boxed", "tested", "measured", "hooks_stay", "hooks_off"].freeze
      RIBBON = "ribbon"
      # How a wall is said to be that did not come away clean.
      MARKED = "marked"

      def initialize(database, studio, planning:)
        @database = database
        @studio_id = studio[:id]
        @stock = Store::Stock.new(database, @studio_id)
        @boxes = Store::Boxes.new(database, @studio_id)
        @pieces = Store::Pieces.new(database, @studio_id)
        @styles = Store::Styles.new(database, @studio_id)
        @tests = Store::StringTests.new(database, @studio_id)
        @acts = Store::VisitActs.new(database, @studio_id)
        @hooks = PieceHooks.new(database, @studio_id, planning: planning)
        @visits = Store::Visits.new(database, @studio_id)
        @remarks = Store::LogRemarks.new(database, @studio_id)
      end

      # @param act [Hash] its row
      # @raise [Problem] where it cannot be: nothing of it is kept then
      def apply(act, account_id)
        case act[:kind]
        when *ENTRIES then enter(act, account_id)
        when "boxed" then box(act, account_id)
        when "tested" then test(act, account_id)
        when "measured" then measure(act, account_id)
        when "hooks_stay" then stay(act)
        when "hooks_off" then off(act, account_id)
        end
      end

      # @param act [Hash] the row of the act that is taken back
      def take_back(act, account_id)
        case act[:kind]
        when *ENTRIES, "measured" then @stock.undo(act[:key], account_id: account_id)
        when "boxed" then unbox(act, account_id)
        when "tested" then @tests.forget(act[:key])
        when "hooks_stay" then @hooks.forget(act[:told].fetch("hooks", []), by: account_id)
        when "hooks_off" then put_on_again(act, account_id)
        end
      end

      private

      def piece(act)
        @pieces.find(act[:step].split("/").first)
      end

      def enter(act, account_id)
        said = { "reason" => act[:kind], "quantity" => act[:quantity] || 1, "note" => act[:says],
                 "box" => act[:told]["box"] }
        @stock.enter(act[:turn], said.compact, key: act[:key], account_id: account_id)
      end

      def box(act, account_id)
        from, into = act[:told].values_at("from_box", "box")
        raise wrong("/quantity", "Say how many go into it.") unless act[:quantity]&.positive?

        thing = { "style" => act[:turn], "from" => from, "quantity" => act[:quantity] }
        moved = @boxes.carry([thing], into: into, key: act[:key], account_id: account_id)[:moved]
        raise wrong("/box", "None of it lay there. Look again in which box it is.") if moved.zero?
      end

      # As much as was carried, however much it was to be.
      def unbox(act, account_id)
        moves = @database[:stock_moves].where(studio_id: @studio_id, key: act[:key]).select_map(:id)
        moves.each { |id| @stock.reverse(id, account_id: account_id) }
      end

      def test(act, account_id)
        dead = act[:quantity] || 0
        raise wrong("/quantity", "Bulbs are counted whole. Say how many are dark.") unless (dead % 1).zero?

        @tests.seen(@styles.find(act[:turn]), label: act[:says], dead: dead.to_i, key: act[:key],
                                              now: act[:happened_at], account_id: account_id)
      end

      # Of so many metres that were put up so many are left to keep: the stock knows of those that were cut for it.
      def measure(act, account_id)
        refuse_measured(act)
        piece = piece(act)
        thing = Stripping.new(@database, @studio_id).of([piece])[piece[:id]].find { |one| one[:style] == act[:turn] }
        raise wrong("/turn", "There is no such ribbon on it.") unless thing && thing[:kind] == RIBBON

        needed = needed(act, thing)
        kept = kept(act, needed)
        # What was cut of it is shared by its steps.
        cut = (@stock.cut_for([piece[:id]]).dig(piece[:id], act[:turn]) || 0) * needed / thing[:count]
        by = kept - (needed - [cut, needed].min)
        @stock.move(act[:turn], by, reason: by.negative? ? "used" : "returned", note: "Taken down", key: act[:key],
                                    account_id: account_id, at: lying(act[:told]["box"]))
      end

      def lying(box)
        return Store::Stock::ANYWHERE unless box

        @boxes.hold([box], "/box")
        ->(spreading, by) { by.negative? ? spreading.moved(by) : spreading.moved(by, box: box) }
      end

      # The same ribbon may be in several steps: this is of one.
      def needed(act, thing)
        key = act[:step].split("/")[1].to_s.delete_prefix(DeckBough::Days::StrikeSteps::OFF)
        thing[:steps].fetch(key, thing[:count])
      end

      def kept(act, needed)
        kept = act[:quantity] || 0
        return kept if kept <= needed + Store::Lots::LEAST

        raise wrong("/quantity", "That is more than was put up of it. Measure again.")
      end

      # Its ends are measured once, by whomever.
      def refuse_measured(act)
        by = @acts.said_by_another(act) or return

        raise wrong("/turn", "#{by} has measured it already. Take that back first.")
      end

      def stay(act)
        @acts.remember(act[:key], { "hooks" => @hooks.keep(piece(act), year: act[:on_day].year).map do |one|
          one[:id]
        end })
      end

      def off(act, account_id)
        found = piece(act)
        @acts.remember(act[:key], { "hooks" => @hooks.come_off(found, by: account_id) })
        note_wall(act, found, account_id) unless act[:says].to_s.strip.empty?
      end

      def put_on_again(act, account_id)
        @hooks.restore(act[:told].fetch("hooks", []))
        @remarks.forget(act[:key], by: account_id)
      end

      # What the log tells of fixings, finish by finish.
      def note_wall(act, piece, account_id)
        @remarks.create(@visits.find(act[:visit_id]),
                        { "key" => act[:key], "piece" => piece[:id], "finish" => finish(piece[:settings]),
                          "sort" => act[:says].include?(MARKED) ? "marked" : "held",
                          "says" => "Came off: #{act[:says].strip}"[0, Store::LogRemarks::REMARK::LONGEST] },
                        account_id: account_id)
      end

      # Of a run its surface, of a wreath what it hangs on.
      def finish(settings)
        (settings.dig(:survey, :surface) || settings.dig(:place, :host) || "wall").tr("_", " ")
      end

      def wrong(pointer, message)
        Problem.invalid([{ pointer: pointer, code: "wrong", message: message }])
      end
    end
  end
end
