# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was looked at becomes things of the stockroom, in few statements however many rows there are; each count is
      # an entry.
      class ImportLoading < Table
        NOTE = "read in"
        LAB = %i[lab_lightness lab_a lab_b].freeze
        COLUMNS = [*Styles::COLUMNS, *Styles::PARTICULARS, :owner_home_id, *LAB].freeze

        def initialize(database, studio_id, import_id, account_id)
          super(database, studio_id)
          @import_id = import_id
          @account_id = account_id
        end

        # Every row of it was looked at and is right.
        def load
          make_boxes
          make_things
          make_counts
          lay_down
          change
        end

        private

        def looked_at(state)
          rows(:stock_import_rows).where(import_id: @import_id, state: state)
        end

        def cell(name)
          Sequel.pg_jsonb_op(Sequel[:stock_import_rows][:thing]).get_text(name)
        end

        def on_hand
          Sequel.cast(cell("on_hand"), Float)
        end

        def fresh
          looked_at("new")
        end

        # A box that is named and not there is made.
        def make_boxes
          named = looked_at(%w[new changed]).exclude(cell("box") => nil).distinct
                                            .select_map(Sequel.cast(cell("box"), Integer).as(:box))
          known = rows(:boxes).where(deleted_at: nil).select_map(:number)
          (named - known).sort.each { |number| Boxes.new(database, studio_id).create({ "number" => number }) }
        end

        # The database reads the columns of a style out of what was kept of its row.
        def make_things
          names = COLUMNS.map { |name| database.literal(name) }.join(", ")
          database[<<~SQL, studio_id, @import_id].insert
            insert into styles (id, studio_id, version, #{names})
            select r.style_id, r.studio_id, 1, #{names}
            from stock_import_rows r, jsonb_populate_record(null::styles, r.thing) as thing
            where r.studio_id = ? and r.import_id = ? and r.state = 'new'
          SQL
        end

        def counted
          fresh.where(on_hand > 0)
        end

        def make_counts
          database[:stock_quantities].insert(%i[studio_id style_id on_hand],
                                             counted.select(:studio_id, :style_id, on_hand))
          database[:stock_moves].insert(%i[studio_id style_id quantity reason note key account_id],
                                        counted.select(:studio_id, :style_id, on_hand, "opening", NOTE,
                                                       Sequel.function(:gen_random_uuid), @account_id))
        end

        # Where each first count lies; of ribbon, on which rolls.
        def lay_down
          by_piece = counted.exclude(cell("kind") => "ribbon")
          database[:stock_lots].insert(%i[studio_id style_id box_id quantity],
                                       by_piece.left_join(boxes.as(:b), number: Sequel.cast(cell("box"), Integer))
                                               .select(Sequel[:stock_import_rows][:studio_id], :style_id,
                                                       Sequel[:b][:id], on_hand))
          lay_down_rolls
          # So many rows are new to the database: how they hang together it can only tell when it has looked.
          Fence.outside(database) { database.run("analyze stock_import_rows, stock_moves, stock_lots") }
          moves = database[:stock_moves].where(Sequel[:stock_moves][:studio_id] => studio_id,
                                               Sequel[:stock_moves][:style_id] => fresh.select(:style_id))
          lots = moves.join(:stock_lots, style_id: :style_id)
          database[:stock_move_lots].insert(%i[studio_id move_id lot_id quantity],
                                            lots.select(Sequel[:stock_lots][:studio_id], Sequel[:stock_moves][:id],
                                                        Sequel[:stock_lots][:id], Sequel[:stock_lots][:quantity]))
        end

        def boxes
          rows(:boxes).where(deleted_at: nil).select(:id, :number)
        end

        def lay_down_rolls
          ids = boxes.select_hash(:number, :id)
          ribbons = counted.where(cell("kind") => "ribbon").select_map(%i[style_id thing])
          database[:stock_lots].multi_insert(ribbons.flat_map do |style, thing|
            lots = DeckBough::Stock::Spreading.new([], roll_m: thing["pack_size"])
            lots.moved(thing["on_hand"], box: ids[thing["box"]]).fresh.map do |lot|
              { studio_id: studio_id, style_id: style, box_id: lot.box, quantity: lot.quantity }
            end
          end)
        end

        def change
          changed = looked_at("changed").order(:number).select_map(%i[style_id thing])
          locked = rows(:styles).where(id: changed.map(&:first)).order(:id).lock_style(UNDER).select_hash(:id, :version)
          changed.each { |style, thing| raise moved_on(thing) if locked[style] != thing["version"] }
          ids = boxes.select_hash(:number, :id)
          changed.each { |style, thing| change_one(style, thing, ids) }
          Claims.new(database, studio_id).share_out(locked.keys)
        end

        def change_one(style, thing, boxes)
          values = thing.to_h.transform_keys(&:to_sym)
          rows(:styles).where(id: style).update(version: Sequel[:version] + 1, **values.slice(*COLUMNS),
                                                parts: Sequel.pg_array(values[:parts], :text))
          stock.count(style, values[:on_hand], account_id: @account_id)
          move(style, boxes[values[:box]]) if values[:box]
        end

        # Into the one box that is named; what is named with several lies as it lay.
        def move(style, box)
          from = rows(:stock_lots).where(style_id: style).where { quantity > Lots::LEAST }.distinct.select_map(:box_id)
          (from - [box]).each do |one|
            stock.carry(style, nil, from: one, into: box, key: SecureRandom.uuid, account_id: @account_id)
          end
        end

        def stock
          @stock ||= Stock.new(database, studio_id)
        end

        # What somebody changed or counted since is not set back to what it was.
        def moved_on(thing)
          Problem.invalid([{ pointer: "/rows", code: "moved_on",
                             message: "“#{thing['name']}” was changed or counted since. Look at every row again." }])
        end
      end
    end
  end
end
