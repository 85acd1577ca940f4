# frozen_string_literal: true

module GreenPlinth
  module Relief
    # How much a course raises the ground, mm on the mean of its area. Films, dusts and greenery raise nothing.
    module CourseThickness
      # One scatter lies this many mean grains thick (trade rule of thumb, common practice).
      SCATTER = 1.2

      module_function

      # @param course [Design::Course]
      # @return [Float] mm; 0.0 for what lies as a film
      def mm(course)
        return course.own_thickness_mm * course.cover if course.own_thickness_mm
        return course.thickness_mm.to_f * course.cover if course.material&.trait?("body")

        scatter_mm(course) * course.cover
      end

      # @return [Float] mm of one scatter of loose grain; 0.0 for what is none
      def scatter_mm(course) = course.material&.trait?("granular") ? SCATTER * course.mean_grain_mm : 0.0
    end
  end
end
