# frozen_string_literal: true

module GreenPlinth
  module Events
    # What went wrong before, by the way of working: told again when it comes up.
    module Troubles
      module_function

      # @param logs [Enumerable<Log>]
      # @return [Hash{String => Array<Hash>}] by technique, the oldest first: "at" (a moment), "title", "what", "why"
      def of(logs)
        logs.flat_map(&:events).uniq(&:id).select { |event| event.kind == "redone" && event.of&.key?("technique") }.sort_by(&:place)
          .group_by { |event| event.of["technique"] }
          .transform_values { |events| events.map { |event| told(event) } }
      end

      def told(event)
        { "at" => Moment.format(event.minute), "title" => event.of["title"], "what" => event.data["what"], "why" => event.data["why"] }
      end
    end
  end
end
