# frozen_string_literal: true

module GreenPlinth
  module Relief
    # A cut through the base along a line of the plan: every stratum from the plinth up, and the water over it.
    class Section
      # Points along the cut: enough for a drawing as wide as a screen.
      SAMPLES = 360

      # @param pools [Array<Waters::Pool>] those that hold water
      # @param solids [Composition::Solids]
      # @param spots [Waters::Spots]
      def initialize(design, terrain, pools, solids, spots)
        @design = design
        @spots = spots
        @terrain = terrain
        @column = Column.new(design, terrain)
        @pools = pools
        @solids = solids
      end

      # @param from [Array(Float, Float)]
      # @param to [Array(Float, Float)]
      # @return [Hash] length_mm, strata (each with its runs of [s, bottom, top] along the cut, mm), waters, what stands
      #   there in elevation, and how the ground rises along it
      def along(from, to)
        length = Math.hypot(to[0] - from[0], to[1] - from[1])
        @layers = {}
        @surface = []
        @wet = @pools.to_h { |pool| [pool.id, WaterCut.new(pool, @spots)] }
        stations(from, to, length).each { |s, x, y| sample(s, x, y) }
        { "from" => from, "to" => to, "length_mm" => length.round(3), "strata" => @layers.values.map { |layer| stratum_as_data(layer) },
          "waters" => @wet.each_value.select(&:any?).map(&:to_h), "standing" => standing(from, to, length), "gradient" => gradient(length) }
      end

      private

      def stations(from, to, length)
        (0..SAMPLES).map do |i|
          t = i.to_f / SAMPLES
          [length * t, from[0] + ((to[0] - from[0]) * t), from[1] + ((to[1] - from[1]) * t)]
        end
      end

      def sample(s, x, y)
        cell = @terrain.grid.at(x, y)
        return unless cell && @terrain.weight[*cell] > 0.02

        solid = @column.at(cell)
        seen = Hash.new(0)
        solid.each { |part, bottom, top| runs(part, seen[part.pointer] += 1).add(s, bottom, top) if top > bottom + 1e-4 }
        @surface << [s, solid.map(&:last).max]
        water(s, cell, x, y, @surface.last.last)
      end

      def water(s, cell, x, y, ground) = @wet.each_value { |cut| cut.take(s, cell, x, y, ground) }

      # @param piece [Integer] over a way through a part goes on in a second piece
      def runs(part, piece)
        (@layers[[part.pointer, piece]] ||= [part, Runs.new])[1]
      end

      # Behind the cut or farther before it than this a thing is left out, as a share of the base's depth.
      BESIDE = 0.18

      # Features and subjects the cut goes through or passes by, seen square to it: [from, to] along, [low, high] up.
      def standing(from, to, length)
        return [] if length.zero?

        line = Plan::Geos.line([from, to])
        along = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
        reach = BESIDE * Plan::Outline.size(@design.plinth.outline).max
        @solids.all.select { |solid| solid.shape.distance(line) <= reach }.map do |solid|
          run = solid.corners.map { |x, y| ((x - from[0]) * along[0]) + ((y - from[1]) * along[1]) }.minmax
          { "pointer" => solid.pointer, "name" => solid.part.name, "kind" => solid.part.kind.key, "from" => run[0].round(2),
            "to" => run[1].round(2), "low" => (solid.low - below(solid.part)).round(2), "high" => solid.high.round(2),
            "cut" => solid.shape.intersects?(line), "rings" => elevation(solid, from, along),
            **Design::SeenFrom.new(solid.part, [along[1], -along[0]]).to_h }
        end.select { |one| one["to"] > 0 && one["from"] < length }
      end

      # Seen square to the cut, where no silhouette of its kind is drawn: what its faces cover together, mm along and up.
      def elevation(solid, from, along)
        return [] if solid.part.kind["silhouette"]

        seen = solid.faces.filter_map do |face|
          flat = face.map { |x, y, z| [((x - from[0]) * along[0]) + ((y - from[1]) * along[1]), z] }
          Plan::Geos.polygon(flat) if Plan::Segment.doubled_area(flat).abs > FLAT_MM2
        end
        Plan::Geos.rings(Plan::Geos.union(seen)).map { |ring| ring.map { |point| point.map { |value| value.round(2) } } }
      end

      # A face seen on its edge covers nothing, mm² twice over.
      FLAT_MM2 = 0.02

      # A hull lies so deep in its water, mm.
      def below(part) = part.is_a?(Design::Subject) && part.set_in_water? ? Seas::Immersed.new(part).draught_mm : 0

      # Steepest over at least so much of the cut, mm: less is the tooth of a torn edge.
      TOOTH_MM = 2.0

      # The ground's rise along the cut: from end to end, and at its steepest.
      def gradient(length)
        points = @surface.sort_by(&:first)
        return if points.size < 2 || length.zero?

        run = points.last[0] - points.first[0]
        rise = points.last[1] - points.first[1]
        steepest = steepest(points)
        { "rise_mm" => rise.round(2), "run_mm" => run.round(2), "mean_pct" => (100 * rise / run).round(2),
          "steepest_pct" => steepest&.first&.round(1), "steepest_at_mm" => steepest&.last&.round(1) }
      end

      def steepest(points)
        ahead = 0
        points.each_index.filter_map do |i|
          ahead += 1 while ahead < points.size && points[ahead][0] - points[i][0] < TOOTH_MM
          next if ahead >= points.size

          (s0, z0), (s1, z1) = points[i], points[ahead]
          [(100 * (z1 - z0) / (s1 - s0)), (s0 + s1) / 2]
        end.max_by { |pct, _| pct.abs }
      end

      def stratum_as_data((part, runs))
        material = part.material
        { "pointer" => part.pointer, "name" => part.name, "material" => part.material_key, "family" => material&.family&.key,
          "material_name" => material&.name || part.material_key, "colour" => part.colour || material&.colour, "runs" => runs.to_a }
      end
    end
  end
end
