# frozen_string_literal: true

require "digest"

module GreenPlinth
  module Events
    # Events in a plinth file: its `progress` read in, and written out.
    module Written
      module_function

      # @param progress [Hash, nil] of a file: its own events, or, where it has none, what it marks as done and pinned
      # @param key [String] what tells this file from others that mark the same
      # @return [Array<Event>]
      def events(progress, key = "")
        return [] unless progress
        return progress["events"].map { |row| Event.of(row) } if progress["events"]

        marks(progress).map { |kind, step, at, data| Event.of(marked(key, kind, step, at, data)) }
      end

      # @param log [Log]
      # @param copies [Integer]
      # @return [Hash] `progress` with its events; empty where nothing happened
      def progress(log, copies)
        rows = log.all.map(&:to_h)
        rows.empty? ? {} : Standing.new(log, copies).progress.merge("events" => rows)
      end

      # @param file [Hash]
      # @return [Hash] the same, what follows from its events worked out anew
      def settled(file)
        rows = file.dig("progress", "events") or return file
        standing = Standing.new(Log.new(events({ "events" => rows })), file["copies"] || 1)
        file.merge("progress" => standing.progress.merge("events" => rows))
      end

      # What an older file says, as kind, step, moment and data.
      def marks(progress)
        done = (progress["done"] || []).flat_map { |row| done_marks(row) }
        pinned = (progress["pinned"] || []).map { |row| ["pinned", row["step"], progress["as_of"] || row["at"], { "to" => row["at"] }] }
        from = progress["as_of"]
        [*done, *pinned, *(from && [["replanned", nil, from, { "from" => from }]])]
      end

      def done_marks(row)
        return [["skipped", row["step"], row["finished"], {}]] if row["skipped"]

        seen = { "still_wet" => row["wet"], "seen_dry" => row["dry"] }.compact
        [["laid", row["step"], row["finished"], { "hands_on_min" => row["hands_on_min"] }.compact],
          *seen.map { |kind, at| [kind, row["step"], at, {}] }]
      end

      # The same mark in the same file is the same event, however often the file is read.
      def marked(key, kind, step, at, data)
        hex = Digest::SHA256.hexdigest([key, kind, step, at, data].inspect)
        { "id" => uuid(hex), "kind" => kind, "at" => "#{at.length == 16 ? "#{at}:00" : at}Z", "step" => step,
          "data" => data.merge("marked" => true), "device" => "file" }.compact
      end

      # RFC 9562, version 8: bits of one's own making.
      def uuid(hex) = "#{hex[0, 8]}-#{hex[8, 4]}-8#{hex[13, 3]}-a#{hex[17, 3]}-#{hex[20, 12]}"
    end
  end
end
