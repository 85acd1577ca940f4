# frozen_string_literal: true

# Devices that were let in from the local network, and the codes that let them in. Neither codes nor cookies are kept, only what they
# hash to.
Sequel.migration do
  change do
    create_table :devices do
      primary_key :id, type: :bigint, identity: true
      String :name, text: true, null: false
      String :token_hash, text: true, null: false, unique: true
      column :paired_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
      column :seen_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end
    create_table :pairings do
      String :code_hash, text: true, primary_key: true
      column :good_until, :timestamptz, null: false
    end
  end
end
