# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water so steep that it breaks, and nothing on it is white.
    class WhiteWanted < Check
      code "water/white_wanted"
      severity "advice"
      weight 474
      # Lightness from which a coat passes for white water (from memory).
      PALE = 75

      def snags
        @evaluation.pools.filter_map do |pool|
          steep = pool.reaches.find(&:white?)
          next if steep.nil? || broken?(pool.water) || pool.water.courses.any? { |course| white?(course, pool) }

          slope = steep.slope_pct.infinite? ? "falls straight down" : "falls #{number(steep.slope_pct)} in 100"
          snag(pool.water.pointer,
            "#{pool.water.name.capitalize} #{slope} in #{steep.name}, steep enough to break, and nothing on it is white.",
            Fix.new("set foam where it runs steep", [foam(pool.water)]))
        end
      end

      private

      # Its surface is made white by itself.
      def broken?(water) = !water.surface["crested"].nil?

      def white?(course, pool)
        return false if course.under?(pool.pours) || course.tone.nil? || Colour::Lab.of(course.tone).first < PALE

        %w[whole steep strip].include?(course.spot["shape"])
      end

      def foam(water)
        steep = design.kinds.with("water_spots", "falling")
        course = { "material" => design.kinds.with("surfaces", "broken")["crested"]["material"], "on" => steep.key }
        list = "#{water.pointer}/courses"
        { "op" => "add", "path" => water.courses.any? ? "#{list}/-" : list, "value" => water.courses.any? ? course : [course] }
      end
    end
  end
end
