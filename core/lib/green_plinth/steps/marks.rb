# frozen_string_literal: true

module GreenPlinth
  module Steps
    # What a maker marks on a step: done, pinned to a time, or neither any more. As changes to the file; a course that has no
    # name yet is given one, so that the mark stays on its step when others are laid above it.
    class Marks
      LISTS = { "done" => "finished", "pinned" => "at" }.freeze

      # @param design [Design]
      # @param step [Step]
      def initialize(design, step)
        @design = design
        @step = step
      end

      # @param kind [String] "done" or "pinned"
      # @param moment [String]
      # @return [Array<Hash>] a patch
      def set(kind, moment)
        rows = without[kind].push({ "step" => id, LISTS.fetch(kind) => moment })
        [*naming, *put(without.merge(kind => rows))]
      end

      # @return [Array<Hash>] a patch
      def clear = put(without)

      private

      def part = @part ||= @design.identified.find { |one| @step.where.include?(one.pointer) }

      def nameless? = part && part.id.nil?

      def fresh = @fresh ||= @design.fresh_ids("course").first

      def naming = nameless? ? [{ "op" => "add", "path" => "#{part.pointer}/id", "value" => fresh }] : []

      # The id its step will have once the course has a name.
      def id
        return @step.id unless nameless?

        zone = @design.zones.find { |one| part.pointer.start_with?("#{one.pointer}/") }
        zone ? @step.id.sub(%r{\A#{Regexp.escape(zone.id.to_s)}/\d+-[^/]+}, fresh) : @step.id
      end

      def progress = @design.member("progress") || {}

      def without
        LISTS.keys.to_h { |kind| [kind, (progress[kind] || []).reject { |row| row["step"] == @step.id }] }
      end

      def put(lists)
        kept = progress.merge(lists).reject { |_, value| value == [] }
        return [] if kept == progress
        return [{ "op" => "remove", "path" => "/progress" }] if kept.empty?

        [{ "op" => "add", "path" => "/progress", "value" => kept }]
      end
    end
  end
end
