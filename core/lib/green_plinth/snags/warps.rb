# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Thin wood that is wetted on one face cups.
    class Warps < Check
      code "compat/warps"
      severity "advice"
      weight 560
      def snags
        plinth = design.plinth
        return [] unless plinth.material&.trait?("cups") && !plinth.sealed? && wet?

        [snag("/plinth/material", "#{plinth.material_name.capitalize} cups when one face is wetted: paste and flood above, nothing below.",
          put("seal both faces", "/plinth/key", sealed.key), put(*flat))]
      end

      private

      def sealed = design.kinds["faces"].each_value.find { |face| face.trait?("sealed") }
      def flat = [design.kinds.work("flat_board", "label"), "/plinth/material", design.kinds.work("flat_board", "material")]
      def wet? = zone_courses.any? { |course| course.material&.trait?("wets") }
    end
  end
end
