# frozen_string_literal: true

module DeckBough
  module Server
    # What acts of a visit do beyond being kept: stock that was used goes, what was made comes, and a tree is planned
    # again without what ran out. What an act did is taken back with it.
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
        when "up" then make(act, account_id)
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

      # What is made in the home comes into stock, and what it took goes; once, however many say so. Where there is too
      # little of that, it stays said that it is made.
      def make(act, account_id)
        piece, key = act[:step].split("/")
        style = DeckBough::Days::HomeSteps.made_by(key.to_s)
        recipe, batches = style && DayArrivals.new(@database, @studio[:id]).batches(piece, style)
        return if recipe.nil? || @acts.made?(act)

        @database.transaction(savepoint: true) do
          Store::Recipes.new(@database, @studio[:id]).make(recipe, batches, key: act[:key], account_id: account_id)
          @acts.remember(act[:key], { **act[:told], "made" => act[:key] })
        end
      rescue Problem
        nil
      end

      # Also where there is no such recipe any more. It stays made as long as another says so.
      def unmake(act, account_id)
        key = act[:told]["made"] or return
        @acts.remember(act[:key], act[:told].to_h.except("made"))
        twin = @acts.twin(act)
        return @acts.remember(twin[:key], { **twin[:told], "made" => key }) if twin

        Store::Stock.new(@database, @studio[:id]).undo(key, account_id: account_id)
      end

      # What hangs of it stays; the places of the others are spread again, and something else may go on in its place.
      # Where no plan can be made so, it stays said.
      def replan(act, account_id)
        piece = @pieces.listed_of([act[:step].split("/").first]).first
        return unless piece && piece[:kind] == TREE

        whole = @pieces.find(piece[:id])
        at, entry = missing(whole, act)
        return unless entry

        @database.transaction(savepoint: true) do
          change(whole, at, account_id) { |said| [*said, entry] }
          @acts.remember(act[:key], { **act[:told], "at" => at.map(&:to_s), "entry" => entry, "piece" => piece[:id] })
        end
      rescue Problem
        nil
      end

      # Where in the settings of a tree it is said, and what.
      #
      # @return [Array(Array<Symbol>, Hash), nil]
      def missing(piece, act)
        instead = act[:told]["instead"]
        if piece[:settings][:ribbon][:styles].include?(act[:turn])
          said = { style: act[:turn], there_m: act[:quantity].to_f, instead: instead }
          # Where nobody says how far it went, it is well as it is.
          return act[:quantity] && [%i[ribbon ran_out], said]
        end

        map = @planning.of(piece).hanging_sheet(hung: @hung.of(piece[:id]))
        style = map&.dig(:styles)&.find { |one| one[:id] == act[:turn] } or return
        left = style[:count] - style[:up]
        [%i[ornaments missing], { style: act[:turn], count: left, instead: instead }] if left.positive?
      end

      # @yield [Array<Hash>] what was said to be missing
      def change(piece, at, account_id)
        group, list = at
        said = piece[:settings][group]
        settings = { **piece[:settings], group => { **said, list => yield(said[list]) } }
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
        when "up" then unmake(undone, account_id)
        when "ran_out" then found_again(undone, account_id)
        end
      end

      def found_again(act, account_id)
        entry = act[:told]["entry"]&.transform_keys(&:to_sym) or return
        change(@pieces.find(act[:told]["piece"]), act[:told]["at"].map(&:to_sym), account_id) do |said|
          at = said.index(entry)
          said.reject.with_index { |_, i| i == at }
        end
        @acts.remember(act[:key], {})
      end
    end
  end
end
