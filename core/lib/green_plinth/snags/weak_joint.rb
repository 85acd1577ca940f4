# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A glue that does not hold one of the two that it joins. Which glue holds what stands with the glue, under holds_on.
    class WeakJoint < Check
      code "compat/weak_joint"
      severity "spoils"
      weight 565

      def snags
        glued = design.subjects.select { |subject| subject.mount.trait?("glue_alone") }
        [*design.forms.reject(&:cut?), *design.outlined_features, *glued].filter_map { |part| judged(part, @evaluation.joints.of(part)) }
      end

      private

      def judged(part, joint)
        slips = joint.slips or return

        snag(part.pointer, "#{joint.glue.name.capitalize} does not hold #{slips.name}: #{part.name} comes off.", instead(part, joint))
      end

      # The first that holds both and does no harm.
      def instead(part, joint)
        glue = catalogue.materials.each_value.find do |one|
          one.trait?("holds") && !one.trait?("mist") && one.open_min && joint.with(one).then { |other| other.slips.nil? && !other.eats? }
        end
        return unless glue

        put("use #{glue.name}", "#{part.pointer}/fixing", (part.data["fixing"] || {}).merge("glue" => glue.key))
      end
    end
  end
end
