# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A hard crust over a spongy core gives way.
    class SoftUnderHard < Check
      code "compat/soft_under_hard"
      severity "spoils"
      weight 470

      def snags
        design.forms.select { |form| form.material&.trait?("soft") }.filter_map do |form|
          crust = crust_over(form) or next
          told = "#{crust.material.name.capitalize} is hard, #{form.material.name} under it is soft"
          snag(form.pointer, "#{told}: the crust gives way under a thumb.",
            put(design.kinds.work("rigid_foam", "label"), "#{form.pointer}/material", form.material["instead"] || rigid))
            .drawn(over_another([form, crust], 0, 1))
        end
      end

      private

      def rigid = design.kinds.work("rigid_foam", "material")

      # @return [Design::Course, Design::Form, nil]
      def crust_over(form)
        crust = ->(part) { part.material&.trait?("crust") || part.material&.trait?("granular") }
        over = design.forms.drop(design.forms.index(form) + 1).find { |other|
 other.material&.trait?("hard") && other.area.intersects?(form.area) }
        over || zones_in(form.area).lazy.filter_map { |zone| zone.courses.find(&crust) }.first
      end
    end
  end
end
