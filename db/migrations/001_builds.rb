# frozen_string_literal: true

# Builds and their revisions. Every change is a revision that knows the one before it; a build's position among them is
# what undo and redo move. The version counts moves of the position, so that a stale write can be told.
Sequel.migration do
  change do
    create_table :builds do
      primary_key :id, type: :Bignum
      String :sample_key, text: true, unique: true
      Integer :version, null: false, default: 1
      Bignum :position
      column :summary, :jsonb, null: false, default: "{}"
      column :created_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
      column :updated_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end

    create_table :revisions do
      primary_key :id, type: :Bignum
      foreign_key :build_id, :builds, type: :Bignum, null: false, on_delete: :cascade, index: true
      foreign_key :parent_id, :revisions, type: :Bignum, on_delete: :cascade, index: true
      String :label, text: true, null: false
      column :patch, :jsonb
      column :file, :jsonb, null: false
      column :created_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end

    alter_table(:builds) { add_foreign_key [:position], :revisions, on_delete: :cascade, deferrable: true }

    create_table :settings do
      String :name, text: true, primary_key: true
      String :value, text: true, null: false
    end
  end
end
