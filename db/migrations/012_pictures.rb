# frozen_string_literal: true

# Photographs: shrunk, upright and with nothing in them but what is seen; each with a small one beside it. They are numbered build by
# build, so that events that name them mean the same wherever a build is taken to.
Sequel.migration do
  change do
    create_table :pictures do
      foreign_key :build_id, :builds, type: :bigint, null: false, on_delete: :cascade
      Integer :number, null: false
      primary_key %i[build_id number]
      column :bytes, :bytea, null: false
      column :small, :bytea, null: false
      Integer :width, null: false
      Integer :height, null: false
      column :taken_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
    end
  end
end
