# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A course on a water at a place that this water has not got: it would be left out without a word.
    class CourseNowhere < Check
      code "water/course_nowhere"
      severity "spoils"
      weight 472
      # Crests of this sea are there at any scale: slight.
      SLIGHT = 3
      LEAST_MM2 = 0.5

      def snags
        @evaluation.pools.select(&:wet?).flat_map do |pool|
          pool.water.courses.filter_map { |course| nowhere(course, pool) || after_no_pour(course, pool) }
        end
      end

      private

      def nowhere(course, pool)
        return if @evaluation.spots.area_mm2(course, pool) >= LEAST_MM2

        spot = course.spot
        fixes = spot.trait?("crested") ? [sea(pool.water)] : []
        snag(course.pointer, "#{course.material_name.capitalize} is to lie on #{spot.name} of #{pool.water.name}, and there is no such " \
                             "place: #{reason(spot)}.", *fixes, all(course))
      end

      def reason(spot)
        return "it lies still" if spot.trait?("crested")
        return "it runs steep nowhere" if spot.trait?("falling")
        return "nothing is drawn" if spot["drawn"]

        "it has none"
      end

      def sea(water)
        Fix.new("give it a slight sea", [{ "op" => "add", "path" => "#{water.pointer}/sea_state", "value" => SLIGHT }])
      end

      def all(course)
        usual = design.kinds.usual("water_spots").key
        Fix.new("lay it on all of it", [{ "op" => "add", "path" => "#{course.pointer}/on", "value" => usual }])
      end

      def after_no_pour(course, pool)
        return unless course.after_pour && course.after_pour > pool.pours

        pours = pool.pours == 1 ? "one pour" : "#{pool.pours} pours"
        snag(course.pointer, "#{course.material_name.capitalize} is to lie on #{course.after_pour} pours of #{pool.water.name}, which " \
                             "has #{pours}: it is laid over the last.",
          Fix.new("lay it over the last", [{ "op" => "remove", "path" => "#{course.pointer}/after_pour" }]))
      end
    end
  end
end
