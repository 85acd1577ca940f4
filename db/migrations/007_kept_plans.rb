# frozen_string_literal: true

# What is asked of a build where many are looked at together stays with its version, and with what it was told by (the
# program and the workshop's materials): pages read rows and compute nothing. Builds that are there are told when they are next
# asked for. The shelf is searched and sorted by the database.
Sequel.migration do
  change do
    alter_table(:builds) do
      add_column :plan, :jsonb
      add_column :told_by, String, text: true
      add_index %i[updated_at id]
    end
  end
end
