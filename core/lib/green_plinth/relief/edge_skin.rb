# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The side of the plinth all round, unrolled into a strip: what a card, sheet plastic or veneer edge is cut from.
    # Runs counter-clockwise seen from above, from the front's middle.
    class EdgeSkin
      # A place to measure at least every so many mm, and how far inside the rim the ground is measured, in cells.
      EVERY_MM = 1.0
      INSIDE_CELLS = 1.5
      # What an overlap at the seam takes, mm (from memory).
      SEAM_MM = 5.0

      # @param plinth [Design::Plinth]
      # @param terrain [Terrain]
      # @param column [Column, nil] for who asks what shows at the side
      def initialize(plinth, terrain, column = nil)
        @plinth = plinth
        @terrain = terrain
        @column = column
      end

      # @return [Float] mm round the plinth
      def length_mm = @length_mm ||= ring.each_cons(2).sum { |a, b| Math.hypot(b[0] - a[0], b[1] - a[1]) }

      # @return [Array<Array(Float, Float)>] [mm along, mm above the plinth's underside] of the upper edge
      def profile
        @profile ||= begin
          along = 0.0
          stations.map { |x, y, step| [(along += step).round(3), (@plinth.thickness_mm + [height_at(x, y), @plinth.lip_mm].max).round(3)] }
        end
      end

      # @param toward [Array(Numeric, Numeric), nil] where a side looks to; nil: all round
      # @return [Array(Float, Float)] mm along it, and mm², of what looks nearest to there of the four ways
      def extent(toward)
        places = stations
        heights = profile.map(&:last)
        (1...places.size).reduce([0.0, 0.0]) do |(long, area), index|
          next [long, area] unless toward.nil? || looks(places[index - 1], places[index]) == toward

          step = places[index][2]
          [long + step, area + (step * (heights[index - 1] + heights[index]) / 2)]
        end
      end

      def highest_mm = profile.map(&:last).max
      def lowest_mm = profile.map(&:last).min

      # @return [Float] mm² of the strip, seam included
      def area_mm2 = profile.each_cons(2).sum { |(s0, z0), (s1, z1)| (s1 - s0) * (z0 + z1) / 2 } + (SEAM_MM * profile.first.last)

      # What shows at the side over the plinth itself, as it is painted there: the forms and courses that run out to it.
      # @return [Array<Hash>] each with its runs of [mm along, bottom, top above the plinth's underside]
      def strata
        @strata ||= begin
          along = 0.0
          layers = {}
          stations.each do |x, y, step|
            along += step
            seen_at(x, y).each { |part, low, high| take(layers, part, along, low, high) }
          end
          layers.values.map do |part, runs|
            { "pointer" => part.pointer, "name" => part.name, "colour" => part.colour || part.material&.colour, "runs" => runs.to_a }
          end
        end
      end

      # A place of the side, as it is looked at: x, y in mm; toward: where it looks to of the four ways; top: mm of its upper edge; seen:
      # what shows there over the plinth, [part, from, to], bottom to top. Heights above the plinth's face.
      SidePlace = Struct.new(:x, :y, :toward, :top, :seen)

      # @return [Array<Array<SidePlace>>] counter-clockwise all round, in pieces that look one way: each ends where the next begins
      def ways
        tops = profile.map { |_, high| high - @plinth.thickness_mm }
        stretches = stations.zip(tops).each_cons(2).map { |(from, low), (to, high)| [looks(from, to), [from, low], [to, high]] }
        stretches.chunk_while { |one, other| one.first == other.first }.map do |chunk|
          toward = chunk.first.first
          [chunk.first[1], *chunk.map(&:last)].map { |(x, y, _), top| SidePlace.new(x, y, toward, top, seen_at(x, y)) }
        end
      end

      # @return [Float] mm of lines between what shows, to be drawn and painted along
      def strata_mm
        strata.sum { |layer| layer["runs"].sum { |run| run.last[0] - run.first[0] } }
      end

      # @param board_mm [Array(Float, Float)] of the sheet it is cut from
      # @return [Array<Array(Float, Float)>] from–to along the strip, each no longer than the board, seams included
      def pieces(board_mm)
        long = board_mm.max - SEAM_MM
        count = (length_mm / long).ceil
        (0...count).map { |i| [length_mm * i / count, length_mm * (i + 1) / count] }
      end

      # @return [Integer] boards, by rows of the strip's greatest height
      def boards(board_mm) = (pieces(board_mm).size / [(board_mm.min / highest_mm).floor, 1].max.to_f).ceil

      def to_h(board_mm)
        { "length_mm" => length_mm.round(2), "highest_mm" => highest_mm, "lowest_mm" => lowest_mm, "area_mm2" => area_mm2.round(1),
          "profile" => profile, "strata" => @column ? strata : [], "board_mm" => board_mm,
          "pieces" => pieces(board_mm).map { |from, to| [from.round(2), to.round(2)] },
          "boards" => boards(board_mm) }
      end

      private

      # Run through counter-clockwise, what is outside lies to the right.
      def looks((x0, y0), (x1, y1))
        across, away = y1 - y0, x0 - x1
        across.abs > away.abs ? [across <=> 0, 0] : [0, away <=> 0]
      end

      # The outer ring, closed, counter-clockwise, from the point nearest to the front's middle.
      def ring
        @ring ||= begin
          polygon = Plan::Geos.polygons(@terrain.ground.foot).max_by(&:area)
          points = Plan::Geos.coordinates(polygon.exterior_ring)[0..-2]
          points = points.reverse if Plan::Segment.doubled_area(points).negative?
          front = points.map(&:last).min
          points = points.rotate(points.index(points.min_by { |x, y| [(y - front).abs, x.abs] }))
          [*points, points.first]
        end
      end

      # [x, y, mm since the last], the first of them after no way at all.
      def stations
        [[*ring.first, 0.0]] + ring.each_cons(2).flat_map do |(x0, y0), (x1, y1)|
          run = Math.hypot(x1 - x0, y1 - y0)
          count = [(run / EVERY_MM).ceil, 1].max
          (1..count).map { |i| [x0 + ((x1 - x0) * i / count), y0 + ((y1 - y0) * i / count), run / count] }
        end
      end

      # Thinner than this nobody paints it, mm.
      PAINTED_MM = 0.2
      private_constant :PAINTED_MM

      def seen_at(x, y)
        cell = inside(x, y)&.then { |point| @terrain.grid.at(*point) } or return []
        @column.at(cell).drop(1).select { |_, low, high| high - low >= PAINTED_MM }
      end

      def take(layers, part, along, low, high)
        (layers[part.pointer] ||= [part, Runs.new])[1].add(along, low + @plinth.thickness_mm, high + @plinth.thickness_mm)
      end

      # The ground a little inside the rim; where the top is smaller than the foot, the top face.
      def height_at(x, y)
        inside(x, y)&.then { |point| @terrain.height_at(*point) } || 0.0
      end

      # @return [Array(Float, Float), nil] the nearest place on the top a little inside the rim; nil where the top ends before
      def inside(x, y)
        return if inset_sides.empty? # a sliver has no inside
        return if inset.distance(Plan::Geos.point([x, y])) > 4 * @terrain.grid.cell

        Plan::Segment.nearest_of([x, y], inset_sides)
      end

      def inset = @inset ||= @terrain.ground.top.buffer(-INSIDE_CELLS * @terrain.grid.cell)

      def inset_sides = @inset_sides ||= Plan::Geos.rings(inset.simplify(0.05)).flat_map { |line| line.each_cons(2).to_a }
    end
  end
end
