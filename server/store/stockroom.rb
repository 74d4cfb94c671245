# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # All that is owned, searched as one types: by words over name, kind, material, finish, texture, box, shelf,
      # keepsake and what a thing belongs with; by colour, by days on which it is free, by season, role and owner.
      #
      #   stockroom.search(words: "quince glass", page: 1)[:items].first[:kept] # => 9.0
      class Stockroom < Table
        PER_PAGE = 100
        # More words than these find nothing that fewer would not.
        MOST_WORDS = 8
        # So many pieces that keep a thing are told.
        MOST_KEPT = 200
        MOST_KEEPSAKES = 2_000
        # So many of them are drawn on the calendar of its row.
        MOST_DRAWN = 3
        # What leads comes first.
        KINDS = %w[ornament ribbon pick garland stem wreath light fixing tree decor tool].freeze
        # So many colours that may be near are looked at.
        MOST_NEAR = 1_500
        # As far as two colours that look near may lie apart when only measured straight.
        STRAIGHT = 45

        # How far a style's colour is from another, squared, measured straight: what a database can tell.
        #
        # @param lab [Lab]
        # @return [Sequel::SQL::NumericExpression]
        def self.straight(lab)
          lab.to_h.map { |part, value| (Sequel[:"lab_#{part}"] - value)**2 }.reduce(:+)
        end

        # What may be asked: kind, season, role, tag, box (an id), owner (a home's id), near ("#rrggbb"), from and to
        # (days between which some must be free), retired.
        #
        # @return [Hash] a page of styles, each with on_hand, kept, wanted, pieces (how many keep some), free (on those
        #   days, else all season), where it lies, who has some, and what keeps it when
        def search(words: "", page: 1, **asked)
          found = matching(words, asked)
          return nearest(found, asked, page) if asked[:near]

          # One look for both: which are here, and how many there are.
          here = found.order(order_of_kinds, :name, :id).limit(PER_PAGE, (page - 1) * PER_PAGE)
                      .select_map([:id, Sequel.function(:count).*.over.as(:total)])
          items = shown(rows(:styles).where(id: here.map(&:first)).order(order_of_kinds, :name, :id), asked)
          told(items, page, here.empty? ? found.count : here.first.last)
        end

        # Which pieces keep some of a style, those of the first visit first.
        #
        # @return [Array<Hash>] piece, name, home, visit_on, strike_on, wanted, held
        def kept_by(style_id)
          rows(:styles).where(id: style_id).any? or raise Problem.not_found("style")
          claims([style_id]).limit(MOST_KEPT).all.map do |row|
            { **row.slice(:piece, :name, :home, :wanted, :held), visit_on: row[:visit_on]&.iso8601,
                                                                 strike_on: row[:strike_on]&.iso8601 }
          end
        end

        # @return [Hash] one thing as a search shows it, with all particulars
        def thing(style_id)
          found = rows(:styles).where(id: style_id)
          shown(found, {}).first&.merge(styles.known_of(found.first)) or raise Problem.not_found("style")
        end

        # @return [Hash{String => Hash}] some things as a search shows them, by id
        def things(ids)
          shown(rows(:styles).where(id: ids), {}).to_h { |thing| [thing[:id], thing] }
        end

        # What is asked before a thing leaves the house.
        #
        # @return [Array<Hash>] id, asks
        def sweep(style_id)
          row = rows(:styles).where(id: style_id).first or raise Problem.not_found("style")
          owner = row[:owner_home_id] && rows(:homes).where(id: row[:owner_home_id]).first
          boxes = Boxes.new(database, studio_id).of_styles([style_id]).fetch(style_id, [])
          DeckBough::Stock::Sweep.questions({ **row, parts: row[:parts].to_a },
                                            boxes.filter_map { |lot| lot[:number] }.uniq.sort,
                                            owner: owner && (owner[:client] || owner[:name]))
        end

        # Keepsakes of each person, year by year.
        #
        # @param season [Integer] the year of this season
        # @return [Array<Hash>] of, things (id, name, year, from), missing (years)
        def keepsakes(season:)
          kept = rows(:styles).exclude(keepsake_of: nil).where(retired: false)
                              .order(:keepsake_of, :keepsake_year, :name).limit(MOST_KEEPSAKES).all
          pictures = Photographs.ids(rows(:photographs), :style_id, kept.map { |row| row[:id] })
          kept.group_by { |row| row[:keepsake_of].strip }.map do |of, things|
            years = things.map { |row| row[:keepsake_year] }
            { of: of, missing: DeckBough::Stock::KeepsakeYears.missing(years, season),
              things: things.map { |row| { **keepsake(row), photographs: pictures.fetch(row[:id], []) } } }
          end
        end

        # All there is, what is retired among it, as a table tells it.
        #
        # @return [Array<Hash>] fields of styles and particulars, on_hand, box (numbers) and owner
        def everything
          names = rows(:homes).select_hash(:id, Sequel.function(:coalesce, :client, :name).as(:name))
          there = rows(:stock_quantities).select_hash(:style_id, :on_hand)
          boxes = database[:stock_lots].join(:boxes, id: :box_id).where(Sequel[:stock_lots][:studio_id] => studio_id)
                                       .where { quantity > Lots::LEAST }.distinct.order(:number)
                                       .select_map(%i[style_id number]).group_by(&:first)
          rows(:styles).order(order_of_kinds, :name, :id).map do |row|
            { **row, parts: row[:parts].to_a, on_hand: there.fetch(row[:id], 0), owner: names[row[:owner_home_id]],
                     box: boxes.fetch(row[:id], []).map(&:last).join(DeckBough::Stock::Sheet::SEPARATOR),
                     **DeckBough::Stock::Particulars::DAYS.to_h { |day| [day, row[day]&.iso8601] } }
          end
        end

        # @param style_ids [Array<String>, nil] of all styles where it is left out
        # @return [Sequel::Dataset] what pieces that are there want and keep of styles, those of the first visit first
        def claims(style_ids = nil)
          claims = Sequel[:piece_claims]
          wanted = database[:piece_claims].join(:pieces, id: claims[:piece_id])
                                          .join(:rooms, id: Sequel[:pieces][:room_id])
                                          .join(:homes, id: Sequel[:rooms][:home_id])
                                          .where(claims[:studio_id] => studio_id, Sequel[:pieces][:deleted_at] => nil,
                                                 Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
                                          .where(claims[:wanted] > 0)
          wanted = wanted.where(claims[:style_id] => style_ids) if style_ids
          wanted.order(Sequel.asc(:visit_on, nulls: :last), Sequel[:homes][:name], Sequel[:pieces][:name])
                .select(:style_id, Sequel[:pieces][:id].as(:piece), Sequel[:pieces][:name],
                        Sequel[:homes][:name].as(:home), :visit_on, :strike_on, :wanted, :held)
        end

        private

        def told(items, page, total)
          { items: items, page: page, pages: [(total / PER_PAGE.to_f).ceil, 1].max, total: total }
        end

        def keepsake(row)
          { **row.slice(:id, :name, :kind, :colour, :texture, :shape), year: row[:keepsake_year],
                                                                       from: row[:keepsake_from] }
        end

        def styles
          Styles.new(database, studio_id)
        end

        def order_of_kinds
          Sequel.case(KINDS.each_with_index.to_h, KINDS.size, :kind)
        end

        def matching(words, asked)
          found = rows(:styles).where(retired: asked.fetch(:retired, false))
          { kind: :kind, season: :season, role: :role, tag: :tag, owner: :owner_home_id }.each do |name, column|
            found = found.where(column => asked[name]) if asked[name]
          end
          found = found.where(id: in_boxes([asked[:box]])) if asked[:box]
          found = found.where(some_free(asked[:from], asked[:to])) if asked[:from] || asked[:to]
          words.split.first(MOST_WORDS).reduce(found) { |so_far, word| so_far.where(anywhere(word)) }
        end

        # In what is said of it, or on the label or shelf of a box it lies in.
        def anywhere(word)
          pattern = "%#{word.downcase.gsub(/[\\%_]/) { |sign| "\\#{sign}" }}%"
          said = Sequel.like(:sought, pattern)
          boxes = rows(:boxes).where(deleted_at: nil).where(Sequel.like(LABEL, pattern)).select_map(:id)
          boxes.empty? ? said : said | Sequel.expr(id: in_boxes(boxes))
        end

        LABEL = Sequel.function(:lower, Sequel.lit("'box ' || number || ' ' || place || ' ' || name")).freeze
        private_constant :LABEL

        def in_boxes(boxes)
          rows(:stock_lots).where(box_id: boxes).where { quantity > Lots::LEAST }.select(:style_id)
        end

        # Some are on hand, and on no day between two do pieces keep all of them (Claims keeps those days).
        def some_free(from, till)
          full = Sequel.lit("full_days && daterange(?::date, ?::date, '[]')", from, till)
          there = rows(:stock_quantities).where { on_hand > Lots::LEAST }.exclude(full)
          { id: there.select(:style_id) }
        end

        # The nearest colours first; what is plainly another is not told.
        def nearest(found, asked, page)
          wanted = Lab.of(asked[:near])
          far = HouseRules.new(database, studio_id).current["palette.near"]
          near = straight(found, wanted).filter_map do |id, *lab|
            apart = ColourDifference.between(wanted, Lab.new(*lab))
            [id, apart] if apart <= far
          end
          sorted = near.sort_by { |id, apart| [apart, id] }
          here = sorted.slice((page - 1) * PER_PAGE, PER_PAGE).to_a.to_h
          items = shown(rows(:styles).where(id: here.keys), asked).map do |item|
            { **item, apart: here[item[:id]].round(1) }
          end
          told(items.sort_by { |item| [here[item[:id]], item[:id]] }, page, sorted.size)
        end

        # Those that may be near, as far as a database can tell.
        def straight(found, wanted)
          square = Stockroom.straight(wanted)
          found.exclude(lab_a: nil).where(square <= STRAIGHT**2).order(square, :id).limit(MOST_NEAR)
               .select_map(%i[id lab_lightness lab_a lab_b])
        end

        def shown(dataset, asked)
          found = dataset.all
          around = Around.new(database, studio_id, found.map { |row| row[:id] })
          found.map do |row|
            id = row[:id]
            { **row.slice(:id, :version, :season, :role, :condition, :tag, :keepsake_of, :shape, *Styles::COLUMNS),
              decide_by: row[:decide_by]&.iso8601, **around.of(id),
              free: around.free(id, asked[:from], asked[:to]) }
          end
        end

        # All that is told of the things of a page beside themselves, in six queries.
        class Around < Table
          attr_reader :ids

          def initialize(database, studio_id, ids)
            super(database, studio_id)
            @ids = ids
          end

          def on_hand(id)
            @on_hand ||= rows(:stock_quantities).where(style_id: ids).select_hash(:style_id, :on_hand)
            @on_hand.fetch(id, 0)
          end

          # What of it no piece keeps on any day between two.
          def free(id, from, till)
            held = kept.fetch(id, []).map do |claim|
              DeckBough::Stock::Claim.new(wanted: claim[:held], first_day: claim[:visit_on]&.jd,
                                          last_day: claim[:strike_on]&.jd)
            end
            (on_hand(id) - DeckBough::Stock::Busy.most(held, from: from&.jd, till: till&.jd)).round(6)
          end

          # @return [Hash] on_hand, kept, wanted, pieces, where, whom, keeps
          def of(id)
            claims = kept.fetch(id, [])
            { on_hand: on_hand(id), kept: claims.sum { |claim| claim[:held] }.round(6),
              wanted: claims.sum { |claim| claim[:wanted] }.round(6),
              pieces: claims.count { |claim| claim[:held].positive? },
              keeps: claims.select { |claim| claim[:held].positive? }.first(MOST_DRAWN).map { |claim| keep(claim) },
              where: where.fetch(id, []), whom: away.fetch(id, []), photographs: photographs.fetch(id, []) }
          end

          private

          def keep(claim)
            { **claim.slice(:home, :held), visit_on: claim[:visit_on]&.iso8601, strike_on: claim[:strike_on]&.iso8601 }
          end

          def kept
            @kept ||= Stockroom.new(database, studio_id).claims(ids).to_hash_groups(:style_id)
          end

          def where
            @where ||= Boxes.new(database, studio_id).of_styles(ids)
          end

          def photographs
            @photographs ||= Photographs.ids(rows(:photographs), :style_id, ids)
          end

          # What was lent and has not come back, by whom.
          def away
            away = Lent.new(database, studio_id).away.where(style_id: ids).exclude(whom: "")
            @away ||= away.map(%i[style_id whom much since]).each_with_object({}) do |(style, whom, much, since), all|
              (all[style] ||= []) << { whom: whom, quantity: much, since: since.iso8601 }
            end
          end
        end
      end
    end
  end
end
