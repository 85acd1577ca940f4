# frozen_string_literal: true

# What is on the shelf of the workshop: a row for each kind of jar, as a stores file has it.
Sequel.migration do
  change do
    create_table :jars do
      primary_key :id, type: :bigint, identity: true
      column :data, :jsonb, null: false
      column :updated_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end
  end
end
