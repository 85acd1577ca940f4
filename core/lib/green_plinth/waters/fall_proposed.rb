# frozen_string_literal: true

module GreenPlinth
  module Waters
    # What a water begins with once it is to run: a line through the middle of its outline, from the higher end down, a little over the
    # ground at each mark and never rising.
    module FallProposed
      # Marks along it.
      MARKS = 5
      # Over its bed, mm (from memory).
      OVER_MM = 1.5

      module_function

      # @param water [Design::Water]
      # @param terrain [Relief::Terrain]
      # @return [Array<Hash>, nil] as a file has it; nil where its outline lies off the base
      def of(water, terrain)
        points = middles(water.area)
        grounds = points.map { |x, y| terrain.height_at(x, y) }
        known = points.zip(grounds).select(&:last)
        return if known.size < 2

        known.reverse! if known.first.last < known.last.last
        least = Float::INFINITY
        known.map { |point, ground| { "at_mm" => point, "level_mm" => (least = [least, (ground + OVER_MM).round(1)].min) } }
      end

      # Halfway between its banks, square to the way from end to end.
      def middles(area)
        from, to = ends(area)
        long = Math.hypot(to[0] - from[0], to[1] - from[1])
        (0...MARKS).map do |index|
          share = 0.02 + (0.96 * index / (MARKS - 1))
          x, y = [0, 1].map { |axis| from[axis] + ((to[axis] - from[axis]) * share) }
          way = [(to[0] - from[0]) / long, (to[1] - from[1]) / long]
          cut = Plan::Geos.line([-long, long].map { |by| [x - (way[1] * by), y + (way[0] * by)] }).intersection(area)
          piece = Plan::Geos.lines(cut).max_by(&:length)
          ring = piece ? Plan::Geos.coordinates(piece) : [[x, y]]
          [0, 1].map { |axis| ((ring.first[axis] + ring.last[axis]) / 2).round(1) }
        end
      end
      private_class_method :middles

      # The middles of the two shorter sides of the narrowest box about it.
      def ends(area)
        ring = Plan::Geos.coordinates(area.convex_hull.exterior_ring)[0..-2]
        box = boxes(ring).min_by { |_, width, depth| width * depth }
        turn, _, _, (low, high, left, right) = box
        middle = (low + high) / 2
        cos, sin = Math.cos(turn), Math.sin(turn)
        [left, right].map { |along| [(along * cos) - (middle * sin), (along * sin) + (middle * cos)] }
      end
      private_class_method :ends

      # One along each side of the hull, turned so that it is longer along than across.
      def boxes(ring)
        ring.each_with_index.map do |(x, y), index|
          x1, y1 = ring[(index + 1) % ring.size]
          turn = Math.atan2(y1 - y, x1 - x)
          box = box(ring, turn)
          box[1] >= box[2] ? box : box(ring, turn + (Math::PI / 2))
        end
      end
      private_class_method :boxes

      def box(ring, turn)
        along = ring.map { |x, y| (x * Math.cos(turn)) + (y * Math.sin(turn)) }.minmax
        across = ring.map { |x, y| (y * Math.cos(turn)) - (x * Math.sin(turn)) }.minmax
        [turn, along[1] - along[0], across[1] - across[0], [*across, *along]]
      end
      private_class_method :box
    end
  end
end
