# frozen_string_literal: true

module GreenPlinth
  module Formats
    # What a screen draws the plan from: rings of points in mm, as JSON-ready data. Every ring is closed.
    class Drawing
      # Points nearer to the line than this are left out, mm: less than a screen shows.
      FINE_MM = 0.03
      SHORE_MM = 0.06

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
        @catalogue = evaluation.catalogue
      end

      # @return [Hash]
      def to_h
        { "foot" => rings(@evaluation.ground.foot), "top" => rings(@evaluation.ground.top), "border" => border, "forms" => forms, "zones" => zones,
          "features" => features, "subjects" => subjects, "waters" => waters }
      end

      private

      def border
        width = @design.plinth.border_mm
        width.positive? ? rings(@evaluation.ground.top.buffer(-width)) : []
      end

      def forms
        @design.forms.map do |form|
          shape = Plan::Outline.polygon(form.outline)
          shape = shape.intersection(@evaluation.ground.top) unless form.overhang?
          { "pointer" => form.pointer, "name" => form.name, "kind" => form.kind, "colour" => @catalogue[form.material]&.colour,
            "rings" => rings(shape) }
        end
      end

      def zones
        @design.zones.each_with_index.map do |zone, index|
          { "pointer" => zone.pointer, "name" => zone.name, "ground" => zone.ground, "colour" => Colour::Tone.of_zone(zone, @catalogue),
            "greenery" => greenery(zone), "rings" => rings(@evaluation.ground.area(index)) }
        end
      end

      # What grows there, for the marks that stand for it on a plan.
      def greenery(zone)
        zone.courses.filter_map { |course| @catalogue[course.material]&.then { |material| material.key if material.family == "greenery" } }.uniq
      end

      def features
        @design.features.select { |feature| feature.outline && feature.outline["kind"] != "rest" }.map do |feature|
          { "pointer" => feature.pointer, "name" => feature.name, "kind" => feature.kind, "colour" => feature["colour"], "crown_mm" => feature["crown_mm"],
            "rings" => rings(Plan::Outline.polygon(feature.outline)) }
        end
      end

      def subjects
        @design.subjects.map do |subject|
          { "pointer" => subject.pointer, "name" => subject.name, "kind" => subject.kind, "at_mm" => subject.at_mm, "focal" => subject.focal?,
            "feet" => subject["feet"] ? short(Composition::Standing.feet(subject)) : [],
            "rings" => rings(Composition::Standing.footprint(subject)), "silhouette" => subject.silhouette ? rings(Composition::Standing.silhouette(subject)) : [] }
        end
      end

      def waters
        @evaluation.pools.map do |pool|
          { "pointer" => pool.water.pointer, "name" => pool.water.name, "colour" => pool.water.data.dig("tint", "colour") || @catalogue[pool.water.medium]&.colour,
            "drawn" => rings(Plan::Outline.polygon(pool.water.outline)), "wet" => (pool.rings || []).map { |ring| thinned(ring) },
            "dams" => (pool.dam_lines || []).map { |line| short(Plan::Geos.coordinates(Plan::Geos.line(line).simplify(FINE_MM))) } }
        end
      end

      def rings(shape) = Plan::Geos.rings(shape.simplify(FINE_MM)).map { |ring| short(ring) }

      def thinned(ring) = short(Plan::Geos.coordinates(Plan::Geos.line(ring).simplify(SHORE_MM)))

      def short(points) = points.map { |x, y| [x.round(2), y.round(2)] }
    end
  end
end
