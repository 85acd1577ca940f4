# frozen_string_literal: true

module GreenPlinth
  module Relief
    # How much a course raises the ground, mm on the mean of its area. Films, dusts and greenery raise nothing.
    module CourseThickness
      # One scatter lies this many mean grains thick (trade rule of thumb, common practice).
      SCATTER = 1.2
      BODIED = %w[paste bulk].freeze

      module_function

      # @param material [Materials::Material, nil]
      # @return [Float] mm; 0.0 for what lies as a film
      def mm(course, material)
        return course["thickness_mm"] * course.cover if course["thickness_mm"]
        return 0.0 unless material
        return material.reference_mm.to_f * course.cover if BODIED.include?(material.family)
        return 0.0 unless material.family == "grain"

        SCATTER * mean_grain(course, material) * course.cover
      end

      def mean_grain(course, material)
        given = course["grain_mm"]
        given ? given.sum / 2.0 : material.grain_mm&.typical || 0.0
      end
    end
  end
end
