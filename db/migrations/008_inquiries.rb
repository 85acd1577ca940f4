# frozen_string_literal: true

require "que"

# Heavy questions are answered by processes of their own: what was asked of which version of a build, how far it has come, and the
# answer, kept as long as the version is the newest. The queue itself is que's. Of each build the starts of the best plan that a
# longer search has found stay with it.
Sequel.migration do
  up do
    Que.connection = self
    Que.migrate!(version: 7)
    create_table(:inquiries) do
      primary_key :id, type: :Bignum
      foreign_key :build_id, :builds, type: :Bignum, null: false, on_delete: :cascade
      Integer :version, null: false
      String :told_by, text: true, null: false
      String :kind, text: true, null: false
      column :asked, :jsonb, null: false
      Integer :done
      Integer :of
      column :answer, :jsonb
      column :problem, :jsonb
      column :asked_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
      unique %i[build_id version told_by kind asked]
    end
    alter_table(:builds) { add_column :known_starts, :jsonb }
  end

  down do
    alter_table(:builds) { drop_column :known_starts }
    drop_table(:inquiries)
    Que.connection = self
    Que.migrate!(version: 0)
  end
end
