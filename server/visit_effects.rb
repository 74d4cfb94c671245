# frozen_string_literal: true

module DeckBough
  module Server
    # What acts of a visit do beyond being kept: stock that was used goes, and a tree is planned again without what ran
    # out. What an act did is taken back with it.
    class VisitEffects
      TREE = RunSheets::TREE

      def initialize(database, studio, planning:)
        @database = database
        @studio = studio
        @planning = planning
        @pieces = Store::Pieces.new(database, studio[:id])
        @hung = Store::HungOrnaments.new(database, studio[:id])
        @piece_acts = Store::Acts.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @strike = StrikeEffects.new(database, studio, planning: planning)
      end

      # @param act [Hash] its row
      # @raise [Problem] where it cannot be
      def apply(act, account_id)
        case act[:kind]
        when *StrikeEffects::KINDS then @strike.apply(act, account_id)
        when "used" then use(act, account_id)
        when "ran_out" then replan(act, account_id)
        when "undo" then take_back(act, account_id)
        end
      end

      private

      # What a piece took of a ribbon or a thing goes out of the stock with it, as a cut does.
      def use(act, account_id)
        piece = act[:step].split("/").first
        style = act[:turn]
        return unless act[:quantity]&.positive? && Store::Ids.id?(style) && @pieces.listed_of([piece]).any?

        @piece_acts.record(piece, kind: "ribbon_cut", style_id: style, key: act[:key], account_id: account_id,
                                  says: "Used in the visit", told: { "step" => act[:step] }, in_visit: true) do |doing|
          doing.cut(style, act[:quantity])
          doing.move(style, -act[:quantity], "used")
        end
      end

      # What hangs of it stays; the places of the others are spread again. Where no plan can be made so, it stays said.
      def replan(act, account_id)
        piece = @pieces.listed_of([act[:step].split("/").first]).first
        return unless piece && piece[:kind] == TREE

        whole = @pieces.find(piece[:id])
        map = @planning.of(whole).hanging_sheet(hung: @hung.of(piece[:id]))
        style = map&.dig(:styles)&.find { |one| one[:id] == act[:turn] } or return
        left = style[:count] - style[:up]
        return unless left.positive?

        @database.transaction(savepoint: true) do
          change(whole, account_id) { |missing| [*missing, { style: act[:turn], count: left }] }
          @acts.remember(act[:key], { "left" => left, "piece" => piece[:id] })
        end
      rescue Problem
        nil
      end

      # @yield [Array<Hash>] what was said to be missing
      def change(piece, account_id)
        ornaments = piece[:settings][:ornaments]
        settings = { **piece[:settings], ornaments: { **ornaments, missing: yield(ornaments[:missing]) } }
        @pieces.change(piece[:id], piece[:version],
                       { "name" => piece[:name], "place_id" => piece[:place_id],
                         "settings" => JSON.parse(JSON.generate(settings)) },
                       account_id: account_id, units: @studio[:units])
        Needs.new(@database, @studio).of_ids([piece[:id]])
      end

      def take_back(act, account_id)
        undone = @acts.taken_back_by(act) or return
        case undone[:kind]
        when *StrikeEffects::KINDS then @strike.take_back(undone, account_id)
        when "used" then @piece_acts.take_back_of(undone[:key], account_id: account_id)
        when "ran_out" then found_again(undone, account_id)
        end
      end

      def found_again(act, account_id)
        left = act[:told]["left"] or return
        change(@pieces.find(act[:told]["piece"]), account_id) do |missing|
          at = missing.index { |one| one[:style] == act[:turn] && one[:count] == left }
          missing.reject.with_index { |_, i| i == at }
        end
        @acts.remember(act[:key], {})
      end
    end
  end
end
