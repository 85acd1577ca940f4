# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # What happens at the bench: events that are only ever added, and what follows from them for a build.
      module Happenings
        # Those that forecasts learn from.
        LEARNT = %w[started resumed paused laid redone still_wet seen_dry used measured forgot took_back].freeze

        # @param build_id [Integer, nil] nil: the workshop's own
        # @return [Array<Hash>] as a plinth file has them
        def events(build_id) = events_ds.where(build_id: build_id).order(:n).select_map(:event)

        # @return [Hash{Integer => Array<Hash>}] of all builds, deleted ones too, by build (nil: the workshop's own)
        def learnt_events = by_build(LEARNT)

        # @return [Hash{Integer => Array<Hash>}] the same, of what went wrong
        def troubles = by_build(%w[redone took_back])

        # @return [Array<Events::Event>] what was used up over all builds, in order
        def used
          by_build(%w[used took_back]).values.flat_map { |rows| Events::Log.new(rows.map { |row| Events::Event.of(row) }).events }
            .uniq(&:id).sort_by(&:place)
        end

        # Adds what is new of a build, and keeps what follows from all of it; each addition is a version of the build, on which an edit
        # of the file may still be based as on the one before.
        # @param rows [Array<Hash>] events
        # @yield [Array<Hash>] all events; answers with the build's `progress`, or nil for none
        # @return [Integer, nil] the new version; nil where all were known, or there is no such build
        def add_events(build_id, rows)
          @db.transaction do
            locked(build_id) or return
            next if insert_events(build_id, rows).empty?

            progress = yield(events(build_id))
            build_ds(build_id).update(progress: progress && json(progress), version: Sequel[:version] + 1, told_by: nil,
              updated_at: Sequel::CURRENT_TIMESTAMP)
            version = build_ds(build_id).get(:version)
            drop_inquiries(inquiries_ds.where(build_id: build_id).exclude(version: version))
            tell(build_id, version)
            version
          end
        end

        # The workshop's own.
        # @return [void]
        def add_workshop_events(rows) = insert_events(nil, rows)

        # @return [Integer, nil, false] the build that an event is of, nil: the workshop's own; false: there is none
        def build_of_event(id)
          row = events_ds.where(id: Sequel.cast(id, :uuid)).select(:build_id).first
          row ? row[:build_id] : false
        end

        # Kinds that are told when they are found again.
        FOUND = %w[laid skipped redone noted pictured measured used seen_dry].freeze

        # @param words [Array<String>] all of which are to be met; a gap between words counts as one in a key, too
        # @return [Array<Array(Integer, String, Hash)>] build, its title and event of builds that are there, the newest first
        def search_events(words, limit)
          taken = events_ds.where(kind: "took_back").select(Sequel.lit("event #>> '{data,event}'"))
          text = Sequel.lit("event::text")
          found = words.reduce(events_ds.where(kind: FOUND)) { |rows, word| rows.where(text.ilike("%#{rows.escape_like(word)}%")) }
          air = Sequel.lit("coalesce(event #>> '{data,what}', '') IN ('temperature', 'humidity')")
          found = found.exclude(Sequel.&({ kind: "measured" }, air))
          found.join(shelf_ds.select(:id, Sequel.lit("summary ->> 'title' AS title")).as(:build), id: :build_id)
            .exclude(Sequel.cast(Sequel[:bench_events][:id], String) => taken)
            .order(Sequel.lit("event ->> 'at' DESC")).limit(limit).select_map([:build_id, Sequel[:build][:title], :event])
        end

        private

        def by_build(kinds)
          events_ds.where(kind: kinds).order(:n).select_map(%i[build_id event]).group_by(&:first)
            .transform_values { |rows| rows.map(&:last) }
        end

        # @return [Array<String>] kinds of those that were not there
        def insert_events(build_id, rows)
          fresh = rows.uniq { |row| row["id"].downcase }
          ids = fresh.map { |row| Sequel.cast(row["id"], :uuid) }
          known = events_ds.where(build_id: build_id, id: ids).select_map(Sequel.cast(:id, String))
          fresh = fresh.reject { |row| known.include?(row["id"].downcase) }
          fresh.each do |row|
            events_ds.insert(id: Sequel.cast(row["id"], :uuid), build_id: build_id, kind: row["kind"], event: json(row))
          end
          restocked if fresh.any? { |row| Desk::Recording::TEACH.include?(row["kind"]) }
          stored if fresh.any? { |row| %w[used took_back].include?(row["kind"]) }
          fresh.map { |row| row["kind"] }
        end

        def events_ds = @db[:bench_events]
      end
    end
  end
end
