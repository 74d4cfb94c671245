# frozen_string_literal: true

# The days on which pieces keep all there is of a style: a search for what is free between two days reads them instead
# of adding up every claim. Kept by Store::Claims wherever it shares out; here from what was shared out before.
Sequel.migration do
  up do
    alter_table(:stock_quantities) { add_column :full_days, "datemultirange", null: false, default: Sequel.lit("'{}'") }

    run <<~SQL
      with kept as (
        select piece_claims.style_id, piece_claims.held, coalesce(homes.visit_on, '-infinity'::date) as first,
               coalesce(homes.strike_on, 'infinity'::date) as last
        from piece_claims
        join pieces on pieces.id = piece_claims.piece_id and pieces.deleted_at is null
        join rooms on rooms.id = pieces.room_id and rooms.deleted_at is null
        join homes on homes.id = rooms.home_id and homes.deleted_at is null
        where piece_claims.held > 0
      ), begun as (select distinct style_id, first as day from kept),
      full_from as (
        select begun.style_id, begun.day,
               (select min(k.last) from kept k where k.style_id = begun.style_id and begun.day between k.first and k.last) as last
        from begun join stock_quantities q on q.style_id = begun.style_id
        where q.on_hand > 1e-6 and
          (select sum(k.held) from kept k where k.style_id = begun.style_id and begun.day between k.first and k.last) >= q.on_hand - 1e-6
      )
      update stock_quantities set full_days = told.days
      from (
        select style_id, range_agg(daterange(nullif(day, '-infinity'), nullif(last, 'infinity'), '[]')) as days
        from full_from group by style_id
      ) told
      where told.style_id = stock_quantities.style_id
    SQL
  end

  down { alter_table(:stock_quantities) { drop_column :full_days } }
end
