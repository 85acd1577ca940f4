# frozen_string_literal: true

require "json"

# What happens at the bench: a log that is only added to. What stood in files as marks (done, pinned, planned anew from), and the notes
# of how long things took to dry, becomes events; `progress` of a build is what follows from its events, kept beside it. Revisions
# keep what they were; the marks in them are not looked at any more. An edit may be based on any version since the file was last changed.
Sequel.migration do
  marks = ->(progress) do
    done = (progress["done"] || []).map do |row|
      ["laid", row["finished"], row["step"], { "hands_on_min" => row["hands_on_min"] }.compact]
    end
    from = progress["as_of"]
    pinned = (progress["pinned"] || []).map { |row| ["pinned", from || row["at"], row["step"], { "to" => row["at"] }] }
    [*done, *pinned, *(from && [["replanned", from, nil, { "from" => from }]])]
  end
  # The DSL is a basic object: it knows neither lambda nor proc. Moments of a workshop whose zone is not known: what the clock showed is
  # kept, as if it were UTC.
  moment = ->(text) { "#{text.length == 16 ? "#{text}:00" : text}Z" }

  up do
    create_table :bench_events do
      primary_key :n, type: :bigint, identity: true
      column :id, :uuid, null: false
      foreign_key :build_id, :builds, type: :bigint, on_delete: :set_null
      String :kind, text: true, null: false, index: true
      column :event, :jsonb, null: false
      column :received_at, :timestamptz, null: false, default: Sequel::CURRENT_TIMESTAMP
      index %i[build_id id], unique: true
      index :id
    end
    alter_table(:builds) do
      add_column :progress, :jsonb
      add_column :file_version, Integer
    end
    run("SET CONSTRAINTS ALL IMMEDIATE")

    add = ->(build_id, kind, at, step, data, of) do
      id = get(Sequel.function(:gen_random_uuid)).to_s
      event = { "id" => id, "kind" => kind, "at" => moment[at], "step" => step, "data" => data.merge("marked" => true), "of" => of }
      from(:bench_events).insert(id: Sequel.cast(id, :uuid), build_id: build_id, kind: kind,
        event: Sequel.cast(JSON.generate(event.compact), :jsonb))
    end

    from(:builds).where(Sequel.lit("file::jsonb ? 'progress'")).select(:id, Sequel.lit("(file::jsonb -> 'progress')::text AS progress")).all
      .each do |row|
      progress = JSON.parse(row[:progress])
      marks[progress].each { |kind, at, step, data| add[row[:id], kind, at, step, data, nil] }
      from(:builds).where(id: row[:id]).update(progress: Sequel.cast(row[:progress], :jsonb))
    end
    run("UPDATE builds SET file = file::jsonb - 'progress' WHERE file::jsonb ? 'progress'")
    run("UPDATE builds SET file_version = version")
    run("SET CONSTRAINTS ALL IMMEDIATE")
    alter_table(:builds) { set_column_not_null :file_version }
    alter_table(:builds) { set_column_default :file_version, 1 }

    from(:dryings).order(:id).each do |row|
      data = { "observed_min" => row[:observed_min], "text" => row[:note] }.reject { |_, value| value == "" }
      add[nil, "seen_dry", row[:noted_at].strftime("%Y-%m-%dT%H:%M"), nil, data,
        { "material" => row[:material], "foretold_min" => row[:foretold_min] }]
    end
    drop_table :dryings
  end
end
