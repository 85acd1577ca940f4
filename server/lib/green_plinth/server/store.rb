# frozen_string_literal: true

module GreenPlinth
  module Server
    # Builds and their revisions in PostgreSQL.
    class Store
      # A build row: id, version, position, sample_key, summary, file, label of its newest change, updated_at.
      Build = Struct.new(:id, :version, :position, :sample_key, :summary, :file, :undo, :redo, :updated_at, keyword_init: true)

      # Raised where the version a change was based on is no longer the newest.
      class Stale < StandardError; end

      def initialize(database)
        @db = database
        @db.extension(:pg_json)
        Sequel.extension(:pg_json_ops)
      end

      # @return [Array<Build>] newest change first, without their files
      def all = builds_ds.order(Sequel.desc(:updated_at), Sequel.desc(:id)).map { |row| shelved(row) }

      # @return [Build, nil]
      def find(id)
        row = build_ds(id).first or return
        revision = revisions_ds.first(id: row[:position])
        Build.new(**shelved(row).to_h, file: plain(revision[:file]), undo: revision[:parent_id] && revision[:label],
          redo: next_ds(revision[:id]).get(:label))
      end

      # @param file [Hash] a valid plinth file
      # @return [Integer] id
      def create(file, summary:, sample_key: nil)
        @db.transaction do
          id = builds_ds.insert(sample_key: sample_key, summary: json(summary))
          place(id, revisions_ds.insert(build_id: id, label: "New build", file: json(file)))
          id
        end
      end

      # A new revision on top of the one the change was based on. Raises Stale.
      def change(id, version, file, label:, patch:, summary:)
        moving(id, version) do |row|
          revision = revisions_ds.insert(build_id: id, parent_id: row[:position], label: label, patch: json(patch), file: json(file))
          move(id, revision, summary)
        end
      end

      # @return [Hash, nil] the file one change back; nil where there is none
      def before(id) = revision_file(revisions_ds.first(id: revisions_ds.where(id: build_ds(id).select(:position)).select(:parent_id)))

      # @return [Hash, nil] the file one change on, where changes were undone
      def ahead(id) = revision_file(next_ds(build_ds(id).get(:position)).first)

      def undo(id, version, summary:)
        moving(id, version) { |row| move(id, revisions_ds.where(id: row[:position]).get(:parent_id), summary) }
      end

      def redo(id, version, summary:)
        moving(id, version) { |row| move(id, next_ds(row[:position]).get(:id), summary) }
      end

      # @return [Boolean] whether there was one
      def delete(id) = build_ds(id).delete.positive?

      # Takes the samples away and puts new ones in their place; the maker's own stay as they are.
      # @param samples [Hash{String => Array(Hash, Hash)}] key → file and summary
      def replace_samples(samples)
        @db.transaction do
          builds_ds.exclude(sample_key: nil).delete
          samples.each { |key, (file, summary)| create(file, summary: summary, sample_key: key) }
        end
      end

      # Channels that the database tells changes on: of builds, and of the workshop's own entries and notes.
      CHANGED = "builds"
      RESTOCKED = "workshop"

      # Calls the block with the channel and its payload at each change that any process makes ("id version" of a build);
      # never returns, raises when the connection is lost.
      # @param ready [#call] called once when it listens
      def listen(ready:)
        @db.listen([CHANGED, RESTOCKED], loop: true, after_listen: ->(_connection) { ready.call }) do |channel, _pid, payload|
          yield(channel, payload)
        end
      end

      # @return [Hash{Integer => Integer}] by build
      def versions = builds_ds.select_hash(:id, :version)

      # @param kind [String] "materials" or "techniques"
      # @return [Hash{String => Hash}] the maker's own, by key
      def own(kind) = own_ds.where(kind: kind).order(:key).to_h { |row| [row[:key], plain(row[:data])] }

      # Puts entries in place of those of the same key: all of them or none.
      # @param entries [Hash{String => Hash{String => Hash}}] by kind and key
      def put_own(entries)
        @db.transaction do
          entries.each { |kind, list| list.each { |key, data| put_entry(kind, key, data) } }
          restocked
        end
      end

      def delete_own(kind, key) = own_ds.where(kind: kind, key: key).delete.tap { restocked }

      # @return [Array<Hash>] how long materials took: id, material, foretold_min, observed_min, note; the newest first
      def dryings = dryings_ds.reverse(:id).select(:id, :material, :foretold_min, :observed_min, :note).all

      def note_drying(material:, foretold_min:, observed_min:, note:)
        dryings_ds.insert(material: material, foretold_min: foretold_min, observed_min: observed_min, note: note).tap { restocked }
      end

      # @return [Boolean] whether there was one
      def delete_drying(id) = dryings_ds.where(id: id).delete.positive?.tap { restocked }

      def empty? = builds_ds.empty?

      # A random secret of this installation, made once and shared by every process.
      def secret(name)
        settings_ds.insert_conflict.insert(name: name, value: SecureRandom.hex(64))
        settings_ds.where(name: name).get(:value)
      end

      private

      def put_entry(kind, key, data)
        own_ds.insert_conflict(target: %i[kind key], update: { data: json(data), updated_at: Sequel::CURRENT_TIMESTAMP })
              .insert(kind: kind, key: key, data: json(data))
      end

      def restocked = @db.notify(RESTOCKED, payload: "")
      def builds_ds = @db[:builds]
      def build_ds(id) = builds_ds.where(id: id)
      def revisions_ds = @db[:revisions]
      def settings_ds = @db[:settings]
      def dryings_ds = @db[:dryings]
      def own_ds = @db[:own_entries]

      # The newest of the changes made on top of a revision.
      def next_ds(id) = revisions_ds.where(parent_id: id).reverse(:id).limit(1)

      # The row lock decides a race between two windows.
      def moving(id, version)
        @db.transaction do
          row = build_ds(id).for_update.first or return
          raise Stale unless row[:version] == version

          yield row
        end
      end

      def move(id, revision, summary)
        build_ds(id).update(position: revision, version: Sequel[:version] + 1, summary: json(summary),
          updated_at: Sequel::CURRENT_TIMESTAMP)
        @db.notify(CHANGED, payload: "#{id} #{build_ds(id).get(:version)}")
      end

      def place(id, revision) = build_ds(id).update(position: revision)
      def revision_file(row) = row && plain(row[:file])

      def shelved(row)
        Build.new(**row.slice(:id, :version, :position, :sample_key, :updated_at), summary: plain(row[:summary]))
      end

      def json(value) = Sequel.pg_jsonb_wrap(value)

      # Plain hashes and arrays: what the core compares and digests.
      def plain(value)
        case value
        when Hash, Sequel::Postgres::JSONHashBase then value.to_h.transform_values { |inner| plain(inner) }
        when Array, Sequel::Postgres::JSONArrayBase then value.to_a.map { |inner| plain(inner) }
        else value
        end
      end
    end
  end
end
