# frozen_string_literal: true

# Seasons that are over: what each came to and what stood where, kept as it was. While a season is closed and the next
# is not begun, nothing of its plans changes, whoever writes.
Sequel.migration do
  guarded = %i[homes rooms pieces piece_variants visits visit_acts hung_ornaments strip_choices anchors piece_acts
               viewpoints step_pins]

  up do
    create_table(:seasons) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      Integer :season, null: false
      Date :closed_on, null: false
      Bignum :closed_by, null: false
      # What it came to, and the house's own rules.
      column :summary, :jsonb, null: false
      column :house_rules, :jsonb, null: false
      # When the next was begun from it.
      Date :opened_on
      Bignum :opened_by
      primary_key %i[studio_id season]
      foreign_key %i[studio_id closed_by], :accounts, key: %i[studio_id id]
      foreign_key %i[studio_id opened_by], :accounts, key: %i[studio_id id]
      constraint(:season_year, Sequel.lit("season between 2000 and 2200"))
      constraint(:season_opened, Sequel.lit("(opened_on is null) = (opened_by is null)"))
    end
    # One is closed at a time.
    run "create unique index seasons_closed on seasons (studio_id) where opened_on is null"

    create_table(:season_homes) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      Integer :season, null: false
      uuid :home_id, null: false
      String :name, null: false
      column :told, :jsonb, null: false
      primary_key %i[studio_id season home_id]
      foreign_key %i[studio_id season], :seasons, key: %i[studio_id season], on_delete: :cascade
    end

    # What a remark said before somebody corrected it.
    create_table(:log_remark_changes) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :log_remark_id, null: false
      Bignum :account_id, null: false
      column :was, :jsonb, null: false
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      index %i[studio_id log_remark_id]
      foreign_key %i[studio_id log_remark_id], :log_remarks, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
    end

    # When stems are exchanged after the winter.
    alter_table(:homes) { add_column :spring_on, Date }
    # Which its plans are for; null as long as none was closed: that of the day.
    alter_table(:studios) { add_column :season, Integer }
    # A piece of last season nobody has decided on yet.
    alter_table(:pieces) { add_column :draft_of, Integer }
    # What was cut for a piece in a season that is over is no cut of this one.
    alter_table(:piece_acts) do
      add_column :settled_on, Date
      # Of what is used in a visit there may be more of the same.
      add_column :of_visit, TrueClass, null: false, default: false
    end
    run "update piece_acts set of_visit = true, told = piece_acts.told || jsonb_build_object('step', said.step) " \
        "from visit_acts said where said.key = piece_acts.key"
    run "drop index piece_acts_once"
    run "create unique index piece_acts_once on piece_acts (piece_id, kind, coalesce(style_id, piece_id)) where " \
        "taken_back_at is null and settled_on is null and not of_visit"

    run <<~SQL
      create function refuse_in_closed_season() returns trigger language plpgsql as $$
      begin
        if exists (select 1 from seasons where opened_on is null
                   and studio_id = case when tg_op = 'DELETE' then old.studio_id else new.studio_id end) then
          raise exception 'the season is closed' using errcode = 'DB001';
        end if;
        if tg_op = 'DELETE' then return old; end if;
        return new;
      end $$
    SQL
    guarded.each do |table|
      run "create trigger #{table}_of_closed_season before insert or delete on #{table} " \
          "for each row execute function refuse_in_closed_season()"
      # How far a log was read and when spring comes is nothing of its plans.
      kept = %w[old new].map { |row| "to_jsonb(#{row}) - array['acts_read', 'spring_on']" }
      run "create trigger #{table}_kept_in_closed_season before update on #{table} for each row " \
          "when (#{kept.join(' is distinct from ')}) execute function refuse_in_closed_season()"
    end
  end

  down do
    guarded.each do |table|
      run "drop trigger #{table}_of_closed_season on #{table}"
      run "drop trigger #{table}_kept_in_closed_season on #{table}"
    end
    run "drop function refuse_in_closed_season()"
    # What was said of several seasons, or more than once, counts once again: the last of it.
    run "update piece_acts set taken_back_at = current_timestamp where taken_back_at is null and exists (select 1 " \
        "from piece_acts later where later.piece_id = piece_acts.piece_id and later.kind = piece_acts.kind and " \
        "later.style_id is not distinct from piece_acts.style_id and later.taken_back_at is null and " \
        "later.id > piece_acts.id)"
    run "drop index piece_acts_once"
    alter_table(:piece_acts) do
      drop_column :settled_on
      drop_column :of_visit
    end
    run "create unique index piece_acts_once on piece_acts (piece_id, kind, coalesce(style_id, piece_id)) where " \
        "taken_back_at is null"
    from(:pieces).exclude(draft_of: nil).update(draft_of: nil)
    alter_table(:pieces) { drop_column :draft_of }
    alter_table(:studios) { drop_column :season }
    alter_table(:homes) { drop_column :spring_on }
    drop_table :log_remark_changes, :season_homes, :seasons
  end
end
