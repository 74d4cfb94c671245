# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Styles of everything that is put up, with the quantity on hand.
      class Styles < Table
        FIELDS = Style::INPUTS.map(&:name).freeze
        COLUMNS = (FIELDS - [:on_hand]).freeze
        # Of its particulars plans know these.
        PLANNED = %i[shape riser_height_m].freeze
        MOST_OF_KINDS = 60
        PARTICULARS = DeckBough::Stock::Particulars::INPUTS.map(&:name).freeze

        # A colour as the eye orders it, in the columns that are searched by it.
        def self.lab(colour)
          return { lab_lightness: nil, lab_a: nil, lab_b: nil } unless colour

          Lab.of(colour).then { |lab| { lab_lightness: lab.lightness, lab_a: lab.a, lab_b: lab.b } }
        end

        def list(page:, kind: nil)
          wanted = kind ? joined.where(kind: kind) : joined
          page(wanted.order(:kind, :name), page, 200) { |row| shown(row) }
        end

        def find(id)
          shown((Ids.id?(id) && joined.where(Sequel[:styles][:id] => id).first) || raise(Problem.not_found("style")))
        end

        # @param home [Hash, nil] where it is for: what pieces keep meanwhile is not free there; without one it is all
        #   there is
        # @param piece_id [String, nil] whose plan it is for: what was cut for it is not short
        # @return [Array<Style>] the core's own values, with what is available to that piece
        def for_plan(ids, home: nil, piece_id: nil)
          known = Ids.only(ids)
          return [] if known.empty?

          available = home ? stock.available(known, home: home, piece_id: piece_id) : stock.on_hand_of(known)
          found = rows(:styles).where(id: known).all
          rolls = rolls_of(found)
          found.map do |row|
            Style.new(**row.slice(:id, *COLUMNS, *PLANNED), rolls: rolls[row[:id]], **available.fetch(row[:id]))
          end
        end

        # By how much those that are risers lift what stands on them.
        #
        # @return [Hash{String => Float}] by style; what is no riser is left out
        def risers(ids)
          rows(:styles).where(id: Ids.only(ids)).exclude(riser_height_m: nil).select_hash(:id, :riser_height_m)
        end

        # What lines of ledgers take, as rooms are linked by it.
        #
        # @param lines [Array<Hash>] as LedgerLine tells them
        # @return [Array<Hash>] style, kind, name, metal (its tone, nil of what is none), spare (how many more)
        def linked(lines)
          taken = lines.select { |line| line[:style] && line[:need].to_f.positive? }
          known = rows(:styles).where(id: taken.map { |line| line[:style] }.uniq).to_hash(:id)
          taken.filter_map do |line|
            style = known[line[:style]] or next
            spare = line[:have].to_f - line[:need] - line[:spares]
            { style: style[:id], kind: style[:kind], name: style[:name], metal: metal(style),
              spare: ([spare, 0].max + line[:left_over].to_f).floor }
          end
        end

        # Warm as brass or cool as pewter.
        def metal(style)
          return unless style[:material] == "metal" && style[:colour]

          Lab.of(style[:colour]).b > WARM_B ? "warm metal" : "cool metal"
        end

        # More yellow than this a metal is warm.
        WARM_B = 8
        private_constant :WARM_B
        private :metal

        # @return [Hash{String => Integer}] the version of each style there is; it moves with every count and change
        def versions(ids)
          rows(:styles).where(id: Ids.only(ids)).select_hash(:id, :version)
        end

        # As many of each kind as a plan looks at, none of them retired, none another client's own.
        #
        # @return [Array<Style>] those most of which are free for a piece of a home first
        def of_kinds(kinds, home:, piece_id: nil)
          offered = kinds.flat_map do |kind|
            joined.where(kind: kind, retired: false).where(of_studio_or(home[:id]))
                  .order(Sequel.desc(:on_hand), :name).limit(MOST_OF_KINDS).select_map(Sequel[:styles][:id])
          end
          for_plan(offered, home: home, piece_id: piece_id)
            .sort_by { |style| [-style.for_piece, style.name] }
        end

        # Things of some kinds whose colour may be near to one of these, none retired, none another client's own.
        #
        # @param colours [Array<String>] "#rrggbb"
        # @return [Array<Style>] with what is free for a piece of a home
        def near(colours, kinds, home:, piece_id: nil)
          ids = colours.flat_map do |colour|
            apart = Stockroom.straight(Lab.of(colour))
            joined.where(kind: kinds, retired: false).where(of_studio_or(home[:id])).where { on_hand > Lots::LEAST }
                  .exclude(lab_a: nil).where(apart <= Stockroom::STRAIGHT**2)
                  .order(apart, Sequel[:styles][:id]).limit(MOST_OF_KINDS).select_map(Sequel[:styles][:id])
          end
          for_plan(ids.uniq, home: home, piece_id: piece_id)
        end

        def create(given, account_id: nil)
          values = coloured(checked(Style::INPUTS, given))
          id = transaction do
            id = rows(:styles).returning(:id).insert(studio_id: studio_id, **values.slice(*COLUMNS),
                                                     **Styles.lab(values[:colour])).first[:id]
            stock.count(id, values[:on_hand], account_id: account_id)
            id
          end
          find(id)
        end

        # What is known of a thing beyond what plans reckon with.
        #
        # @param given [Hash] as Stock::Particulars asks of its kind, and owner_home_id
        def describe(id, version, given)
          transaction do
            row = rows(:styles).where(id: id).lock_style(UNDER).first or raise Problem.not_found("style")
            values = particulars(row[:kind], given)
            raise Problem.conflict(current: known_of(row), yours: given) if row[:version] != version

            rows(:styles).where(id: id).update(version: version + 1, **values)
            # A client's own thing is free in that client's home only; of a favourite more is worth buying.
            shared = %i[owner_home_id spare_kept]
            Claims.new(database, studio_id).share_out([id]) if row.slice(*shared) != values.slice(*shared)
          end
          known_of(rows(:styles).where(id: id).first)
        end

        # @return [Hash] id, version and all particulars
        def known_of(row)
          told = row.slice(:id, :version, :owner_home_id, *PARTICULARS)
          told.merge(DeckBough::Stock::Particulars::DAYS.to_h { |day| [day, row[day]&.iso8601] },
                     parts: row[:parts].to_a)
        end

        def change(id, version, given, account_id: nil)
          transaction do
            row = rows(:styles).where(id: id).lock_style(UNDER).first or raise Problem.not_found("style")
            values = coloured(checked(Style::INPUTS, given))
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            rows(:styles).where(id: id).update(version: version + 1, **values.slice(*COLUMNS),
                                               **Styles.lab(values[:colour]))
            stock.count(id, values[:on_hand], account_id: account_id)
          end
          find(id)
        end

        # The garland that a piece cut off another becomes: as it was but shorter, named after what it belongs with.
        # Made when it is not there yet; how many there are is for stock to say.
        #
        # @return [String] its id
        def offcut_of(style_id, length)
          whole = find(style_id)
          name = "#{(whole[:belongs_with] || whole[:name])[0, 100]}, #{format('%.2f', length)} m cut off"
          known = rows(:styles).where(kind: "garland", name: name).get(:id)
          known || create_offcut(whole, name, length)
        end

        private

        def of_studio_or(home_id)
          Sequel.expr(owner_home_id: nil) | Sequel.expr(owner_home_id: home_id)
        end

        def particulars(kind, given)
          values = DeckBough::Stock::Particulars.check(kind, given.except("owner_home_id"))
          values.merge(parts: Sequel.pg_array(values[:parts], :text), owner_home_id: owner(given["owner_home_id"]))
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def owner(id)
          return nil if id.nil?

          (Ids.id?(id) && rows(:homes).where(id: id, deleted_at: nil).get(:id)) or
            raise Problem.invalid([{ pointer: "/owner_home_id", code: "gone",
                                     message: "That home is not there. Choose whose it is again." }])
        end

        def rolls_of(found)
          ribbons = found.select { |row| row[:kind] == "ribbon" }.map { |row| row[:id] }
          ribbons.empty? ? {} : Lots.new(database, studio_id).rolls(ribbons)
        end

        # Loft and texture as they were, its weight by its length, no price.
        def create_offcut(whole, name, length)
          share = whole[:length_m] ? length / whole[:length_m] : 1.0
          values = whole.slice(*COLUMNS).merge(name: name, length_m: length, mass_g: whole[:mass_g]&.*(share),
                                               price_cents: nil,
                                               belongs_with: whole[:belongs_with] || whole[:name])
          rows(:styles).returning(:id).insert(studio_id: studio_id, **values, **Styles.lab(values[:colour])).first[:id]
        end

        def stock
          Stock.new(database, studio_id)
        end

        def joined
          rows(:styles).left_join(:stock_quantities, style_id: :id).where(Sequel[:styles][:studio_id] => studio_id)
                       .select_all(:styles).select_append(Sequel.function(:coalesce, :on_hand, 0).as(:on_hand))
        end

        def rows(table)
          table == :styles ? database[:styles].where(Sequel[:styles][:studio_id] => studio_id) : super
        end

        def coloured(values)
          colour = values[:colour]&.downcase
          return values.merge(colour: colour) if colour.nil? || colour.match?(/\A#[0-9a-f]{6}\z/)

          raise Problem.invalid(
            [{ pointer: "/colour", code: "not_a_colour",
               message: "“#{values[:colour]}” is not a colour. Type one such as #6b2e4f." }]
          )
        end

        def shown(row)
          row.slice(:id, :version, :on_hand, *COLUMNS)
        end
      end
    end
  end
end
