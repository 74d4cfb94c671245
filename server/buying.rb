# frozen_string_literal: true

module DeckBough
  module Server
    # What is to be bought over the season: gathered from what pieces lack, priced where it is sold, with the days by
    # which it is ordered.
    #
    #   Buying.new(database, studio, today: today).desk[:totals] # => { lines: 13, cents: 24_070, late: 2, … }
    #
    # It takes a fixed number of statements however many things and homes there are. Every figure of a line comes from
    # Buying::Line of the core. What was gathered over all homes is kept with a stamp of all it was reckoned from: as
    # long as nothing of it changed it is not priced again.
    class Buying
      PER_PAGE = 200
      # So many parcels are told in a list.
      MOST_COMING = 400
      STYLE = %i[id name kind colour texture shape material pack_size price_cents on_hand to_buy lacking pieces
                 bought_at].freeze

      # A thing that lacks, with its line of the core.
      Lacking = Struct.new(:row, :line, :coming)
      # open: what is to be ordered, first what is ordered first; coming: of which some is on its way.
      Gathered = Struct.new(:open, :coming, :totals, :suppliers)

      # @param kept [#fetch, nil] keeps what was gathered
      def initialize(database, studio, today:, kept: nil)
        @database = database
        @studio = studio
        @today = today
        @kept = kept
        @rows = store(Store::Buying)
        @suppliers = store(Store::Suppliers)
        @purchases = store(Store::Purchases)
      end

      # @param asked [Hash] home, room, piece: ids
      # @return [Hash] a page of lines, those to be ordered first by their day; coming; suppliers with what is bought
      #   there; totals of all lines
      def desk(page: 1, **asked)
        gathered = asked.empty? ? kept : gathered(asked)
        here = looked_at(gathered.open.slice((page - 1) * PER_PAGE, PER_PAGE) || [])
        coming = looked_at(gathered.coming.first(MOST_COMING))
        homes = @rows.homes((here + coming).map { |one| one.row[:id] }.uniq)
        alike = alike(here.reject { |one| one.line.quote.in_time? })
        total = gathered.open.size
        { today: @today.iso8601, page: page, pages: [(total / PER_PAGE.to_f).ceil, 1].max, total: total,
          items: here.map { |one| told(one, homes.fetch(one.row[:id], []), alike.fetch(one.row[:id], [])) },
          coming: coming.flat_map { |one| on_its_way(one, homes.fetch(one.row[:id], [])) },
          suppliers: gathered.suppliers, totals: gathered.totals }
      end

      # One thing that lacks.
      #
      # @return [Lacking]
      # @raise [Problem] where nothing of it lacks
      def one(style_id)
        looked_at(lacking(style: style_id)).first or raise Problem.not_found("shortage")
      end

      # Prices and days of one supplier for all that lacks, as its desk answers.
      #
      # @param desk [StandIns::SupplierDesk]
      # @return [Integer] how many things it sells
      def ask(supplier_id, desk)
        supplier = @suppliers.find(supplier_id)
        asked = lacking.select { |one| one.line.to_order.positive? }.map(&:row).first(PER_PAGE)
        packs = asked.flat_map do |row|
          desk.quote(supplier[:name], row[:name], **row.slice(:pack_size, :price_cents))
              .map { |pack| { style_id: row[:id], **pack } }
        end
        @suppliers.quoted(supplier_id, packs, asked_on: @today)
        asked.size
      end

      # What each room has to pay of what is still to be ordered; the sum is that of the lines.
      #
      # @return [Hash{String => Integer}] cents by room
      def to_order_by_room
        split(kept.open, :rooms)
      end

      # What comes too late, or is to come at all, for one piece.
      #
      # @param piece_id [String]
      # @return [Array<Hash>] style, name, quantity, expected_on, late
      def coming_for(piece_id)
        all = looked_at(lacking(piece: piece_id).reject { |one| one.coming.empty? })
        all.flat_map { |one| on_its_way(one, []) }
      end

      # @param homes [Array<Hash>] as Store::Buying#homes tells them
      def told(one, homes, instead)
        { **one.row.slice(*STYLE), wanted_on: one.row[:wanted_on]&.iso8601, to_order: one.line.to_order,
                                   coming: one.coming.sum { |row| row[:quantity] }.round(6),
                                   lacking: one.row[:lacking].round(6),
                                   homes: homes.map { |home| home.except(:of) },
                                   homes_count: homes.first&.fetch(:of) || 0, quote: one.line.quote.to_h,
                                   quotes_count: one.line.quotes.size, instead: instead }
      end

      def house
        @house ||= store(Store::HouseRules).current
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def kept
        return gathered({}) unless @kept

        @kept.fetch([@studio[:id], @today, house.changes, @rows.stamp]) { gathered({}) }
      end

      def gathered(asked)
        all = lacking(**asked)
        open = all.select { |one| one.line.to_order.positive? }.sort_by { |one| order(one) }
        Gathered.new(open, all.reject { |one| one.coming.empty? }, totals(open, asked), suppliers(open))
      end

      def lacking(**asked)
        found = @rows.short(**asked)
        ids = asked[:style] ? [asked[:style]] : @rows.styles
        coming = @purchases.coming(ids)
        offers = @suppliers.offers(ids)
        found.map do |row|
          mine = coming.fetch(row[:id], [])
          Lacking.new(row, line(row, mine, offers.fetch(row[:id], {})), mine)
        end
      end

      # What is shown is known of few.
      def looked_at(lacking)
        looks = @rows.looks(lacking.map { |one| one.row[:id] })
        lacking.map { |one| Lacking.new(one.row.merge(looks.fetch(one.row[:id])), one.line, one.coming) }
      end

      def line(row, coming, offers)
        DeckBough::Buying::Line.new(to_buy: row[:to_buy], coming: coming.sum { |one| one[:quantity] },
                                    wanted_on: row[:wanted_on], days: days, offers: offers, suppliers: values,
                                    bought_at: row[:bought_at],
                                    own_pack: { size: row[:pack_size], price_cents: row[:price_cents] })
      end

      def days
        @days ||= DeckBough::Buying::OrderDays.new(today: @today, house: house)
      end

      def values
        @values ||= @suppliers.values
      end

      # What is ordered first comes first; what nobody waits for last.
      def order(one)
        [one.line.quote.order_by&.number || NEVER, one.row[:kind], one.row[:name], one.row[:id]]
      end

      NEVER = Float::INFINITY
      private_constant :NEVER

      def on_its_way(one, homes)
        one.coming.map do |row|
          late = !one.row[:wanted_on].nil? && row[:expected_on] > one.row[:wanted_on]
          row.slice(:purchase, :line, :quantity, :trial)
             .merge(one.row.slice(*Store::Buying::LOOKS).except(:id))
             .merge(supplier: row[:supplier_id], style: one.row[:id], late: late,
                    homes: homes.map { |home| home.except(:of) }, homes_count: homes.first&.fetch(:of) || 0,
                    expected_on: row[:expected_on].iso8601, wanted_on: one.row[:wanted_on]&.iso8601)
        end
      end

      def suppliers(open)
        by_supplier = open.group_by { |one| one.line.quote.supplier.id }
        coupons = @suppliers.coupons
        @suppliers.list.map do |supplier|
          lines = by_supplier.fetch(supplier[:id], [])
          cents = lines.map { |one| one.line.quote.cents.to_i }
          used = DeckBough::Buying::Coupon.best(coupons.fetch(supplier[:id], []), cents, on_day: @today)
          { **supplier, lines: lines.size, cents: cents.sum, coupon: used && coupon(used, lines) }
        end
      end

      def here(open, asked)
        return split(open, :pieces).fetch(asked[:piece], 0) if asked[:piece]

        rooms = asked[:room] ? [asked[:room]] : store(Store::Rooms).of_homes([asked[:home]]).map { |room| room[:id] }
        split(open, :rooms).values_at(*rooms).sum(&:to_i)
      end

      # What lines cost, by what each room or piece lacks.
      def split(open, whose)
        priced = open.select { |one| one.line.quote.cents }
        ids = priced.size > PER_PAGE ? @rows.styles : priced.map { |one| one.row[:id] }
        lacking = @rows.lacking_of(ids, whose)
        priced.each_with_object(Hash.new(0)) do |one, sums|
          lacks = lacking[one.row[:id]] or next
          DeckBough::Buying::Gathering.split(one.line.quote.cents, lacks).each { |id, cents| sums[id] += cents }
        end
      end

      # What the best coupon takes off, and where most of it.
      def coupon(used, lines)
        most = lines[used.off.each_index.max_by { |i| used.off[i] }]
        { **used.coupon.to_h.slice(:percent, :on), off_cents: used.off.sum, best_on: most.row[:name] }
      end

      # Of a home, room or piece also what it has to pay of packs it shares with others.
      def totals(open, asked)
        { lines: open.size, cents: open.sum { |one| one.line.quote.cents.to_i },
          here_cents: asked.empty? ? nil : here(open, asked),
          unpriced: open.count { |one| one.line.quote.cents.nil? }, late: open.count { |one| one.line.quote.late? } }
      end

      # What stands in best for things that come late, or of which there is not enough.
      #
      # @return [Hash{String => Hash}] by style
      def alike(late)
        BuyingAlike.new(@rows, house).of(late.map(&:row), most: 1)
      end
    end
  end
end
