# frozen_string_literal: true

module GreenPlinth
  module Screens
    # The finished base as a turntable wants it: the ground's closed surface with its colours, waters, and simple solids
    # for what stands on it. Flat lists of numbers, mm.
    class Turntable
      # Coarser than what is printed.
      CELLS_ALONG = 100

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Hash]
      def to_h
        { "ground" => ground, "sides" => @evaluation.side_bands, "waters" => waters, "bodies" => bodies + portals,
          "growth" => Growth.new(@evaluation).to_a, "bounds_mm" => bounds, "within" => within }
      end

      private

      def mesh = @mesh ||= Relief::Mesh.new(@evaluation.terrain, @design.plinth.thickness_mm, cells_along: CELLS_ALONG)

      # Colours by index into a short list, one for each corner.
      def ground
        colours = @design.zones.map { |zone| Colour::Tone.of_zone(zone) } + [Composition::SightGround::BARE, SideBands.plinth_tone(@design)]
        { "vertices" => mesh.vertices.flatten.map { |value| value.round(2) }, "triangles" => mesh.triangles.flatten, "colours" => colours,
          "owners" => mesh.owners.map { |owner| owner.nil? ? colours.size - 1 : owner.negative? ? colours.size - 2 : owner } }
      end

      def waters
        @evaluation.pools.select(&:wet?).map do |pool|
          { "pointer" => pool.water.pointer, "colour" => pool.water.colour, "level_mm" => pool.level,
            "rings" => pool.rings.map { |ring| Plan::Geos.coordinates(Plan::Geos.line(ring).simplify(0.1)).map { |point| short(point) } },
            "depths" => @evaluation.depth_tones(pool).bands.map do |band|
              { "colour" => band.colour, "rings" => Plan::Geos.rings(band.area).map { |ring| ring.map { |point| short(point) } } }
            end,
            "surface" => Seas::Surface.new(pool, @evaluation.spots).to_h }
        end
      end

      # Further bodies, each as it is by itself, and where it is.
      def within
        @evaluation.placed_bodies.map do |placed|
          { "pointer" => placed.body.pointer, "at_mm" => short([*placed.body.at_mm, placed.lift_mm]), "turn_deg" => placed.body.turn_deg,
            "solid" => placed.evaluation.turntable }
        end
      end

      # The mouths of culverts, dark where the bank is cut: the ground over them is a surface that cannot be open.
      def portals
        @design.forms.select { |form| form.bore? && !form.cavity? }.map do |form|
          solid = Composition::Solid.new(form, form.area, form.invert_mm, form.invert_mm + form.clear_mm)
          { "pointer" => form.pointer, "kind" => form.kind.key, "name" => form.name, "colour" => form.kind["colour"],
            "low_mm" => solid.low.round(2), "high_mm" => solid.high.round(2), "at_mm" => short(form.middle), "size_mm" => size(solid),
            "turn_deg" => 0, "foot_mm" => nil, "line_mm" => nil, "crown" => false, "unit_mm" => nil,
            "faces" => rings(Composition::Facets.prism(Composition::Facets.ring(solid.shape), solid.low, solid.high)), "openings" => [] }
        end
      end

      # See Composition::Facets.
      def bodies
        @evaluation.solids.all.map do |solid|
          part = solid.part
          { "pointer" => part.pointer, "kind" => part.kind.key, "name" => part.name, "colour" => part.colour,
            "low_mm" => solid.low.round(2), "high_mm" => solid.high.round(2), "at_mm" => short(part.middle), "size_mm" => size(solid),
            "turn_deg" => part.data["turn_deg"] || 0, "foot_mm" => foot(part),
            "line_mm" => (Plan::Outline.line(part.outline) if part.strip?),
            "crown" => !part.strip? && solid.low > lowest(part), "unit_mm" => unit(part),
            "faces" => rings(Composition::Facets.faces(solid)), "openings" => rings(Composition::Facets.openings(solid)) }
        end
      end

      # Of what is built of one: its length, its height and the joint about it.
      def unit(part)
        count = @evaluation.units.find { |one| one.part.pointer == part.pointer && !one.painted }
        length, _, height = count&.size_mm
        length && height && [length, height, count.joint_mm].map { |side| side.round(3) }
      end

      # Width and depth of what stands on a foot of its own, before it is turned.
      def foot(part)
        outline = part.data["footprint"] or return
        Plan::Outline.size(outline.except("turn_deg")).map { |side| side.round(2) }
      end

      # A crown is what begins above the foot of its part.
      def lowest(part) = @evaluation.solids.foot(part) + 1e-6

      def rings(faces) = faces.map { |face| face.map { |corner| short(corner) } }
      def short(point) = point.map { |value| value.round(2) }

      def size(solid)
        Plan::Geos.bounds(solid.shape).then { |x0, y0, x1, y1| [(x1 - x0).round(2), (y1 - y0).round(2)] }
      end

      def bounds
        x0, y0, x1, y1 = Plan::Geos.bounds(@evaluation.ground.foot)
        highest = [@evaluation.terrain.highest_mm, *@evaluation.solids.all.map(&:high)].max
        short([x0, y0, -@design.plinth.thickness_mm, x1, y1, highest])
      end
    end
  end
end
