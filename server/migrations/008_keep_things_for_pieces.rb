# frozen_string_literal: true

# What each piece keeps of stock for its dates: the same thing is never promised twice.
Sequel.migration do
  up do
    # The order in which pieces came to want a style: first come keeps it.
    run "create sequence claim_order"
    create_table(:piece_claims) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      uuid :style_id, null: false
      Float :wanted, null: false
      # Null while the piece takes none of it: it then comes last, and sees what is free.
      Bignum :came
      # What the piece may count on, as it was last shared out.
      Float :free, null: false, default: 0
      Float :held, null: false, default: 0
      primary_key %i[piece_id style_id]
      index %i[studio_id style_id]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:piece_claim_wanted, Sequel.lit("wanted >= 0 and (wanted = 0 or came is not null)"))
      constraint(:piece_claim_held, Sequel.lit("held >= 0 and held <= free and held <= wanted"))
    end
    # Reckoned before anything was kept for a piece: they are reckoned again, and claim then.
    run "delete from piece_needs"
  end

  down do
    drop_table :piece_claims
    run "drop sequence claim_order"
  end
end
