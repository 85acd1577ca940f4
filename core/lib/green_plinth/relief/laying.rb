# frozen_string_literal: true

module GreenPlinth
  module Relief
    # One form laid on the ground under it, over its window of the grid.
    class Laying
      # base and body: under side and thickness of the form itself; rise: what the ground gains (a cut: loses);
      # void: the gap a rigid sheet leaves below, nil for what leaves none; through: 1 where a cut leaves nothing;
      # sloping: mm from the middle of its own sloping side to the crest, 0 where it has none.
      Deposit = Struct.new(:form, :base, :body, :rise, :void, :through, :sloping, keyword_init: true) do
        def cut? = form.cut?
        def sheer? = form.lift? && form.run_mm.zero?
      end

      # A cell counts as wholly inside an outline from here on; rounding keeps it a little under 1.
      WHOLE = 0.999
      # A cut that leaves less than this of the plinth goes through it, mm.
      SKIN_MM = 0.01

      def initialize(grid:, window:, form:, shape:, top:, cover:, ground:, sloping:, drapes:, floor:)
        @grid = grid
        @window = window
        @form = form
        @shape = shape
        @top = top
        @cover = cover
        @ground = ground
        @sloping = sloping
        @drapes = drapes
        @floor = floor
      end

      # @return [Deposit]
      def call = send(@form.shape)

      private

      def zeros = Numo::DFloat.zeros(*@cover.shape)

      def layer(base:, body:, rise: body, void: zeros, through: zeros)
        Deposit.new(form: @form, base: base, body: body, rise: rise, void: void, through: through, sloping: @sides || zeros)
      end

      def lift
        body = slope_in * @form.thickness_mm
        return layer(base: support, body: body) if @drapes

        rest = support[@cover > 1e-3].max
        void = rest - support
        layer(base: support + void, body: body, rise: body + void, void: void)
      end

      def cut
        wanted = slope_in * @form.depth_mm
        room = support - @floor
        taken = Numo::DFloat.minimum(wanted, room)
        layer(base: support, body: -taken, through: Numo::DFloat.cast(wanted > room - SKIN_MM))
      end

      # Filled up to a line of its own level, with sides that slope to the ground.
      def bank
        layer(base: support, body: (way(-1) - support).clip(0.0, nil))
      end

      # Taken away down to it.
      def cutting
        wanted = (support - way(1)).clip(0.0, nil)
        room = support - @floor
        layer(base: support, body: -Numo::DFloat.minimum(wanted, room), through: Numo::DFloat.cast(wanted > room - SKIN_MM))
      end

      # @param side [Integer] whether its sides go up (1) or down (-1)
      # @return [Numo::DFloat] mm: level along the line, cambered across the way, sloping beyond it
      def way(side)
        distance, along = @form.line.fields(@grid).map { |field| field[*@window] }
        half = @form.outline["width_mm"] / 2.0
        level = @form.from_z_mm + (along / @form.line.length_mm * (@form.to_z_mm - @form.from_z_mm))
        crown = (1.0 - ((distance / half).clip(0.0, 1.0)**2)) * @form.camber_mm
        beyond = (distance - half).clip(0.0, nil) * Math.tan(@form.slope_deg * Math::PI / 180)
        level + crown + (beyond * side)
      end

      # A way through what lies there: the ground over it stays.
      def bore
        floor = @form.open_below? ? @floor : [@form.invert_mm, @floor].max
        taken = (Numo::DFloat.minimum(support, @form.crown_height_mm) - floor).clip(0.0, nil)
        layer(base: zeros + floor, body: taken, rise: zeros)
      end

      def ramp
        layer(base: support, body: (plane - support).clip(0.0, nil))
      end

      def plane
        (x0, y0), (x1, y1) = @form.from_mm, @form.to_mm
        run = Math.hypot(x1 - x0, y1 - y0)
        return zeros + @form.from_z_mm if run.zero?

        along = (((xs - x0) * (x1 - x0)) + ((ys - y0) * (y1 - y0))) / (run**2)
        (along * (@form.to_z_mm - @form.from_z_mm)) + @form.from_z_mm
      end

      def mound
        polygon = Plan::Geos.polygons(@shape).max_by(&:area)
        distance = EdgeDistance.inside(polygon, @grid)[*@window]
        share = (distance / deepest(polygon, distance)).clip(0.0, 1.0)
        share = Numo::NMath.sqrt(1 - ((1 - share)**2)) if @form.profile.trait?("rounded")
        layer(base: support, body: share * @form.crown_mm)
      end

      # The largest distance inside: the best cell, then ever smaller steps from it.
      def deepest(polygon, distance)
        covered = distance.copy
        covered[@cover < WHOLE] = 0.0
        row, column = covered.max_index.divmod(covered.shape[1])
        best = [xs[column], ys[row, 0]]
        edge = polygon.boundary
        step = @grid.cell
        24.times do
          around = [0, step, -step].product([0, step, -step]).map { |dx, dy| [best[0] + dx, best[1] + dy] }
          better = around.max_by { |xy| edge.distance(Plan::Geos.point(xy)) }
          step /= 2 if better == best
          best = better
        end
        edge.distance(Plan::Geos.point(best))
      end

      def skim
        filled = SlopeLimit.new(@form.slope_deg, @grid.cell, @sloping).call(support, @cover > 0.5)
        layer(base: support, body: filled - support)
      end

      # 0 at the foot of the edge to 1 where it is done sloping; 1 everywhere for a sheer edge.
      def slope_in
        return zeros + 1.0 if @form.run_mm.zero?

        share = (EdgeDistance.within(free_sides, @grid, @form.run_mm)[*@window] / @form.run_mm).clip(0.0, 1.0)
        @sides = Numo::DFloat.cast((share < 1.0) & (@cover > 1e-3)) * (@form.run_mm / 2.0)
        share
      end

      # A bevel runs along the sides that lie inside the top, not where the plinth's edge cuts the form off.
      def free_sides
        inner = @top.buffer(-0.02)
        Plan::Geos.polygons(@shape).flat_map { |polygon| [polygon.exterior_ring, *polygon.interior_rings] }.flat_map do |ring|
          sides = @form.overhang? ? ring : Plan::Geos::FACTORY.line_string(ring.points).intersection(inner)
          Plan::Geos.lines(sides).map { |line| Plan::Geos.coordinates(line) }
        end
      end

      # The ground under the form. Where its edge crosses a cell, the ground just inside the edge counts: else a sheet
      # on a sheet of the same outline would seem to bridge the half-filled cells along it.
      def support = @support ||= inward(@ground)

      def inward(ground)
        partial = (@cover > 1e-3) & (@cover < WHOLE)
        return ground.copy if partial.count_true.zero?

        inner = ground.copy
        inner[@cover < WHOLE] = -1e9
        found = Adjacent.fold(inner, :maximum)
        use = partial & (found > -1e8)
        out = ground.copy
        out[use] = found[use]
        out
      end

      def xs = @grid.xs[@window[1]]
      def ys = @grid.ys[@window[0], true]
    end
  end
end
