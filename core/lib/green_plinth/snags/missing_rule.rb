# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A rule of order that failed: the order stands without it, and the maker is told so.
    class MissingRule < Check
      code "program/rule_missing"
      severity "spoils"
      weight 990

      def snags
        @evaluation.order.missing.map do |rule|
          snag("", "The rule “#{rule.why}” (#{rule.code}) broke down here, and the order of work does without it: look at it yourself. " \
                   "The program's log says more.")
        end
      end
    end
  end
end
