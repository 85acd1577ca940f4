# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The base as the eye has it: a true parallel projection of its relief, waters and all that stands on it, as flat
    # patches in the order to paint them, the farthest first. Millimetres of the picture: right and up.
    class SightView
      # Rows of ground from back to front, and places in each: enough for a drawing as wide as a screen.
      ROWS = 96
      PLACES = 170
      # Steps of light and shade on the ground.
      SHADES = 6.0
      # Light comes over the eye's left shoulder.
      LIGHT = [-0.5, 0.35, 0.79].freeze
      BARE = "#b59468"
      WATER = "#3f6f86"

      # @param evaluation [Evaluation]
      # @param eye [Eye]
      def initialize(evaluation, eye)
        @evaluation = evaluation
        @eye = eye
        @design = evaluation.design
        @terrain = evaluation.terrain
      end

      # @return [Hash] eye, bounds_mm [left, low, right, high], patches and parts in painting order
      def to_h
        items = (ground + parts).sort_by.with_index { |(near, _), index| [near, index] }.map(&:last)
        { "direction_deg" => @eye.direction_deg, "elevation_deg" => @eye.elevation_deg, "bounds_mm" => bounds(items), "sides" => sides,
          "items" => [underlay, *items] }
      end

      private

      # It looks the same from there, whatever is moved about on it.
      # @return [Array<Array(Float, Hash)>] strips, each with how near it is
      def ground = @evaluation.made_of(:sight_ground, @terrain, @evaluation.pools, @eye.to_a) { bands }

      def foot = @foot ||= Plan::Geos.rings(@evaluation.ground.foot.simplify(0.1)).first

      def spans
        @spans ||= [@eye.right, @eye.toward].map do |axis|
          @evaluation.terrain.grid.bounds.then { |x0, y0, x1, y1| [[x0, y0], [x1, y0], [x1, y1], [x0, y1]] }
            .map { |x, y| (x * axis[0]) + (y * axis[1]) }.minmax
        end
      end

      # Rows of the ground from the back to the front, each an array of [right, up, colour]; nil off the base.
      # @return [Array<Array<Array(Float, Float, String), nil>>]
      def rows
        @rows ||= begin
          fields = [across, up, shade, owner].map(&:to_a)
          Array.new(ROWS + 1) do |i|
            Array.new(PLACES + 1) do |j|
              place = fields.map { |field| field[i][j] }
              place[3] == OFF ? nil : [place[0].round(2), place[1].round(2), tone(place[3], place[2])]
            end
          end
        end
      end

      # What a place of the ground belongs to: a zone by its index, and beside those
      OFF = -100
      WATERS = -10
      private_constant :OFF, :WATERS

      def tone(owner, shade)
        @tones ||= {}
        @tones[[owner, shade]] ||= if owner <= WATERS then water_colour(@evaluation.pools[WATERS - owner])
                                   else Colour::Tone.shaded(owner.negative? ? BARE : zone_colours[owner], shade)
                                   end
      end

      # Places to look at: mm to the right and towards the eye, ROWS + 1 × PLACES + 1.
      def across = @across ||= spread(spans[0], PLACES).reshape(1, PLACES + 1) + Numo::DFloat.zeros(ROWS + 1, 1)
      def depth = @depth ||= spread(spans[1], ROWS).reshape(ROWS + 1, 1) + Numo::DFloat.zeros(1, PLACES + 1)
      def spread((low, high), count) = (Numo::DFloat.new(count + 1).seq * ((high - low) / count)) + low

      # Which cell of the relief lies under each place, counted row by row.
      def cells
        @cells ||= begin
          columns = cell_of((across * @eye.right[0]) + (depth * @eye.toward[0]), grid.left)
          rows = cell_of((across * @eye.right[1]) + (depth * @eye.toward[1]), grid.front)
          @inside = (columns >= 0) & (columns < grid.columns) & (rows >= 0) & (rows < grid.rows)
          Numo::Int32.cast((rows.clip(0, grid.rows - 1) * grid.columns) + columns.clip(0, grid.columns - 1))
        end
      end

      def cell_of(place, from) = ((place - from) / grid.cell).floor
      def grid = @terrain.grid

      # Zones, waters where they stand, and what is off the base.
      def owner
        @owner ||= begin
          owned = @terrain.zone_map.copy
          @evaluation.pools.each_with_index { |pool, index| pool.wet? && owned[pool.depths(grid).gt(0)] = WATERS - index }
          owned[@terrain.weight.le(0.4)] = OFF
          owned.flatten[cells].tap { |found| found[@inside.eq(0)] = OFF }
        end
      end

      # mm up the picture.
      def up
        surface = @terrain.height.copy
        @evaluation.pools.select(&:wet?).each { |pool| flood(surface, pool) }
        (surface.flatten[cells] * Math.cos(@eye.elevation_deg * Math::PI / 180)) - (depth * Math.sin(@eye.elevation_deg * Math::PI / 180))
      end

      def flood(surface, pool)
        wet = pool.depths(grid).gt(0)
        surface[wet] = (pool.surface(grid) + Numo::DFloat.zeros(*grid.shape))[wet]
      end

      # How bright each place's slope is in the light, in so many steps; 1 on the level.
      def shade
        height = @terrain.height
        east = slope(height[true, 1..], height[true, 0...-1], 1)
        north = slope(height[1.., true], height[0...-1, true], 0)
        facing = light_on_plan[2] - (east * light_on_plan[0]) - (north * light_on_plan[1])
        lit = (facing / Numo::NMath.sqrt((east**2) + (north**2) + 1)).flatten[cells]
        ((lit / LIGHT[2]).clip(0.45, 1.25) * SHADES).round / SHADES
      end

      # Rise for each mm of run along one axis; the last row or column as the one before it.
      def slope(ahead, here, axis)
        rise = ((ahead - here) / grid.cell).clip(-3, 3)
        rise.concatenate(axis.zero? ? rise[-1..-1, true] : rise[true, -1..-1], axis: axis)
      end

      def water_colour(pool) = pool.water.colour || WATER
      def zone_colours = @zone_colours ||= @design.zones.map { |zone| Colour::Tone.of_zone(zone) }

      # The light turns with the eye.
      def light_on_plan
        @light_on_plan ||= [(@eye.right[0] * LIGHT[0]) + (@eye.toward[0] * LIGHT[1]),
                            (@eye.right[1] * LIGHT[0]) + (@eye.toward[1] * LIGHT[1]),
          LIGHT[2]]
      end

      # Strips of ground of one tone between two rows.
      def bands
        (_, _), (far, near) = spans
        rows.each_cons(2).with_index.flat_map do |(back, front), i|
          runs(back, front).map do |columns|
            [far + ((near - far) * (i + 1) / ROWS),
              { "kind" => "ground", "colour" => front[columns.first][2],
                "ring" => columns.map { |j| back[j].first(2) } + columns.reverse.map { |j| front[j].first(2) } }]
          end
        end
      end

      # Columns that both rows have, parted where the tone changes; a part begins where the last one ended.
      def runs(back, front)
        whole = (0..PLACES).select { |j| back[j] && front[j] }.slice_when { |a, b| b > a + 1 }
        whole.flat_map { |run| toned(run, front) }.select { |run| run.size > 1 }
      end

      def toned(run, front)
        parts = run.slice_when { |a, b| front[a][2] != front[b][2] }.to_a
        parts.each_cons(2) { |part, following| part << following.first }
        parts
      end

      # The whole top to its very rim, where the strips of ground fall short of it by less than their width.
      def underlay
        ring = foot[0..-2].map { |x, y| @eye.picture(x, y, rim(x, y)).map { |value| value.round(2) } }
        tones = rows.flat_map { |row| row.compact.values_at(0, -1) }.compact.map(&:last)
        { "kind" => "ground", "colour" => tones.tally.max_by(&:last)&.first || BARE, "ring" => ring }
      end

      # The plinth's side as far as the eye sees it, from its underside to the ground at the rim.
      def sides
        edges = foot.each_cons(2).select { |a, b| faces_eye?(a, b) }
        edges.slice_when { |(_, b), (c, _)| b != c }.map do |run|
          points = [run.first[0], *run.map(&:last)]
          above = points.map { |x, y| @eye.picture(x, y, rim(x, y)) }
          below = points.reverse.map { |x, y| @eye.picture(x, y, -@design.plinth.thickness_mm) }
          (above + below).map { |u, v| [u.round(2), v.round(2)] }
        end
      end

      # Whether the outside of an edge of the foot, which runs counter-clockwise or clockwise, is turned to the eye.
      def faces_eye?((x0, y0), (x1, y1))
        outward = [(y1 - y0) * winding, (x0 - x1) * winding]
        (outward[0] * @eye.toward[0]) + (outward[1] * @eye.toward[1]) > 1e-9
      end

      def winding = @winding ||= Plan::Segment.doubled_area(foot).positive? ? 1 : -1

      # How far in from the rim the ground is taken for the rim's own, as a share of the way to the middle: sheets are cut
      # a hair inside it.
      INSIDE = 0.05
      private_constant :INSIDE

      def rim(x, y)
        centre = @evaluation.ground.foot.centroid
        inward = [x + ((centre.x - x) * INSIDE), y + ((centre.y - y) * INSIDE)]
        @terrain.height_at(*inward) || 0.0
      end

      def parts
        @evaluation.solids.all.group_by(&:part).map do |part, solids|
          middle = part.middle
          foot_z = solids.map(&:low).min
          left, right = solids.flat_map(&:corners).map { |x, y| (x * @eye.right[0]) + (y * @eye.right[1]) }.minmax
          [@eye.nearness(*middle),
            { "kind" => part.kind.key, "pointer" => part.pointer, "name" => part.name, "colour" => part.colour, "focal" => part.focal?,
              "at" => @eye.picture(*middle, foot_z).map { |value| value.round(2) }, "width_mm" => (right - left).round(2),
              "height_mm" => (@eye.picture(0, 0, solids.map(&:high).max)[1] - @eye.picture(0, 0, foot_z)[1]).round(2),
              **Design::SeenFrom.new(part, @eye.toward).to_h,
              "faces" => part.kind.trait?("faces_eye") ? [] : solids.flat_map { |solid| faces(solid) } }]
        end
      end

      # Those turned to the eye, the farthest first, each with how bright it is.
      def faces(solid)
        seen = Facets.faces(solid).map { |corners| [corners, normal(corners)] }.select { |_, across| turned_to_eye?(across) }
        seen.sort_by { |corners, _| corners.sum { |x, y, z| nearness(x, y, z) } / corners.size }.map do |corners, across|
          { "ring" => corners.map { |corner| @eye.picture(*corner).map { |value| value.round(2) } },
            "shade" => (0.55 + (0.45 * across.zip(light_on_plan).sum { |a, b| a * b }.clamp(0, 1))).round(2) }
        end
      end

      # Nearness to the eye along its own line of sight.
      def nearness(x, y, z)
        up = @eye.elevation_deg * Math::PI / 180
        (@eye.nearness(x, y) * Math.cos(up)) + (z * Math.sin(up))
      end

      def turned_to_eye?(across) = nearness(*across) > 1e-6

      # Outward, of length 1 (Newell's sum).
      def normal(corners)
        sum = [0.0, 0.0, 0.0]
        [*corners, corners.first].each_cons(2) do |(x0, y0, z0), (x1, y1, z1)|
          sum[0] += (y0 - y1) * (z0 + z1)
          sum[1] += (z0 - z1) * (x0 + x1)
          sum[2] += (x0 - x1) * (y0 + y1)
        end
        long = Math.sqrt(sum.sum { |value| value**2 })
        long.zero? ? sum : sum.map { |value| value / long }
      end

      def bounds(items)
        points = items.flat_map { |item| item["ring"] || box_of(item) } + sides.flatten(1)
        us, vs = points.transpose
        [us.min, vs.min, us.max, vs.max].map { |value| value.round(2) }
      end

      def box_of(item)
        u, v = item["at"]
        [[u - (item["width_mm"] / 2), v], [u + (item["width_mm"] / 2), v + item["height_mm"]]] +
          item["faces"].flat_map { |face| face["ring"] }
      end
    end
  end
end
