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
    # its styles (whose versions move with every count) and the code itself. One faulty piece is a worry on its own
    # card.
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

      LOGGER = SemanticLogger["Needs"]

      # @param budget [Float] seconds
      def initialize(database, studio, budget: BUDGET)
        @studio = studio
        @budget = budget
        @pieces = Store::Pieces.new(database, studio[:id])
        @styles = Store::Styles.new(database, studio[:id])
        @stock = Store::Stock.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @planning = Planning.new(database, studio)
      end

      # @param homes, rooms [Array<Hash>] as their stores show them
      # @param pieces [Array<Hash>] as Store::Pieces#listed gives them
      # @return [Hash{String => Hash, nil}]
      def of(homes, rooms, pieces)
        around = around(homes, rooms)
        kept = @rows.of(pieces.map { |piece| piece[:id] })
        fresh = pieces.to_h do |piece|
          row = kept[piece[:id]]
          [piece[:id], row && row[:stamp] == stamp(piece, around, row[:styles]) ? row.slice(*TOLD) : nil]
        end
        fresh.merge(computed(pieces.reject { |piece| fresh[piece[:id]] }, around))
      end

      private

      def around(homes, rooms)
        by_home = homes.to_h { |home| [home[:id], home] }
        rooms.to_h { |room| [room[:id], [by_home.fetch(room[:home_id]), room]] }
      end

      # @param styles [String] the versions of its styles in short
      def stamp(piece, around, styles)
        home, room = around.fetch(piece[:room_id])
        made_of = [CODE, @studio[:version], house, home[:version], room[:version], piece[:version], styles]
        Digest::SHA256.hexdigest(made_of.join(" "))
      end

      def house
        @house ||= Digest::SHA256.hexdigest(@planning.house.changes.sort.join(" "))
      end

      def computed(pieces, around)
        return {} if pieces.empty?

        until_when = now + @budget
        found = {}
        pieces.each_slice(BATCH) do |batch|
          break if found.any? && now > until_when

          found.merge!(batch_of(batch, around, until_when))
        end
        @rows.keep(found)
        found.transform_values { |row| row.slice(*TOLD) }
      end

      def batch_of(batch, around, until_when)
        pieces = @pieces.of_ids(batch.map { |piece| piece[:id] })
        ids = pieces.to_h { |piece| [piece[:id], Kinds.of(piece[:kind]).style_ids(piece[:settings])] }
        styles = @styles.for_plan(ids.values.flatten.uniq).to_h { |style| [style.id, style] }
        versions = @styles.versions(styles.keys)
        cut = @stock.cut_for(ids.keys)
        pieces.each_with_object({}) do |piece, found|
          break found if found.any? && now > until_when

          own = ids.fetch(piece[:id]).filter_map { |id| styles[id] && with_cut(styles[id], cut.dig(piece[:id], id)) }
          known = versions.slice(*own.map(&:id))
          found[piece[:id]] = { stamp: stamp(piece, around, Store::Needs.digest(known)), style_ids: known.keys,
                                **told(piece, around, own) }
        end
      end

      def with_cut(style, quantity)
        quantity ? Style.new(**style.to_h, cut: quantity) : style
      end

      # Whatever is wrong with one piece stays with that piece.
      def told(piece, around, styles)
        @planning.needs(*around.fetch(piece[:room_id]), piece, styles)
      rescue UnplannableError => e
        worry(piece, PlanSummary.unplannable(e, @studio[:units]))
      rescue StandardError => e
        LOGGER.error("A piece could not be reckoned", { piece: piece[:id] }, e)
        worry(piece, PlanSummary.broken)
      end

      def worry(piece, summary)
        { summary: summary, measured: Kinds.of(piece[:kind]).measure.call(piece[:settings]), lines: [],
          portrait: nil }
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
