# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Thin wood that is wetted on one face cups.
    class Warps < Check
      code "compat/warps"
      severity "advice"
      WOODS = %w[softwood_plaque plywood].freeze

      def snags
        return [] unless WOODS.include?(design.plinth.material) && design.plinth["key"] != "sealed" && wet?

        [snag("/plinth/material", "#{catalogue.name(design.plinth.material).capitalize} cups when one face is wetted: paste and flood above, nothing below.",
          put("seal both faces", "/plinth/key", "sealed"), put("use mdf", "/plinth/material", "mdf"))]
      end

      private

      def wet? = zone_courses.any? { |_, _, material| %w[paste].include?(material&.family) }
    end
  end
end
