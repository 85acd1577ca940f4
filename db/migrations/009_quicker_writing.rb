# frozen_string_literal: true

# What is written at every edit and never looked into by the database is kept as text (json): taking it apart into numbers is most of
# what writing costs. The drawing is by itself, apart from what the shelf is searched and sorted by. All is compressed by LZ4, which
# takes a tenth of the time, where the server has it (PostgreSQL 14 and later, as most are built).
Sequel.migration do
  columns = { "builds" => %w[file summary plan drawing known_starts], "revisions" => %w[file patch], "inquiries" => %w[answer] }
  quicker = columns.flat_map { |table, names| names.map { |name| "ALTER TABLE #{table} ALTER COLUMN #{name} SET COMPRESSION lz4;" } }

  up do
    alter_table(:builds) do
      add_column :drawing, :json
      set_column_type :plan, :json, using: Sequel.lit("plan::json")
    end
    run("UPDATE builds SET drawing = summary -> 'drawing', summary = summary - 'drawing'")
    run("SET CONSTRAINTS ALL IMMEDIATE")
    run("DO $$ BEGIN #{quicker.join(" ")} EXCEPTION WHEN feature_not_supported OR invalid_parameter_value THEN NULL; END $$")
  end

  down do
    run("UPDATE builds SET summary = summary || jsonb_build_object('drawing', drawing::jsonb)")
    run("SET CONSTRAINTS ALL IMMEDIATE")
    alter_table(:builds) do
      drop_column :drawing
      set_column_type :plan, :jsonb, using: Sequel.lit("plan::jsonb")
    end
  end
end
