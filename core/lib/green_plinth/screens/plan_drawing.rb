# frozen_string_literal: true

module GreenPlinth
  module Screens
    # What a screen draws the plan from: rings of points in mm, as JSON-ready data. Every ring is closed.
    class PlanDrawing
      # Points nearer to the line than this are left out, mm: less than a screen shows.
      FINE_MM = 0.03
      SHORE_MM = 0.06
      LAYERS = %w[border forms zones features subjects waters wakes markings].freeze
      # Of what cannot be drawn.
      NOTHING = { "foot" => [], "top" => [] }.merge(LAYERS.to_h { |layer| [layer, []] }).freeze

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Hash]
      def to_h
        { "foot" => rings(@evaluation.ground.foot), "top" => rings(@evaluation.ground.top) }
          .merge(LAYERS.to_h { |layer| [layer, Failures.guard("the drawing of #{layer}", []) { send(layer) }] })
      end

      private

      def border
        width = @design.plinth.border_mm
        width.positive? ? rings(@evaluation.ground.top.buffer(-width)) : []
      end

      def forms
        @design.forms.map do |form|
          shape = form.area
          shape = shape.intersection(@evaluation.ground.top) unless form.overhang?
          { "pointer" => form.pointer, "name" => form.name, "kind" => form.kind.key, "colour" => form.material&.colour,
            "rings" => rings(shape) }
        end
      end

      def zones
        @design.zones.each_with_index.map do |zone, index|
          area = @evaluation.ground.area(index)
          { "pointer" => zone.pointer, "name" => zone.name, "ground" => zone.ground.key, "colour" => Colour::Tone.of_zone(zone),
            "greenery" => greenery(zone, Plan::Geos.area(area)), "rings" => rings(area) }
        end
      end

      # What grows there, for the marks that stand for it on a plan; of what is set piece by piece, how many there are.
      def greenery(zone, area)
        dose = Quantities::Dose.new(@design.catalogue)
        growing = zone.courses.select { |course| course.material&.trait?("grows") }
        growing.group_by { |course| course.material.key }.map do |key, courses|
          { "material" => key, "count" => courses.filter_map { |course| dose.pieces(course, area) }.sum.nonzero? }
        end
      end

      def features
        @design.outlined_features.map do |feature|
          { "pointer" => feature.pointer, "name" => feature.name, "kind" => feature.kind.key, "colour" => feature.colour,
            "crown_mm" => feature.crown_mm, "rings" => rings(feature.area), "rails" => rails(feature),
            "cable" => short(feature.powered? && feature.cable ? feature.cable : []) }
        end
      end

      # Of a track: its two rails.
      def rails(feature)
        return [] unless feature.gauge_mm && feature.strip?

        line = Plan::Polyline.new(Plan::Outline.line(feature.outline))
        [0.5, -0.5].map { |side| short(line.beside(feature.gauge_mm * side, step: RAIL_STEP_MM)) }
      end

      # A rail is drawn from point to point so far apart, mm.
      RAIL_STEP_MM = 5.0
      private_constant :RAIL_STEP_MM

      def subjects
        @design.subjects.map do |subject|
          { "pointer" => subject.pointer, "name" => subject.name, "kind" => subject.kind.key, "at_mm" => subject.at_mm,
            "turn_deg" => subject.turn_deg, "size_mm" => Plan::Outline.size(subject.reach).map { |side| side.round(2) },
            "focal" => subject.focal?, "feet" => subject.feet? ? short(subject.foot_points) : [], "rings" => rings(subject.footprint_area),
            "silhouette" => subject.silhouette ? rings(subject.shadow) : [] }
        end
      end

      def waters
        still = @evaluation.survey.of(@evaluation.pools, PlanDrawing) { drawn_waters }
        still.zip(@evaluation.pools).map do |drawn, pool|
          drawn.merge("courses" => water_courses(pool), "depths" => depths(pool), "reaches" => reaches(pool),
            "named_at_mm" => named_at(pool))
        end
      end

      # colour: nil where it is clear; under: seen through the water that is poured over it.
      def water_courses(pool)
        pool.water.courses.map do |course|
          { "pointer" => course.pointer, "name" => course.name, "colour" => course.tone, "under" => course.under?(pool.pours),
            "cover" => course.cover,
            "rings" => rings(@evaluation.spots.area(course, pool)) }
        end
      end

      # What it looks like by its depth, the shallowest first: each over the one before it.
      def depths(pool)
        bands = @evaluation.depth_tones(pool).bands
        bands.map { |band| { "from_mm" => band.from_mm.round(2), "colour" => band.colour, "rings" => rings(band.area) } }
      end

      # Of running water: its stretches, and where they are dammed while they are poured.
      def reaches(pool)
        pool.reaches.map do |reach|
          { "name" => reach.name, "white" => reach.white?, "slope_pct" => (reach.slope_pct.round(1) if reach.slope_pct.finite?),
            "drop_mm" => reach.drop.round(2), "rings" => rings(reach.area),
            "dams" => reach.dam ? Plan::Geos.lines(reach.dam).map { |line| short(Plan::Geos.coordinates(line)) } : [] }
        end
      end

      # Lines to mark, where the wakes of hulls under way lie.
      def wakes
        @evaluation.tracks.flat_map do |track|
          track.lines.map do |line|
            { "pointer" => track.hull.pointer, "kind" => line.kind, "system" => line.system, "points" => short(line.points) }
          end
        end
      end

      # What is painted on roads, each dash by itself.
      def markings
        Ways::Markings.all(@design).flat_map do |marked|
          marked.marks.map do |mark|
            { "pointer" => marked.part.pointer, "colour" => mark.colour, "rings" => [short([*mark.ring, mark.ring.first])] }
          end
        end
      end

      def drawn_waters
        @evaluation.pools.map do |pool|
          { "pointer" => pool.water.pointer, "name" => pool.water.name, "colour" => pool.water.colour,
            "drawn" => rings(pool.water.area), "wet" => (pool.rings || []).map { |ring| thinned(ring) },
            "dams" => (pool.dam_lines || []).map { |line| short(Plan::Geos.coordinates(Plan::Geos.line(line).simplify(FINE_MM))) } }
        end
      end

      # Where its name hides nothing that stands in it.
      def named_at(pool)
        open = (pool.wet? ? pool.area : pool.water.area).simplify(SHORE_MM).difference(standing)
        Plan::Geos.widest_spot(open.empty? ? pool.water.area : open).map { |value| value.round(1) }
      end

      def standing
        @standing ||= Plan::Geos.union(@design.subjects.map(&:footprint_area) + @design.outlined_features.map(&:area))
      end

      def rings(shape)
        @evaluation.survey.of(shape, PlanDrawing) { Plan::Geos.rings(shape.simplify(FINE_MM)).map { |ring| short(ring) } }
      end

      def thinned(ring) = short(Plan::Geos.coordinates(Plan::Geos.line(ring).simplify(SHORE_MM)))

      def short(points) = points.map { |x, y| [x.round(2), y.round(2)] }
    end
  end
end
