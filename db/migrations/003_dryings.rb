# frozen_string_literal: true

# How long materials really took to dry, against what was foretold, as makers note it.
Sequel.migration do
  change do
    create_table :dryings do
      primary_key :id, type: :Bignum
      String :material, text: true, null: false, index: true
      Float :foretold_min, null: false
      Float :observed_min, null: false
      String :note, text: true, null: false, default: ""
      column :noted_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end
  end
end
