# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Shopping that costs more than the maker allows.
    class OverBudget < Check
      code "supply/over_budget"
      severity "advice"

      def snags
        budget = design.limits["budget_minor"] or return []
        cost = @evaluation.quantities.sum { |line| line.cost_minor || 0 }
        return [] if cost <= budget

        dear = @evaluation.quantities.select(&:cost_minor).max_by(&:cost_minor)
        [snag("/limits/budget_minor", "Buying everything new costs #{money(cost)}, #{money(cost - budget)} over the limit; #{dear.name} is the dearest at #{money(dear.cost_minor)}.",
          put("raise the limit to #{money(cost)}", "/limits/budget_minor", cost))]
      end

      private

      def money(minor) = format("%.2f", minor / 100.0)
    end
  end
end
