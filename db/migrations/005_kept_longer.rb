# frozen_string_literal: true

# A build holds its file as it is; a revision holds the patch that made it, and the whole file only every so often. The
# revisions that are there keep their files: patches of old copied in another way. A deleted build stays for a while. An edit
# has an id of the page that made it, so that it is known again when its answer was lost.
Sequel.migration do
  up do
    alter_table(:builds) do
      add_column :file, :jsonb
      add_column :deleted_at, :timestamptz
    end
    run "UPDATE builds SET file = revisions.file FROM revisions WHERE revisions.id = builds.position"
    run "ALTER TABLE builds ALTER COLUMN file SET NOT NULL"
    alter_table(:revisions) do
      add_column :depth, Integer, null: false, default: 0
      add_column :edit_id, :uuid
      set_column_allow_null :file
      add_unique_constraint %i[build_id edit_id]
    end
  end

  down { raise Sequel::Error, "revisions without their files cannot be told to a program that is older" }
end
