# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A hard crust over a spongy core gives way.
    class SoftUnderHard < Check
      code "compat/soft_under_hard"
      severity "spoils"

      def snags
        design.forms.select { |form| catalogue[form.material]&.trait?("soft") }.filter_map do |form|
          over = covered_by(form) or next
          snag(form.pointer, "#{catalogue.name(over).capitalize} is hard, #{catalogue.name(form.material)} under it is soft: the crust gives way under a thumb.",
            put("use extruded foam board", "#{form.pointer}/material", "xps_foam"))
        end
      end

      private

      def covered_by(form)
        shape = Plan::Outline.polygon(form.outline)
        design.zones.each_with_index do |zone, index|
          hard = zone.courses.find { |course| %w[paste bulk].include?(catalogue[course.material]&.family) } or next
          return hard.material if Plan::Geos.area(@evaluation.ground.area(index).intersection(shape)) > 1
        end
        nil
      end
    end
  end
end
