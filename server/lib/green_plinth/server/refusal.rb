# frozen_string_literal: true

module GreenPlinth
  module Server
    # What a client did that cannot be done: raised anywhere, answered as an RFC 9457 problem document.
    class Refusal < StandardError
      attr_reader :status, :members

      # @param status [Integer] 4xx
      # @param title [String] what went wrong, the same for every case of it
      # @param detail [String] what to do about this one
      # @param members [Hash] more for the client, e.g. "problems" => [{"pointer", "message"}]
      def initialize(status, title, detail, members = {})
        @status = status
        @title = title
        @detail = detail
        @members = members
        super("#{title}: #{detail}")
      end

      def to_h = { "type" => "about:blank", "title" => @title, "status" => status, "detail" => @detail }.merge(members)

      # What a guard before the application answers with.
      # @param more [Hash] further headers
      # @return [Array] a Rack response
      def response(more = {})
        [status, Headers.on_refusals("application/problem+json").merge(more), [JSON.generate(to_h)]]
      end

      class << self
        # @param data [Hash] what to_h gave
        def from(data) = new(data["status"], data["title"], data["detail"], data.except("type", "title", "status", "detail"))

        # @return [Refusal, nil] how an error is told that is no mistake of the program; nil for others
        def of(error)
          case error
          when Refusal then error
          when InvalidFile then invalid(error)
          when Infeasible then new(422, "No schedule", error.message)
          when GivenUp then error.refusal
          end
        end

        def not_found(what) = new(404, "Not found", "There is no #{what} here. It may have been deleted.")

        # @param invalid [GreenPlinth::InvalidFile]
        def invalid(invalid)
          first = invalid.problems.first
          more = invalid.problems.size - 1
          new(422, "Not valid", "#{first}#{" (and #{more} more)" if more.positive?}.", "problems" => invalid.problems.map(&:to_h))
        end

        # A build that cannot be shown as builds are: its file no longer fits, or something breaks down over it.
        # @param build [Store::Build]
        # @param problems [Array<GreenPlinth::Problem>]
        def broken(build, problems)
          more = problems.size - 1
          new(422, "To be mended", "This build cannot be opened as it is. #{problems.first}#{" (and #{more} more)" if more.positive?}.",
            "problems" => problems.map(&:to_h),
            "broken" => { "id" => build.id, "version" => build.version, "file" => build.file, "undo" => build.undo, "redo" => build.redo })
        end

        # @param current [Hash] the build as it now is
        def stale(current)
          new(409, "Changed elsewhere",
            "This build was changed in another window since this page read it. Keep theirs, or apply yours on top.",
            "current" => current)
        end
      end
    end
  end
end
