# frozen_string_literal: true

# Every table of a studio keeps others out by itself: whoever stands in a studio (deck_bough.studio) sees and changes
# that one's rows. The owner of the tables stands outside.
Sequel.migration do
  up do
    run <<~SQL
      create function standing_in() returns uuid language sql stable as
        $$ select nullif(current_setting('deck_bough.studio', true), '')::uuid $$
    SQL
    # The way for every table that comes later: select fence_studio('its_name').
    run <<~SQL
      create function fence_studio(fenced regclass, owned text default 'studio_id = standing_in()')
        returns void language plpgsql as $$ begin
          execute format('alter table %s enable row level security', fenced);
          execute format('create policy of_the_studio on %s using (%s) with check (%s)', fenced, owned, owned);
        end $$
    SQL
    select = "select fence_studio(?, ?)"
    tables.select { |table| schema(table).to_h.key?(:studio_id) }.each do |table|
      run "select fence_studio('#{table}')"
    end
    fetch(select, "studios", "id = standing_in()").all
    %w[account_active_session_keys known_browsers].each do |table|
      fetch(select, table, "account_id in (select id from accounts)").all
    end

    # What the database checks by itself it checks outside the fence, over rows that hang together anyway: within it
    # each of its statements would be fenced once more.
    %w[promised_once refuse_in_closed_season].each do |check|
      run "alter function #{check}() security definer set search_path = public, pg_temp"
    end

    # Who may found a studio beside those that are there; its word is kept by its digest alone.
    create_table(:studio_invitations) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      String :word_digest, null: false, unique: true
      DateTime :made_at, null: false
      Date :ends_on, null: false
      DateTime :used_at
    end
    # Of no studio: whoever stands in one finds nothing there.
    %w[request_counts sign_in_failures studio_invitations].each { |table| fetch(select, table, "false").all }
  end

  down do
    fetch("select tablename from pg_policies where policyname = 'of_the_studio'").map(:tablename).each do |table|
      run "drop policy of_the_studio on #{table}"
      run "alter table #{table} disable row level security"
    end
    %w[promised_once refuse_in_closed_season].each do |check|
      run "alter function #{check}() security invoker reset search_path"
    end
    drop_table :studio_invitations
    run "drop function fence_studio(regclass, text)"
    run "drop function standing_in()"
  end
end
