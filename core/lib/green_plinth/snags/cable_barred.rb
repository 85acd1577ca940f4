# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A cable in whose way something goes into the ground, or that ends within the base.
    class CableBarred < Check
      code "fit/cable_barred"
      severity "spoils"
      weight 448

      def snags
        design.features.select { |feature| feature.powered? && feature.cable }.flat_map do |feature|
          [*inside(feature), *barred(feature)]
        end
      end

      private

      def inside(feature)
        last = Plan::Geos.point(feature.cable.last)
        return [] unless @evaluation.ground.foot.contains?(last)
        return [] if design.forms.any? { |form| form.cavity? && form.area.contains?(last) }

        [snag("#{feature.pointer}/cable_mm",
          "The cable of #{feature.name} ends within the base: lead it out at an edge, or into a cavity.", out(feature))]
      end

      # On along its last stretch to the edge.
      def out(feature)
        line = Plan::Polyline.new(feature.cable)
        x0, y0, x1, y1 = Plan::Geos.bounds(@evaluation.ground.foot)
        (x, y), = line.at(line.length_mm + Math.hypot(x1 - x0, y1 - y0))
        reach = Plan::Geos.line([feature.cable.last, [x, y]]).intersection(@evaluation.ground.foot.boundary)
        return if reach.empty?

        point = reach.respond_to?(:x) ? [reach.x, reach.y] : Plan::Geos.bounds(reach).first(2)
        put("lead it out", "#{feature.pointer}/cable_mm/-", point.map { |value| value.round(1) })
      end

      # Pins and magnets go down where the cable lies.
      def barred(feature)
        line = Plan::Geos.line(feature.cable)
        design.standing.select { |subject| subject.mount.trait?("goes_down") && subject.footprint_area.intersects?(line) }.map do |subject|
          snag("#{feature.pointer}/cable_mm",
            "The cable of #{feature.name} runs under #{subject.name}, which is #{subject.mount.name}: what holds it goes through it.",
            put("glue #{subject.name}", "#{subject.pointer}/mount", design.kinds.usual("mounts").key))
        end
      end
    end
  end
end
