# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Shopping that costs more than the maker allows.
    class OverBudget < Check
      code "supply/over_budget"
      severity "advice"
      weight 380

      def snags
        budget = design.limits.budget_minor or return []
        cost = @evaluation.quantities.sum { |line| line.cost_minor || 0 }
        return [] if cost <= budget

        dear = @evaluation.quantities.select(&:cost_minor).max_by(&:cost_minor)
        over = "Buying everything new costs #{money(cost)}, #{money(cost - budget)} over the limit"
        [snag("/limits/budget_minor", "#{over}; #{dear.name} is the dearest at #{money(dear.cost_minor)}.",
          put("raise the limit to #{money(cost)}", "/limits/budget_minor", cost)).drawn(Figure.measure(cost, "minor", most: budget))]
      end

      private

      def money(minor) = format("%.2f", minor / 100.0)
    end
  end
end
