# frozen_string_literal: true

module GreenPlinth
  module Faces
    # A building unfolded at 1:1: its walls in one strip, its roof in one piece, each with the lines to score and the tabs to glue.
    class Net
      # A tab is so wide where there is room (from memory), mm.
      TAB_MM = 5.0

      # name: in words; shape: what is cut out, tabs and all, without openings; faces: [[Face, [dx, dy]], …] where each lies in it;
      # openings: rings; scores: lines [[x, y], [x, y]] to fold along
      Sheet = Struct.new(:name, :shape, :faces, :openings, :scores, keyword_init: true)

      # @param building [Building]
      def initialize(building)
        @building = building
      end

      # @return [Array<Sheet>] the walls, then the roof
      def sheets = [walls, *roof]

      private

      def walls
        offsets = @building.walls.map(&:width_mm).reduce([0.0]) { |sums, width| sums << (sums.last + width) }
        faces = @building.walls.zip(offsets).map { |face, x| [face, [x, 0.0]] }
        end_x = offsets.last
        tall = @building.walls.last.ring.find { |x, y| x == @building.walls.last.width_mm && y.positive? }&.last || 0.0
        tabs = [tab([[end_x, 0.0], [end_x, tall]]), *@building.walls.zip(offsets).flat_map { |face, x| top_tabs(face, x) }]
        sheet("walls", faces, tabs, offsets[1..].zip(heights).map { |x, high| [[x, 0.0], [x, high]] })
      end

      # Of each wall at its right end.
      def heights = @building.walls.map { |face| face.ring[2][1] }

      # Along each of its upper edges, for the roof to lie on.
      def top_tabs(face, x)
        face.ring.drop(2).each_cons(2).map { |a, b| tab([[a[0] + x, a[1]], [b[0] + x, b[1]]]) }
      end

      def roof
        faces = @building.roof_faces
        return [sheet("roof", [[faces.first, [0.0, 0.0]]], [@building.seam].compact.map { |edge| tab(edge) }, [])] if faces.one?
        return [folded(*faces)] if faces.size == 2

        tabbed = tabs_of(faces)
        faces.map { |face| sheet("roof, #{face.name}", [[face, [0.0, 0.0]]], tabbed[face], []) }
      end

      # Hips, valleys and ridges are glued from beneath: of two planes that meet one carries the tab, a long slope sooner than a hip.
      def tabs_of(faces)
        met = {}
        faces.sort_by { |face| -face.ring.size }.to_h do |face|
          edges = (1...face.ring.size).select do |at|
            ends = [face.solid[at], face.solid[(at + 1) % face.solid.size]].map { |point| point.map { |value| value.round(3) } }
            !met[ends.sort].tap { met[ends.sort] = true }
          end
          [face, edges.map { |at| tab([face.ring[at], face.ring[(at + 1) % face.ring.size]]) }]
        end
      end

      # Both slopes in one piece, folded at the ridge: the second lies head down above the first.
      def folded(front, back)
        top = front.height_mm
        over = back.ring.map { |x, y| [front.width_mm - x, (2 * top) - y] }
        turned = Face.new(**back.to_h, ring: over)
        sheet("roof", [[front, [0.0, 0.0]], [turned, [0.0, 0.0]]], [], [[[0.0, top], [front.width_mm, top]]])
      end

      # Outward of an edge that runs counter-clockwise: its sides slope in, so that two tabs of a corner do not meet.
      # @return [Array<Array(Float, Float)>] the edge, then its outer corners
      def tab((from, to))
        long = Math.hypot(to[0] - from[0], to[1] - from[1])
        wide = [TAB_MM, long / 3].min
        along = [(to[0] - from[0]) / long, (to[1] - from[1]) / long]
        out = [along[1], -along[0]]
        outer = [[to, -wide], [from, wide]].map { |point, by| [0, 1].map { |axis| point[axis] + (along[axis] * by) + (out[axis] * wide) } }
        [from, to, *outer]
      end

      def sheet(name, faces, tabs, scores)
        rings = faces.map { |face, (dx, dy)| face.ring.map { |x, y| [x + dx, y + dy] } }
        outer = tabs.map { |corners| Plan::Geos.polygon(corners) }.select { |one| one.valid? && one.area.positive? }
        shape = Plan::Geos.union(rings.map { |ring| Plan::Geos.polygon(ring) } + outer)
        openings = faces.flat_map { |face, (dx, dy)| face.openings.map { |one| one.ring.map { |x, y| [x + dx, y + dy] } } }
        holes = openings.empty? ? Plan::Geos.empty : Plan::Geos.union(openings.map { |ring| Plan::Geos.polygon(ring) })
        Sheet.new(name: name, shape: openings.empty? ? shape : shape.difference(holes), faces: faces, openings: openings,
          scores: scores.reject { |a, b| a == b } + tabs.map { |corners| corners.first(2) })
      end
    end
  end
end
