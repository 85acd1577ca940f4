# frozen_string_literal: true

module GreenPlinth
  module Server
    # Raised within a computation that takes too long, or whose asker has gone. No StandardError: what guards its own mistakes
    # does not take it for one of them.
    class GivenUp < Exception # rubocop:disable Lint/InheritException
      # The methods of an evaluation that are named after what they compute.
      EVALUATION = %r{/core/lib/green_plinth/evaluation\.rb\z}
      UNNAMED = %w[part recalled digest fetch to_h answer new covers outlines ruling survey].freeze

      # @return [String, nil] what was being computed, e.g. "terrain"
      def part
        found = (backtrace_locations || []).find { |line| line.path.match?(EVALUATION) && !UNNAMED.include?(line.base_label) }
        found&.base_label&.tr("_", " ")
      end

      # @return [Boolean] whether it was for what it takes, and not for who asked
      def too_much? = ![Watch::STOPPING, Watch::GONE, Watch::BUSY].include?(message)

      # @return [Refusal]
      def refusal
        return too_much unless message == Watch::BUSY

        Refusal.new(429, "Busy", "Other questions are being worked on: ask again in a moment. What was sent is to be sent again.")
      end

      def too_much = Refusal.new(422, "Too much to compute", "#{problem.message}.")

      # @return [GreenPlinth::Problem]
      def problem
        Problem.new("", "#{part ? "Part “#{part}”" : "This"} was not computed: #{message}. Make the build smaller or simpler")
      end
    end
  end
end
