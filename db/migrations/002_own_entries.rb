# frozen_string_literal: true

# Materials and techniques of the maker's own, beside those that ship.
Sequel.migration do
  change do
    create_table :own_entries do
      String :kind, text: true, null: false
      String :key, text: true, null: false
      column :data, :jsonb, null: false
      column :updated_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key [:kind, :key]
    end
  end
end
