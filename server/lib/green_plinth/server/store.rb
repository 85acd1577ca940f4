# frozen_string_literal: true

module GreenPlinth
  module Server
    # Builds and their revisions in PostgreSQL. What is told of a build stays with it: its `summary` for the shelf, its `plan` for
    # where many are looked at together, and `told_by`, what both were computed with.
    class Store
      include Stock
      include Settings
      include Inquiries
      include Jars
      include Happenings
      include Pictures
      include Devices
      include SampleBuilds

      # A build row: id, version, file_version (the one that its file was last changed at), position, sample_key, summary, told_by, file
      # (without `progress`), progress, labels of what undo and redo would do, updated_at, and deleted_at of one that was thrown away.
      Build = Struct.new(:id, :version, :file_version, :position, :sample_key, :summary, :told_by, :file, :progress, :undo, :redo,
        :updated_at, :deleted_at, keyword_init: true) do
        # What happened at the bench since then changed nothing of the file.
        # @return [Boolean] whether an edit that was based on this version is based on the file as it is
        def based?(version) = version.between?(file_version, self.version)
      end

      # Raised where the version a change was based on is no longer the newest.
      class Stale < StandardError; end

      # A deleted build comes back for so long, days.
      KEPT_DAYS = 30

      # What PostgreSQL calls the types (catalogue pg_type).
      JSON_TYPES = [114, 3802].freeze
      private_constant :JSON_TYPES

      def initialize(database)
        @db = database
        @db.extension(:pg_json)
        Sequel.extension(:pg_json_ops)
        # Plain hashes and arrays: what the core compares and digests.
        JSON_TYPES.each { |type| @db.add_conversion_proc(type) { |text| JSON.parse(text) } }
        @revisions = Revisions.new(database)
        Que.connection = database
      end

      # @return [Array<Build>] newest change first, without their files
      def all = shelf_ds.order(Sequel.desc(:updated_at), Sequel.desc(:id)).select(*SHELVED).map { |row| shelved(row) }

      # How the shelf may be sorted; ready: those that are not ready yet, by their dates, and then the others.
      SORTS = %w[newest ready title].freeze

      # @param search [String, nil] in titles, large and small letters alike
      # @param sort [String] one of SORTS
      # @param now [String] a moment
      # @param from [Integer] so many are passed over
      # @param limit [Integer]
      # @return [Array(Array<Build>, Integer)] some of them, and how many there are in all
      def page(search: nil, sort: "newest", now: "", from: 0, limit: 60)
        found = search ? shelf_ds.where(title.ilike("%#{shelf_ds.escape_like(search)}%")) : shelf_ds
        order = { "newest" => [Sequel.desc(:updated_at)], "title" => [Sequel.function(:lower, title)],
                  "ready" => [Sequel.case([[ready_at >= now, 0]], 1), ready_at, Sequel.desc(:updated_at)] }.fetch(sort)
        rows = found.order(*order, Sequel.desc(:id)).limit(limit, from).select(*SHELVED)
        [rows.map { |row| shelved(row) }, found.count]
      end

      # @param moment [String]
      # @return [Array<Build>] those that are not ready by then, as far as is known, without their drawings
      def unfinished(moment)
        shelf_ds.where(Sequel.|({ ready_at => nil }, ready_at >= moment)).order(:id).select(:id, :version, :told_by, title.as(:title))
          .map { |row| Build.new(**row.slice(:id, :version, :told_by), summary: { "title" => row[:title] }) }
      end

      # @return [Array<Array(Integer, Integer, String, Hash)>] id, version, told_by and plan of those that have one
      def plans(ids)
        shelf_ds.where(id: ids).exclude(plan: nil).select_map(%i[id version told_by plan])
      end

      # What is told of a version anew; nothing where the build has changed since.
      # @param told [Hash] summary:, plan: and told_by:
      # @return [void]
      def retell(id, version, told) = build_ds(id).where(version: version).update(columns(**told))

      # @return [Build, nil]
      def find(id)
        row = build_ds(id).select(*SHELVED - %i[summary drawing], :file, :file_version, :progress).first or return
        revision = @revisions.row(row[:position])
        Build.new(**shelved(row).to_h, **row.slice(:file, :file_version, :progress), undo: revision[:parent_id] && revision[:label],
          redo: @revisions.after(revision[:id])&.fetch(:label))
      end

      # @param file [Hash] a valid plinth file, without `progress`
      # @param events [Array<Hash>] that it comes with
      # @param progress [Hash, nil] what follows from them
      # @param told [Hash] summary:, and plan: and told_by: where they are known
      # @return [Integer] id
      def create(file, sample_key: nil, events: [], progress: nil, **told)
        @db.transaction do
          id = builds_ds.insert(sample_key: sample_key, file: json(file), progress: progress && json(progress), **columns(**told))
          insert_events(id, events)
          build_ds(id).update(position: @revisions.begin(id, file))
          tell(id, 1)
          id
        end
      end

      # A new revision on top of the one the change was based on; nothing where this edit made one before. Raises Stale.
      # @param edit_id [String, nil] a UUID of the page's own
      def change(id, version, file, label:, patch:, edit_id: nil, **told)
        @db.transaction do
          row = locked(id) or return
          next if @revisions.taken?(id, edit_id)
          raise Stale unless version.between?(row[:file_version], row[:version])

          move(id, @revisions.add(id, row[:position], file, label: label, patch: patch, edit_id: edit_id), file, told)
        end
      end

      # @return [Boolean] whether this edit was taken before
      def taken?(id, edit_id) = @revisions.taken?(id, edit_id)

      # @return [Hash, nil] the file one change back; nil where there is none
      def before(id) = before_id(id)&.then { |revision| @revisions.file(revision).except("progress") }

      # @return [Hash, nil] the file one change on, where changes were undone
      def ahead(id) = after_id(id)&.then { |revision| @revisions.file(revision).except("progress") }

      def undo(id, version, **told) = moving(id, version) { step(id, before_id(id), told) }
      def redo(id, version, **told) = moving(id, version) { step(id, after_id(id), told) }

      # Puts a build away; it can be brought back for a while.
      # @return [Boolean] whether there was one
      def delete(id)
        builds_ds.where(Sequel[:deleted_at] < Sequel::CURRENT_TIMESTAMP - Sequel.lit("interval '#{KEPT_DAYS} days'")).delete
        gone = build_ds(id).update(deleted_at: Sequel::CURRENT_TIMESTAMP).positive?
        tell(id, 0) if gone
        gone
      end

      # @return [Array<Build>] those that can be brought back, the newest first
      def deleted
        builds_ds.exclude(deleted_at: nil).order(Sequel.desc(:deleted_at)).select(*SHELVED, :deleted_at).map { |row| shelved(row) }
      end

      # @return [Boolean] whether there was one
      def bring_back(id)
        @db.transaction do
          there = builds_ds.where(id: id).exclude(deleted_at: nil)
            .update(deleted_at: nil, version: Sequel[:version] + 1, updated_at: Sequel::CURRENT_TIMESTAMP).positive?
          tell(id, build_ds(id).get(:version)) if there
          there
        end
      end

      # Channels that the database tells changes on: of builds, of the workshop's own entries and notes, and of its stores and
      # preferences; see Inquiries, too.
      CHANGED = "builds"
      RESTOCKED = "workshop"
      STORED = "stores"
      SCALES = "scales"

      # Calls the block with the channel and its payload at each change that any process makes ("id version" of a build, JSON of an
      # inquiry);
      # never returns, raises when the connection is lost.
      # @param ready [#call] called once when it listens
      def listen(ready:)
        told = ->(channel, _pid, payload) { yield(channel, payload) }
        @db.listen([CHANGED, RESTOCKED, STORED, SCALES, INQUIRIES], loop: true, after_listen: ->(_connection) { ready.call }, &told)
      end

      # @return [Hash{Integer => Integer}] by build
      def versions = shelf_ds.select_hash(:id, :version)

      def empty? = builds_ds.empty?

      private

      # What the shelf wants of a build: all but its file and its plan.
      SHELVED = %i[id version position sample_key updated_at summary drawing].freeze
      private_constant :SHELVED

      def builds_ds = @db[:builds]
      def title = Sequel.pg_jsonb_op(:summary).get_text("title")
      def ready_at = Sequel.pg_jsonb_op(:summary).get_text("ready_at")
      def shelf_ds = builds_ds.where(deleted_at: nil)
      def build_ds(id) = shelf_ds.where(id: id)

      def before_id(id) = build_ds(id).get(:position)&.then { |position| @revisions.row(position)[:parent_id] }
      def after_id(id) = build_ds(id).get(:position)&.then { |position| @revisions.after(position) }&.fetch(:id)

      # The row lock decides a race between two windows.
      def locked(id) = build_ds(id).select(:id, :version, :file_version, :position).for_update.first

      def moving(id, version)
        @db.transaction do
          row = locked(id) or return
          raise Stale unless version.between?(row[:file_version], row[:version])

          yield row
        end
      end

      def step(id, revision, told) = move(id, revision, @revisions.file(revision), told)

      def move(id, revision, file, told)
        build_ds(id).update(position: revision, file: json(file.except("progress")), version: Sequel[:version] + 1,
          file_version: Sequel[:version] + 1, updated_at: Sequel::CURRENT_TIMESTAMP,
          **columns(**told))
        version = build_ds(id).get(:version)
        drop_inquiries(inquiries_ds.where(build_id: id).exclude(version: version))
        tell(id, version)
      end

      def tell(id, version) = @db.notify(CHANGED, payload: "#{id} #{version}")

      def shelved(row)
        Build.new(**row.slice(:id, :version, :position, :sample_key, :updated_at, :deleted_at),
          summary: row[:summary]&.merge("drawing" => row[:drawing]))
      end

      # The drawing and the plan are not looked into by the database.
      def columns(summary:, plan: nil, told_by: nil)
        { summary: json(summary.except("drawing")), drawing: Sequel.pg_json_wrap(summary["drawing"]),
          plan: plan && Sequel.pg_json_wrap(plan), told_by: told_by }
      end

      def json(value) = Sequel.pg_jsonb_wrap(value)

      # A computation may be given up between any two of its lines, a conversation with the database not within one.
      parts = [self, Stock, Settings, Inquiries, Jars, Happenings, Pictures, Devices, SampleBuilds]
      talks = parts.flat_map { |part| part.public_instance_methods(false) } - [:listen]
      talks.each do |name|
        talk = instance_method(name)
        define_method(name) do |*given, **more, &block|
          Thread.handle_interrupt(GivenUp => :never) { talk.bind_call(self, *given, **more, &block) }
        end
        public name
      end
    end
  end
end
