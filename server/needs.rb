# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    # What many pieces need, from the rows that are kept of it; what is missing or stale is computed and kept, as far as
    # a request may take: one at least, so that asking again always comes nearer. The rest is left for the next one.
    #   Needs.new(database, studio).of(homes, rooms, pieces)
    #   # => { piece id => { summary:, measured:, portrait: } }, nil where it is still to do
    #
    # A stamp is made of the versions of all that a plan is computed from: piece, room, home, studio, its house rules,
    # its styles (whose versions move with every count) and the code itself. What a piece needs it claims of stock;
    # where that leaves another one something else than before, the other's row is stale (Store::Claims). One faulty
    # piece is a worry on its own card.
    class Needs
      # The code a plan is computed with: another release computes anew.
      CODE = Digest::SHA256.hexdigest(
        Dir[File.join(DeckBough::ROOT, "**", "*.{rb,yml}")].map { |file| File.read(file) }.join
      )
      # Seconds of a request that go into computing.
      BUDGET = 0.8
      # What of a row a list wants.
      TOLD = %i[summary measured portrait].freeze
      # Settings and styles are read for so many at a time.
      BATCH = 60
      # What one piece needs may change what is free for others: they are reckoned again, so often in a request.
      ROUNDS = 4

      # Of a style that a piece names and takes none of.
      NOTHING = { whole: 0, wanted: 0 }.freeze

      LOGGER = SemanticLogger["Needs"]

      # @param budget [Float] seconds
      def initialize(database, studio, budget: BUDGET)
        @studio = studio
        @budget = budget
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @styles = Store::Styles.new(database, studio[:id])
        @stock = Store::Stock.new(database, studio[:id])
        @anchors = Store::Anchors.new(database, studio[:id])
        @claims = Store::Claims.new(database, studio[:id])
        @uses = Store::StyleUses.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @planning = Planning.new(database, studio)
      end

      # @param homes, rooms [Array<Hash>] as their stores show them
      # @param pieces [Array<Hash>] as Store::Pieces#listed gives them
      # @return [Hash{String => Hash, nil}]
      def of(homes, rooms, pieces)
        around = around(homes, rooms)
        until_when = now + @budget
        told = kept(pieces, around)
        just_now = {}
        ROUNDS.times do
          stale = pieces.reject { |piece| told[piece[:id]] }
          break if stale.empty? || (just_now.any? && now > until_when)

          just_now.merge!(computed(stale, around, until_when))
          told = kept(pieces, around)
        end
        pieces.to_h { |piece| [piece[:id], told[piece[:id]] || just_now[piece[:id]]] }
      end

      # A piece that was never reckoned claims nothing yet: before anybody is told what is free, each of them is, those
      # of the first visit first.
      def complete
        missing = @rows.missing
        of_ids(missing) if missing.any?
      end

      # What was just changed is claimed at once.
      #
      # @param piece_ids [Array<String>]
      def of_ids(piece_ids)
        listed = @pieces.listed_of(piece_ids).to_h { |piece| [piece[:id], piece] }.values_at(*piece_ids).compact
        rooms = @rooms.of_ids(listed.map { |piece| piece[:room_id] })
        of(@homes.of_ids(rooms.map { |room| room[:home_id] }), rooms, listed)
      end

      # The constants pieces are reckoned with.
      #
      # @return [HouseRules]
      def house
        @planning.house
      end

      # What the constants are, in short.
      #
      # @return [String]
      def house_stamp
        @house_stamp ||= Digest::SHA256.hexdigest(@planning.house.changes.sort.join(" "))
      end

      private

      def around(homes, rooms)
        by_home = homes.to_h { |home| [home[:id], home] }
        rooms.to_h { |room| [room[:id], [by_home.fetch(room[:home_id]), room]] }
      end

      # @param styles [String] the versions of its styles in short
      def stamp(piece, around, styles)
        home, room = around.fetch(piece[:room_id])
        made_of = [CODE, @studio[:version], house_stamp, home[:version], room[:version], piece[:version], styles]
        Digest::SHA256.hexdigest(made_of.join(" "))
      end

      # What is kept and still true.
      def kept(pieces, around)
        rows = @rows.of(pieces.map { |piece| piece[:id] })
        pieces.to_h do |piece|
          row = rows[piece[:id]]
          [piece[:id], row && row[:stamp] == stamp(piece, around, row[:styles]) ? row.slice(*TOLD) : nil]
        end
      end

      def computed(pieces, around, until_when)
        found = {}
        in_turn(pieces).each_slice(BATCH) do |batch|
          break if found.any? && now > until_when

          found.merge!(batch_of(batch, around, until_when))
        end
        @rows.keep(found)
        @uses.record(found.keys)
        found.transform_values { |row| row.slice(*TOLD) }
      end

      # Those that claim for the first time come in the order of visits, whatever is looked at first.
      def in_turn(pieces)
        turns = pieces.empty? ? {} : @rows.missing.each_with_index.to_h
        pieces.sort_by.with_index { |piece, i| [turns.fetch(piece[:id], turns.size), i] }
      end

      def batch_of(batch, around, until_when)
        read = @pieces.of_ids(batch.map { |piece| piece[:id] }).to_h { |piece| [piece[:id], piece] }
        pieces = read.values_at(*batch.map { |piece| piece[:id] }).compact
        known = styles_of(pieces, around).merge(staying: @anchors.of_rooms(pieces.map { |piece| piece[:room_id] }.uniq))
        pieces.each_with_object({}) do |piece, found|
          break found if found.any? && now > until_when

          found[piece[:id]] = row_of(piece, around, known)
        end
      end

      # What is known of the styles of a batch: themselves, their versions; by piece what was cut and what is free.
      def styles_of(pieces, around)
        named = pieces.to_h { |piece| [piece[:id], Kinds.of(piece[:kind]).style_ids(piece[:settings])] }
        all = @styles.for_plan(named.values.flatten.uniq).to_h { |style| [style.id, style] }
        asked = pieces.to_h do |piece|
          [piece[:id], { styles: named[piece[:id]] & all.keys, home: around.fetch(piece[:room_id]).first }]
        end
        { all: all, versions: @styles.versions(all.keys), cut: @stock.cut_for(named.keys),
          free: @claims.free_of(asked) }
      end

      def row_of(piece, around, known)
        free = known[:free].fetch(piece[:id])
        cut = known[:cut].fetch(piece[:id], {})
        styles = free.map { |id, share| known[:all][id].with(cut: cut.fetch(id, 0), **share) }
        told = told(piece, around, styles, known[:staying].fetch(piece[:room_id], []))
        { stamp: stamp(piece, around, Store::Needs.digest(known[:versions].slice(*free.keys))), style_ids: free.keys,
          free: free.transform_values { |share| share[:on_hand] },
          claims: free.transform_values { NOTHING }.merge(LedgerLine.claims(told[:lines], cut)), **told }
      end

      # Whatever is wrong with one piece stays with that piece.
      def told(piece, around, styles, staying)
        @planning.needs(*around.fetch(piece[:room_id]), piece, styles, staying)
      rescue UnplannableError => e
        worry(piece, PlanSummary.unplannable(e, @studio[:units]))
      rescue StandardError => e
        LOGGER.error("A piece could not be reckoned", { piece: piece[:id] }, e)
        worry(piece, PlanSummary.broken)
      end

      def worry(piece, summary)
        { summary: summary, measured: Kinds.of(piece[:kind]).measure.call(piece[:settings]), lines: [],
          portrait: nil, sites: [], seen: nil, outline: nil, tasks: [] }
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
