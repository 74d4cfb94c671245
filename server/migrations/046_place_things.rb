# frozen_string_literal: true

# Where each thing of a piece goes, for whoever puts it up. What pieces need is reckoned anew, and this with it.
Sequel.migration do
  up do
    alter_table(:piece_needs) { add_column :sites, :json, null: false, default: Sequel.lit("'[]'::json") }
    from(:piece_needs).update(stamp: "")
  end

  down { alter_table(:piece_needs) { drop_column :sites } }
end
