# frozen_string_literal: true

# The database itself refuses to promise more of a thing on one day than there is, whoever asks and however many at
# once.
Sequel.migration do
  up do
    run <<~SQL
      create function promised_once() returns trigger language plpgsql as $$
      declare twice uuid;
      begin
        -- Whoever promises the same things waits here, and then sees what the other one promised.
        perform 1 from stock_quantities where style_id in (select style_id from promised where held > 0)
          order by style_id for update;
        select style_id into twice from (
          select style_id, sum(held) over (partition by style_id order by day, held) as taken from (
            select c.style_id, c.held, coalesce(h.visit_on, '-infinity') as day
            from piece_claims c join pieces p on p.id = c.piece_id join rooms r on r.id = p.room_id
            join homes h on h.id = r.home_id
            where c.style_id in (select style_id from promised where held > 0) and c.held > 0
              and p.deleted_at is null and r.deleted_at is null and h.deleted_at is null
            union all
            select c.style_id, -c.held, coalesce(h.strike_on + 1, 'infinity')
            from piece_claims c join pieces p on p.id = c.piece_id join rooms r on r.id = p.room_id
            join homes h on h.id = r.home_id
            where c.style_id in (select style_id from promised where held > 0) and c.held > 0
              and p.deleted_at is null and r.deleted_at is null and h.deleted_at is null
          ) as days
        ) as sums left join stock_quantities q using (style_id)
        where taken > coalesce(q.on_hand, 0) + 1e-5
        limit 1;
        if twice is not null then
          raise exception 'More of % is promised on one day than there is', twice
            using errcode = 'check_violation', constraint = 'piece_claims_promised_once';
        end if;
        return null;
      end $$;
      create trigger piece_claims_promised_once after insert on piece_claims
        referencing new table as promised for each statement execute function promised_once();
      create trigger piece_claims_still_promised_once after update on piece_claims
        referencing new table as promised for each statement execute function promised_once();
    SQL
  end

  down do
    run <<~SQL
      drop trigger piece_claims_promised_once on piece_claims;
      drop trigger piece_claims_still_promised_once on piece_claims;
      drop function promised_once();
    SQL
  end
end
