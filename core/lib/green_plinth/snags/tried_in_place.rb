# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A large part that is painted before it was tried in its place.
    class TriedInPlace < Check
      code "habit/dry_fit"
      severity "advice"
      weight 526

      # So much of the top, or as high as this share of the longer side, is large (from memory).
      LARGE_SHARE = 0.05
      LARGE_HEIGHT = 0.4

      def snags
        design.outlined_features.select { |feature| feature.courses.any? && large?(feature) && !tried?(feature) }.map do |feature|
          task = { "id" => design.fresh_ids("try").first, "title" => "Try #{feature.name} in place, in card"[0, 80], "hands_on_min" => 10 }
          wish = { "first" => task["id"], "then" => feature.id }
          snag(feature.pointer, "#{feature.name.capitalize} is painted before it was tried in place: mock it up in card first.",
            Fix.new("try it first", [append("tasks", task), append("order", wish)]))
        end
      end

      private

      def large?(feature)
        feature.area.area > LARGE_SHARE * @evaluation.ground.top.area || (feature.height_mm || 0) > LARGE_HEIGHT * longer_side
      end

      def longer_side = Plan::Geos.bounds(@evaluation.ground.foot).then { |x0, y0, x1, y1| [x1 - x0, y1 - y0].max }

      # By a wish that some work of the maker's own, or the layout on paper, comes before it.
      def tried?(feature)
        tasks = design.tasks.map(&:id)
        design.wishes.any? { |wish| wish.later == feature.id && tasks.include?(wish.first) } ||
          design.tasks.any? { |task| catalogue.technique(task.technique)&.phase == :paper }
      end
    end
  end
end
