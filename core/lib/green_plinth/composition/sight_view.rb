# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The base as the eye has it: a true parallel projection of its relief, waters and all that stands on it, as flat
    # patches in the order to paint them, the farthest first. Millimetres of the picture: right and up.
    class SightView
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
          "items" => [underlay, *skirt, *items] }
      end

      private

      # It looks the same from there, whatever is moved about on it but hulls: what lies on a water lies along them.
      # @return [Array<Array(Float, Hash)>] strips, each with how near it is
      def ground = @evaluation.made_of(:sight_ground, @terrain, @evaluation.pools, @eye.to_a, afloat) { painted.bands }
      def afloat = [@design.scale, @design.wind_from_deg, @design.subjects.select(&:set_in_water?).map(&:data)]
      def painted = @painted ||= SightGround.new(@evaluation, @eye)

      # Counter-clockwise.
      def foot
        @foot ||= Plan::Geos.rings(@evaluation.ground.foot.simplify(0.1)).first.then do |ring|
          Plan::Segment.doubled_area(ring).positive? ? ring : ring.reverse
        end
      end

      # The whole top to its very rim, where the strips of ground fall short of it by less than their width.
      def underlay
        ring = foot[0..-2].map { |x, y| @eye.picture(x, y, rim(x, y)).map { |value| value.round(2) } }
        { "kind" => "ground", "colour" => painted.rim_tone, "ring" => ring }
      end

      # The ground's own edge, where it ends a little inside the plinth's: what hangs down between two strips has no gaps.
      def skirt
        stretches(foot).map do |places|
          above = places.map { |x, y| @eye.picture(x, y, rim(x, y)) }
          below = places.reverse.map { |x, y| @eye.picture(x, y, 0.0) }
          { "kind" => "ground", "colour" => Colour::Tone.shaded(painted.rim_tone, EDGE_SHADE),
            "ring" => (above + below).map { |point| point.map { |value| value.round(2) } } }
        end
      end

      # How bright an upright edge is that is turned to the eye, beside what lies level.
      EDGE_SHADE = 0.67
      private_constant :EDGE_SHADE

      # The bands of the side as far as the eye sees them.
      def sides
        @sides ||= @evaluation.side_bands.flat_map do |band|
          stretches(band["points"].each_slice(4).to_a).map do |places|
            above = places.map { |x, y, _, high| @eye.picture(x, y, high) }
            below = places.reverse.map { |x, y, low, _| @eye.picture(x, y, low) }
            { "colour" => band["colour"], "clear" => band["clear"], "ring" => (above + below).map { |u, v| [u.round(2), v.round(2)] } }
          end
        end
      end

      # Of a band its unbroken stretches that are turned to the eye.
      def stretches(places)
        runs = places.each_cons(2).select { |a, b| faces_eye?(a, b) }.slice_when { |(_, b), (c, _)| b != c }
        runs.map { |run| [run.first[0], *run.map(&:last)] }
      end

      # Whether the outside of an edge, which runs counter-clockwise about the base, is turned to the eye.
      def faces_eye?((x0, y0), (x1, y1))
        ((y1 - y0) * @eye.toward[0]) + ((x0 - x1) * @eye.toward[1]) > 1e-9
      end

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
              "faces" => part.kind.trait?("faces_eye") ? [] : solids.flat_map { |solid| faces(solid) + openings(solid) } }]
        end
      end

      # Those turned to the eye, the farthest first, each with how bright it is.
      def faces(solid)
        near = ->(corners) { corners.sum { |corner| nearness(*corner) } / corners.size }
        seen(Facets.faces(solid)).sort_by { |corners, _| near[corners] }.map do |corners, across|
          { "ring" => pictured(corners), "shade" => (0.55 + (0.45 * across.zip(@eye.light).sum { |a, b| a * b }.clamp(0, 1))).round(2) }
        end
      end

      # Doors and windows, over the walls that they are in.
      def openings(solid)
        seen(Facets.openings(solid)).map do |corners, _|
          { "ring" => pictured(corners), "shade" => 1.0, "opening" => true }
        end
      end

      def pictured(corners) = corners.map { |corner| @eye.picture(*corner).map { |value| value.round(2) } }

      def seen(faces) = faces.map { |corners| [corners, normal(corners)] }.select { |_, across| turned_to_eye?(across) }

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
        points = items.flat_map { |item| item["ring"] || box_of(item) } + sides.flat_map { |side| side["ring"] }
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
