# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A glue that does not hold what it is to hold.
    class WeakJoint < Check
      code "compat/weak_joint"
      severity "spoils"
      weight 565

      def snags
        (design.forms + design.features).filter_map do |part|
          glue = catalogue[part.glue]
          holds = glue&.[]("holds_on")
          next if holds.nil? || part.material.nil? || holds.any? { |trait| part.material.trait?(trait) }

          snag(part.pointer, "#{glue.name.capitalize} does not hold #{part.material.name}: #{part.name} comes off.", instead(part))
        end
      end

      private

      # The first that holds it and does it no harm.
      def instead(part)
        foam = part.material.trait?("foam")
        glue = catalogue.materials.each_value.find do |one|
          one.trait?("holds") && one["holds_on"].nil? && !one.trait?("mist") && !(foam && one.trait?("eats_foam")) && one.open_min
        end
        glue && put("use #{glue.name}", "#{part.pointer}/fixing/glue", glue.key)
      end
    end
  end
end
