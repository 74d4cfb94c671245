# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What lacks over the season: styles of which more is wanted at once than there is, and which pieces want it.
      #
      #   buying.short(home: id).first[:to_buy] # => 6.0
      class Buying < Table
        # Styles that are worth buying are told, that many.
        MOST = 5_000
        # Of a style so many pieces are told, and in a list so many homes.
        MOST_WANTS = 400
        MOST_HOMES = 12

        # @param home, room, piece [String, nil] ids: only what lacks there
        # @param style [String, nil] only this one
        # @return [Array<Hash>] id, kind and name of styles with pack_size, price_cents, on_hand, to_buy, wanted_on
        #   (Date of the first visit it lacks at), lacking (the sum of what each piece lacks there), pieces (how many),
        #   bought_at
        def short(home: nil, room: nil, piece: nil, style: nil)
          kept = Sequel[:stock_quantities]
          found = worth_buying.join(:styles, id: kept[:style_id]).left_join(:bought_at, style_id: kept[:style_id])
                              .order(Sequel.asc(kept[:wanted_on], nulls: :last), kept[:style_id]).limit(MOST)
          found = found.where(kept[:style_id] => style) if style
          asked = { Sequel[:homes][:id] => home, Sequel[:rooms][:id] => room, Sequel[:pieces][:id] => piece }.compact
          found = found.join(lacking(asked).as(:here), style_id: kept[:style_id]) unless asked.empty?
          from = asked.empty? ? KEPT : HERE
          days = Hash.new { |all, text| all[text] = text && Date.iso8601(text) }
          in_one(found, *COLUMNS.values, *from).map do |values|
            NAMES.zip(values).to_h.tap { |row| row[:wanted_on] = days[row[:wanted_on]] }
          end
        end

        # What all that lacks is reckoned from, in short: another text means that something of it changed.
        #
        # @return [String]
        def stamp
          open = rows(:purchase_lines).where(open: true)
          told = [worth_buying.from_self(alias: :stock_quantities), rows(:offers), rows(:suppliers), rows(:coupons),
                  rows(:bought_at), open, rows(:purchase_events).where(line_id: open.select(:id)),
                  rows(:purchases).where(id: open.select(:purchase_id)),
                  rows(:styles).where(id: styles).select(:id, :version).from_self(alias: :styles)]
          database.get(Sequel.function(:concat_ws, " ", *told.map { |dataset| content(dataset) }))
        end

        # @return [Sequel::Dataset] what lacks, as the ids of styles
        def styles
          worth_buying.select(Sequel[:stock_quantities][:style_id])
        end

        # What a list shows of things beside what it reckons with.
        #
        # @return [Hash{String => Hash}] by id: colour, texture, shape, material, diameter_mm, length_m, across_m
        def looks(ids)
          rows(:styles).where(id: ids).select(:id, :colour, :texture, :shape, :material, *SIZES)
                       .to_h { |row| [row[:id], row.except(:id)] }
        end

        COLUMNS = { id: Sequel[:styles][:id], kind: Sequel[:styles][:kind], name: Sequel[:styles][:name],
                    pack_size: Sequel[:styles][:pack_size], price_cents: Sequel[:styles][:price_cents],
                    on_hand: Sequel[:stock_quantities][:on_hand], to_buy: Sequel[:stock_quantities][:to_buy],
                    bought_at: Sequel[:bought_at][:supplier_id] }.freeze
        NAMES = [*COLUMNS.keys, :wanted_on, :lacking, :pieces].freeze
        # Over all homes it is kept, of some it is added up.
        KEPT = %i[wanted_on lacking lacking_pieces].map { |name| Sequel[:stock_quantities][name] }.freeze
        HERE = %i[wanted_on lacking pieces].map { |name| Sequel[:here][name] }.freeze
        private_constant :COLUMNS, :NAMES, :KEPT, :HERE

        LOOKS = %i[id name kind colour texture shape].freeze
        SIZES = %i[diameter_mm length_m across_m].freeze
        private_constant :SIZES

        # Which pieces lack a style, those of the first visit first.
        #
        # @return [Array<Hash>] piece, name, room, home, visit_on (Date), strike_on, wanted, held, lacks
        def wants(style_id)
          claims.where(Sequel[:piece_claims][:style_id] => style_id)
                .order(*FIRST_VISIT, Sequel[:pieces][:name], Sequel[:pieces][:id]).limit(MOST_WANTS)
                .select(Sequel[:pieces][:id].as(:piece), Sequel[:pieces][:name], Sequel[:rooms][:name].as(:room),
                        Sequel[:homes][:name].as(:home), Sequel[:homes][:visit_on], Sequel[:homes][:strike_on],
                        :wanted, :held, lacks.as(:lacks)).all
        end

        # At which homes some styles lack, those of the first visit first and of each style no more than a list shows.
        #
        # @return [Hash{String => Array<Hash>}] by style: id, name, visit_on (ISO text), quantity, of (how many homes)
        def homes(style_ids)
          style = Sequel[:piece_claims][:style_id]
          home = Sequel[:homes]
          turn = Sequel.function(:row_number).over(partition: style, order: FIRST_VISIT + [home[:id]])
          all = Sequel.function(:count).*.over(partition: style)
          found = claims.where(style => style_ids).group(style, home[:id], home[:name], home[:visit_on])
                        .select(style, home[:id], home[:name], home[:visit_on],
                                Sequel.function(:sum, lacks).as(:quantity), turn.as(:turn), all.as(:of))
                        .from_self.where(Sequel[:turn] <= MOST_HOMES).order(:style_id, :turn)
          in_one(found, :style_id, :id, :name, :visit_on, :quantity, :of).each_with_object({}) do |values, told|
            (told[values.shift] ||= []) << %i[id name visit_on quantity of].zip(values).to_h
          end
        end

        FIRST_VISIT = [Sequel.asc(Sequel[:homes][:visit_on], nulls: :last), Sequel[:homes][:name]].freeze
        private_constant :FIRST_VISIT

        # @param style_ids [Array<String>, Sequel::Dataset]
        # @param whose [Symbol] :rooms or :pieces
        # @return [Hash{String => Hash{String => Float}}] what each of them lacks, by style and its id
        def lacking_of(style_ids, whose)
          style = Sequel[:piece_claims][:style_id]
          its = Sequel[whose][:id]
          found = claims.where(style => style_ids).group(style, its).order(style, its)
          in_one(found, style, its, Sequel.function(:sum, lacks)).each_with_object({}) do |(id, one, much), all|
            (all[id] ||= {})[one] = much
          end
        end

        # What is free of styles that may stand in for something: on hand, less all that any piece keeps.
        #
        # @param kinds [Array<String>]
        # @return [Array<Hash>] id, name, kind, colour, texture, shape, diameter_mm, length_m, across_m, free
        def free_of_kinds(kinds)
          held = rows(:piece_claims).group(:style_id).select(:style_id, Sequel.function(:sum, :held).as(:held))
          free = Sequel[:stock_quantities][:on_hand] - Sequel.function(:coalesce, Sequel[:kept][:held], 0)
          offered = { Sequel[:styles][:studio_id] => studio_id, kind: kinds, retired: false, owner_home_id: nil }
          database[:styles].join(:stock_quantities, style_id: Sequel[:styles][:id])
                           .left_join(held.as(:kept), style_id: Sequel[:styles][:id])
                           .where(offered).where(free >= 1).order(Sequel.desc(free), Sequel[:styles][:id])
                           .limit(MOST_FREE).select(*of_styles(*LOOKS, *SIZES), free.as(:free)).all
        end

        # Things of a kind that are bought, whether any are free or not.
        #
        # @return [Array<Hash>] as above, with price_cents, pack_size, seasons_expected and role
        def bought_of_kind(kind)
          rows(:styles).where(kind: kind, retired: false, owner_home_id: nil, keepsake: false).exclude(price_cents: nil)
                       .order(:price_cents, :id).limit(MOST_FREE)
                       .select(*LOOKS, *SIZES, :price_cents, :pack_size, :seasons_expected, :role).all
        end

        MOST_FREE = 1_500
        private_constant :MOST_FREE

        private

        # How many rows, and a sum of what each says.
        def content(dataset)
          table = dataset.first_source_alias
          hashed = Sequel.function(:hashtextextended, Sequel.cast(Sequel.identifier(table), String), 0)
          dataset.select(Sequel.function(:concat, Sequel.function(:count).*, ":", Sequel.function(:sum, hashed)))
        end

        def worth_buying
          rows(:stock_quantities).where(Sequel[:stock_quantities][:to_buy] > Lots::LEAST)
        end

        def rows(table)
          table == :stock_quantities ? database[table].where(Sequel[table][:studio_id] => studio_id) : super
        end

        def of_styles(*names)
          names.map { |name| Sequel[:styles][name] }
        end

        def lacks
          Sequel[:piece_claims][:wanted] - Sequel[:piece_claims][:held]
        end

        def lacking(asked)
          claims.where(asked).group(Sequel[:piece_claims][:style_id])
                .select(Sequel[:piece_claims][:style_id], Sequel.function(:sum, lacks).as(:lacking),
                        Sequel.function(:min, Sequel[:homes][:visit_on]).as(:wanted_on),
                        Sequel.function(:count).*.as(:pieces))
        end

        # Claims of pieces there are that get less than they want; a client's own thing is bought for that home only.
        def claims
          kept = Sequel[:piece_claims]
          database[:piece_claims].join(:pieces, id: kept[:piece_id]).join(:rooms, id: Sequel[:pieces][:room_id])
                                 .join(:homes, id: Sequel[:rooms][:home_id])
                                 .join(:styles, id: kept[:style_id])
                                 .where(Sequel.function(:coalesce, :owner_home_id, Sequel[:homes][:id]) =>
                                          Sequel[:homes][:id])
                                 .where(kept[:studio_id] => studio_id, Sequel[:pieces][:deleted_at] => nil,
                                        Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
                                 .where(lacks > Lots::LEAST)
        end
      end
    end
  end
end
