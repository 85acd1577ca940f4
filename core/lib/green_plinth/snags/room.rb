# frozen_string_literal: true

module GreenPlinth
  module Snags
    # The finished thing against the case, shelf, table or box it must go into.
    class Room < Check
      code "fit/room"
      severity "spoils"

      def snags
        (design.limits["fit_in"] || []).each_with_index.filter_map do |place, index|
          over = too_much(place)
          snag("/limits/fit_in/#{index}", "It does not fit #{place["name"]}: #{over.join(", ")}.") unless over.empty?
        end
      end

      private

      # Turned the better way round.
      def too_much(place)
        [size, size.reverse].map { |width, depth| over(place, width, depth) }.min_by(&:size)
      end

      def over(place, width, depth)
        { "width_mm" => ["wide", width, "mm"], "depth_mm" => ["deep", depth, "mm"], "height_mm" => ["high", @evaluation.mass.height_mm, "mm"],
          "mass_g" => ["", @evaluation.mass.total_g, "g"] }.filter_map do |key, (word, value, unit)|
          limit = place[key]
          "#{number(value)} #{unit} #{word}".strip + " where #{number(limit)} #{unit} go" if limit && value && value > limit + 0.05
        end
      end

      # With what reaches past the plinth.
      def size
        @size ||= begin
          shapes = [@evaluation.ground.foot] + design.subjects.map { |subject| Composition::Standing.silhouette(subject) }
          Plan::Geos.bounds(Plan::Geos.union(shapes)).then { |x0, y0, x1, y1| [x1 - x0, y1 - y0] }
        end
      end
    end
  end
end
