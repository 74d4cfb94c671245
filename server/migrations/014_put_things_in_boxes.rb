# frozen_string_literal: true

# Where things are: so many of each in a box, ribbons by roll and offcut; and what is known of them beyond what plans
# reckon with.
Sequel.migration do
  kinds = { before: %w[ornament ribbon light pick garland stem fixing wreath], fresh: %w[tree decor tool] }
  reasons = %w[opening counted cut cut_off taken_back bought used returned broken lost found lent given reversed]
  before = %w[name kind material texture belongs_with]
  sought = Kernel.lambda do |columns|
    told = columns.map { |column| "coalesce(#{column}, '')" }.join(" || ' ' || ")
    "alter table styles add column sought text generated always as (lower(#{told})) stored"
  end

  up do
    create_table(:boxes) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      # What stands on its label.
      Integer :number, null: false
      String :name, null: false, default: ""
      String :place, null: false, default: ""
      Float :litres, null: false, default: 45
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      # When somebody last counted what is inside.
      DateTime :seen_at
      Bignum :seen_by
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id number], unique: true, where: { deleted_at: nil }, name: :boxes_number
      foreign_key %i[studio_id seen_by], :accounts, key: %i[studio_id id]
      constraint(:box_number, Sequel.lit("number between 1 and 99999"))
      constraint(:box_words, Sequel.lit("length(name) <= 80 and length(place) <= 60"))
      constraint(:box_litres, Sequel.lit("litres between 0.5 and 2000"))
    end

    # So much of a style in one place; one roll or offcut of a ribbon each. They sum to what is on hand.
    create_table(:stock_lots) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, null: false
      uuid :box_id
      Float :quantity, null: false
      unique %i[studio_id id]
      index %i[studio_id style_id]
      index %i[studio_id box_id]
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id box_id], :boxes, key: %i[studio_id id]
      constraint(:stock_lot_quantity, Sequel.lit("quantity >= 0"))
    end

    # What an entry did to which lot, so that it can be reversed there.
    alter_table(:stock_moves) { add_unique_constraint %i[studio_id id], name: :stock_moves_studio_id_key }
    create_table(:stock_move_lots) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      Bignum :move_id, null: false
      Bignum :lot_id, null: false
      Float :quantity, null: false
      primary_key %i[move_id lot_id]
      foreign_key %i[studio_id move_id], :stock_moves, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id lot_id], :stock_lots, key: %i[studio_id id], on_delete: :cascade
    end

    run <<~SQL
      insert into stock_lots (studio_id, style_id, quantity)
      select q.studio_id, q.style_id, q.on_hand from stock_quantities q join styles s on s.id = q.style_id
      where q.on_hand > 0 and s.kind <> 'ribbon';
      insert into stock_lots (studio_id, style_id, quantity)
      select q.studio_id, q.style_id, s.pack_size from stock_quantities q join styles s on s.id = q.style_id,
             generate_series(1, least(floor(q.on_hand / s.pack_size + 1e-9), 60)::int)
      where q.on_hand > 0 and s.kind = 'ribbon';
      insert into stock_lots (studio_id, style_id, quantity)
      select studio_id, style_id, rest from (
        select q.studio_id, q.style_id,
               round((q.on_hand - least(floor(q.on_hand / s.pack_size + 1e-9), 60) * s.pack_size)::numeric, 6) as rest
        from stock_quantities q join styles s on s.id = q.style_id where s.kind = 'ribbon') begun
      where rest > 0
    SQL

    alter_table(:stock_moves) do
      # To whom something was lent or given.
      add_column :whom, String, null: false, default: ""
      add_constraint(:stock_move_whom, Sequel.lit("length(whom) <= 80"))
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: [*reasons, "moved"])
    end

    run "alter table styles drop column sought"
    alter_table(:styles) do
      add_column :season, String, null: false, default: "holiday"
      add_column :role, String
      add_column :condition, String, null: false, default: "good"
      add_column :finish, String
      add_column :bought_from, String
      add_column :bought_on, Date
      add_column :seasons_expected, Integer
      add_column :tag, String, null: false, default: "none"
      add_column :decide_by, Date
      add_column :keepsake_of, String
      add_column :keepsake_year, Integer
      add_column :keepsake_from, String
      add_column :shedding, TrueClass, null: false, default: false
      add_column :drape, String
      add_column :shape, String
      add_column :riser_height_m, Float
      add_column :riser_top_m, Float
      add_column :tested_on, Date
      add_column :dead_percent, Float
      add_column :litres, Float
      add_column :parts, "text[]", null: false, default: Sequel.lit("'{}'")
      # Its colour as the eye orders it, so that what is near to another is found.
      add_column :lab_lightness, Float
      add_column :lab_a, Float
      add_column :lab_b, Float
      # Whose it is, where it is a client's own: it goes to that client's home only.
      add_column :owner_home_id, :uuid
      add_foreign_key %i[studio_id owner_home_id], :homes, key: %i[studio_id id]
      add_constraint(:style_season, season: %w[holiday winter all_year])
      add_constraint(:style_role, Sequel.lit("role is null or role in ('base', 'change')"))
      add_constraint(:style_condition, condition: %w[new good worn to_mend])
      add_constraint(:style_tag, tag: %w[none may_go_back price_only])
      add_constraint(:style_dead, Sequel.lit("dead_percent is null or dead_percent between 0 and 100"))
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: kinds.values.flatten)
    end
    run sought.call([*before, "finish", "keepsake_of", "keepsake_from", "bought_from"])
    from(:styles).exclude(colour: nil).distinct.select_map(:colour).each do |colour|
      lab = DeckBough::Lab.of(colour)
      from(:styles).where(colour: colour).update(lab_lightness: lab.lightness, lab_a: lab.a, lab_b: lab.b)
    end
  end

  down do
    run "alter table styles drop column sought"
    from(:styles).where(kind: kinds[:fresh]).delete
    alter_table(:styles) do
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: kinds[:before])
      %i[season role condition finish bought_from bought_on seasons_expected tag decide_by keepsake_of keepsake_year
         keepsake_from shedding drape shape riser_height_m riser_top_m tested_on dead_percent litres parts
         lab_lightness lab_a lab_b owner_home_id].each { |column| drop_column column }
    end
    run sought.call(before)
    drop_table :stock_move_lots, :stock_lots, :boxes
    # What was carried about moved no count.
    from(:stock_moves).where(reason: "moved").delete
    alter_table(:stock_moves) do
      drop_constraint :stock_moves_studio_id_key
      drop_column :whom
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: reasons)
    end
  end
end
