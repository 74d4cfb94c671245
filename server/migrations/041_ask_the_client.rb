# frozen_string_literal: true

# What a client is shown and says: proposals, each as it was sent every time, what was said beside, what was accepted.
Sequel.migration do
  up do
    alter_table(:studio_prices) do
      add_column :store_percent, Float, null: false, default: 0
      add_column :storage_cents, Integer, null: false, default: 0
      add_constraint(:prices_of_the_store,
                     Sequel.lit("store_percent between 0 and 100 and storage_cents between 0 and 1000000"))
    end

    create_table(:proposals) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      Integer :season, null: false
      Integer :version, null: false, default: 1
      # What is said and agreed, until it is sent.
      column :terms, :jsonb, null: false
      # By which nobody finds it who was not given it; of one that was never sent there is none.
      String :link, unique: true
      Date :ends_on
      DateTime :withdrawn_at
      Bignum :withdrawn_by
      unique %i[studio_id id]
      index %i[studio_id home_id]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id withdrawn_by], :accounts, key: %i[studio_id id]
      constraint(:proposal_sent_ends, Sequel.lit("(link is null) = (ends_on is null)"))
    end
    run "create unique index proposals_standing on proposals (home_id) where withdrawn_at is null"

    create_table(:proposal_editions) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :proposal_id, null: false
      Integer :number, null: false
      # Sent once, whoever presses twice.
      uuid :key, null: false
      # All that its page shows, as it was then; pictures by what they are of.
      column :document, :jsonb, null: false
      column :pictures, :jsonb, null: false
      # Which versions the client chose, by piece.
      column :choices, :jsonb, null: false, default: "{}"
      DateTime :sent_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      Bignum :sent_by, null: false
      DateTime :seen_at
      DateTime :accepted_at
      String :accepted_by
      Integer :accepted_cents
      unique %i[proposal_id number]
      unique %i[studio_id key], name: :proposal_editions_key
      unique %i[studio_id id]
      foreign_key %i[studio_id proposal_id], :proposals, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id sent_by], :accounts, key: %i[studio_id id]
      constraint(:edition_accepted, Sequel.lit("num_nonnulls(accepted_at, accepted_by, accepted_cents) in (0, 3)"))
    end

    create_table(:proposal_sayings) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :proposal_id, null: false
      uuid :key, null: false
      # A piece of the edition it was said of; of none, the whole.
      uuid :piece_id
      String :piece_name, null: false, default: ""
      # Null: the client.
      Bignum :account_id
      String :says, null: false
      DateTime :said_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      # What it answers.
      uuid :answers
      unique %i[studio_id key], name: :proposal_sayings_key
      unique %i[proposal_id id]
      index %i[proposal_id said_at]
      foreign_key %i[studio_id proposal_id], :proposals, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[proposal_id answers], :proposal_sayings, key: %i[proposal_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:studio_answers, Sequel.lit("(account_id is null) = (answers is null)"))
    end

    alter_table(:photographs) do
      add_column :proposal_id, :uuid
      add_foreign_key [:proposal_id], :proposals, on_delete: :set_null
      drop_constraint(:photograph_of_one)
      add_constraint(:photograph_of_one,
                     Sequel.lit("num_nonnulls(style_id, box_id, sighting_id, note_key, log_remark_id, " \
                                "proposal_id) <= 1"))
    end
    run "create index photographs_of_proposals on photographs (studio_id, proposal_id)"
  end

  down do
    from(:photographs).exclude(proposal_id: nil).update(proposal_id: nil)
    alter_table(:photographs) do
      drop_constraint(:photograph_of_one)
      drop_foreign_key [:proposal_id]
      drop_column :proposal_id
      add_constraint(:photograph_of_one,
                     Sequel.lit("num_nonnulls(style_id, box_id, sighting_id, note_key, log_remark_id) <= 1"))
    end
    drop_table :proposal_sayings, :proposal_editions, :proposals
    alter_table(:studio_prices) do
      drop_constraint(:prices_of_the_store)
      drop_column :store_percent
      drop_column :storage_cents
    end
  end
end
