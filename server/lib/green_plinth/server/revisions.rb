# frozen_string_literal: true

module GreenPlinth
  module Server
    # What builds were, one row for each change: the patch that made it of the one before, and the whole file only every so
    # often, so that a long history stays small.
    class Revisions
      # From one whole file to the next there are so many patches at most.
      FULL_EVERY = 20

      # @param database [Sequel::Database]
      def initialize(database)
        @db = database
      end

      # @return [Integer] id of a build's first revision
      def begin(build_id, file) = rows.insert(build_id: build_id, label: "New build", file: json(file))

      # @param parent_id [Integer] the revision it was made of
      # @param edit_id [String, nil] a UUID of the page's own
      # @return [Integer] id
      def add(build_id, parent_id, file, label:, patch:, edit_id: nil)
        depth = rows.where(id: parent_id).get(:depth) + 1
        whole = patch.nil? || patch.empty? || (depth % FULL_EVERY).zero?
        rows.insert(build_id: build_id, parent_id: parent_id, label: label, patch: json(patch || []), edit_id: edit_id, depth: depth,
          file: whole ? json(file) : nil)
      end

      # @return [Hash, nil] id, parent_id, label
      def row(id) = rows.where(id: id).select(:id, :parent_id, :label).first

      # @return [Hash, nil] the newest of the changes made on top of a revision
      def after(id) = rows.where(parent_id: id).reverse(:id).select(:id, :parent_id, :label).first

      # @return [Boolean] whether this edit made a revision of the build
      def taken?(build_id, edit_id) = !edit_id.nil? && !rows.where(build_id: build_id, edit_id: edit_id).empty?

      # @return [Hash] the file as a revision left it
      def file(id)
        *patches, whole = back_to_whole(id)
        patches.reverse.reduce(whole[:file]) { |file, row| Patch.apply(file, row[:patch]) }
      end

      # @return [Boolean] whether the build is no longer as it began
      def changed?(build_id, file) = rows.where(build_id: build_id, parent_id: nil).get(:file) != file

      private

      # The revision, the one before it, and so on to the nearest that holds its whole file.
      def back_to_whole(id)
        rows = []
        rows << @db[:revisions].where(id: id).select(:id, :parent_id, :patch, :file).first
        rows << @db[:revisions].where(id: rows.last[:parent_id]).select(:id, :parent_id, :patch, :file).first until rows.last[:file]
        rows
      end

      def rows = @db[:revisions]
      def json(value) = Sequel.pg_jsonb_wrap(value)
    end
  end
end
