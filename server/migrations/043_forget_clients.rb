# frozen_string_literal: true

# Who saw and changed a home, day by day; and what a closed season keeps may be forgotten, though not changed.
Sequel.migration do
  up do
    create_table(:home_accesses) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      Bignum :account_id, null: false
      Date :on_day, null: false
      TrueClass :changed, null: false
      DateTime :first_at, null: false
      DateTime :last_at, null: false
      primary_key %i[home_id account_id on_day changed]
      index %i[studio_id on_day]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
    end
    run "select fence_studio('home_accesses')"
    run <<~SQL
      create or replace function refuse_in_closed_season() returns trigger language plpgsql
        security definer set search_path = public, pg_temp as $$
      begin
        if current_setting('deck_bough.forgets', true) is distinct from 'yes'
           and exists (select 1 from seasons where opened_on is null
                       and studio_id = case when tg_op = 'DELETE' then old.studio_id else new.studio_id end) then
          raise exception 'the season is closed' using errcode = 'DB001';
        end if;
        if tg_op = 'DELETE' then return old; end if;
        return new;
      end $$
    SQL
  end

  down do
    run <<~SQL
      create or replace function refuse_in_closed_season() returns trigger language plpgsql
        security definer set search_path = public, pg_temp as $$
      begin
        if exists (select 1 from seasons where opened_on is null
                   and studio_id = case when tg_op = 'DELETE' then old.studio_id else new.studio_id end) then
          raise exception 'the season is closed' using errcode = 'DB001';
        end if;
        if tg_op = 'DELETE' then return old; end if;
        return new;
      end $$
    SQL
    drop_table :home_accesses
  end
end
