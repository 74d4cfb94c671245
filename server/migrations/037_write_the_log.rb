# frozen_string_literal: true

# What work really took and what was noted of it, and what was made of that: house rules that were changed by the log.
Sequel.migration do
  sorts = %w[fell_off leaned dead_string dull too_much buy move make retire client held failed marked before after
             price]

  up do
    create_table(:log_times) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      # Of what it was; a name stays when its home or piece goes for good.
      uuid :home_id
      uuid :piece_id
      uuid :visit_id
      String :home_name, null: false, default: ""
      String :piece_name, null: false, default: ""
      Date :held_on, null: false
      # The year in which the season it was done for begins.
      Integer :season, null: false
      String :who, null: false, default: ""
      # told: by a person; ticks: by a run sheet, known by its home and steps.
      String :source, null: false
      String :steps, null: false, default: ""
      Float :took, null: false
      Float :pace, null: false, default: 1
      column :parts, :jsonb, null: false
      String :left_out
      # What a person corrected no tick changes.
      TrueClass :corrected, null: false, default: false
      uuid :key
      Integer :version, null: false, default: 1
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      unique %i[studio_id key], name: :log_times_key
      index %i[studio_id held_on]
      constraint(:log_time_source, source: %w[told ticks])
      constraint(:log_time_took, Sequel.lit("took > 0 and took <= 100000 and pace between 0.2 and 5"))
      constraint(:log_time_parts, Sequel.lit("jsonb_array_length(parts) between 1 and 60"))
      constraint(:log_time_words, Sequel.lit("length(home_name) <= 120 and length(piece_name) <= 500 and " \
                                             "length(who) <= 200 and length(steps) <= 4000 and " \
                                             "length(coalesce(left_out, '-')) between 1 and 200"))
    end
    run "create unique index log_times_of_steps on log_times (studio_id, home_id, season, steps) " \
        "where source = 'ticks'"

    create_table(:log_time_changes) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :log_time_id, null: false
      Bignum :account_id, null: false
      column :was, :jsonb, null: false
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      index %i[studio_id log_time_id]
      foreign_key %i[studio_id log_time_id], :log_times, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
    end

    create_table(:log_decisions) do
      uuid :key, null: false
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :house_rule, null: false
      Float :was, null: false
      # What it is from then on; as it was, where it was left.
      Float :becomes, null: false
      TrueClass :accepted, null: false
      Float :factor, null: false
      Float :spread, null: false
      Integer :jobs, null: false
      Bignum :account_id, null: false
      Date :decided_on, null: false
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      Date :taken_back_on
      Bignum :taken_back_by
      String :taken_back_why, null: false, default: ""
      primary_key %i[studio_id key]
      index %i[studio_id house_rule]
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      foreign_key %i[studio_id taken_back_by], :accounts, key: %i[studio_id id]
      constraint(:log_decision_words, Sequel.lit("length(house_rule) <= 80 and length(taken_back_why) <= 200"))
    end

    create_table(:log_remarks) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :key, null: false
      uuid :home_id
      uuid :piece_id
      uuid :visit_id
      String :home_name, null: false
      String :piece_name, null: false, default: ""
      Date :held_on, null: false
      Integer :season, null: false
      String :sort, null: false
      String :says, null: false, default: ""
      # What a fixing held on.
      String :finish, null: false, default: ""
      Integer :price_cents
      Bignum :account_id, null: false
      # An idea that was done, or let go.
      Date :settled_on
      Integer :version, null: false, default: 1
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      unique %i[studio_id key], name: :log_remarks_key
      index %i[studio_id visit_id]
      index %i[studio_id season sort]
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:log_remark_sort, sort: sorts)
      constraint(:log_remark_words, Sequel.lit("length(says) <= 500 and length(finish) <= 60 and " \
                                               "length(home_name) <= 120 and length(piece_name) <= 120"))
      constraint(:log_remark_price, Sequel.lit("price_cents is null or price_cents between 0 and 100000000"))
    end

    %w[log_times log_remarks].each do |table|
      { homes: "home_id", pieces: "piece_id", visits: "visit_id" }.each do |of, column|
        run "alter table #{table} add foreign key (studio_id, #{column}) references #{of} (studio_id, id) " \
            "on delete set null (#{column})"
      end
    end

    # How many of a home's acts the log has read.
    alter_table(:homes) { add_column :acts_read, Integer, null: false, default: 0 }

    alter_table(:photographs) do
      add_column :log_remark_id, :uuid
      drop_constraint(:photograph_of_one)
      add_constraint(:photograph_of_one,
                     Sequel.lit("num_nonnulls(style_id, box_id, sighting_id, note_key, log_remark_id) <= 1"))
    end
    run "alter table photographs add foreign key (studio_id, log_remark_id) references log_remarks (studio_id, id) " \
        "on delete set null (log_remark_id)"
    run "create index photographs_log_remark on photographs (studio_id, log_remark_id)"
  end

  down do
    alter_table(:photographs) do
      drop_constraint(:photograph_of_one)
      drop_column :log_remark_id
      add_constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id, sighting_id, note_key) <= 1"))
    end
    alter_table(:homes) { drop_column :acts_read }
    drop_table :log_remarks, :log_decisions, :log_time_changes, :log_times
  end
end
