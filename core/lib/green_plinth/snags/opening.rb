# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A hull that stands on its water with no opening cut for it: it would ride too high.
    class Opening < Check
      code "fit/opening"
      severity "spoils"
      # The opening is cut larger than the waterline by this, and a ledge is left to carry the hull (typical, from memory), mm.
      CLEARANCE_MM = 1.0
      LEDGE_MM = 4.0
      # A hull draws at least this much, mm.
      LEAST_DRAUGHT_MM = 1.0

      def snags
        design.subjects.select { |subject|
 subject.kind == "hull" && (subject["draught_mm"] || 0) >= LEAST_DRAUGHT_MM }.filter_map { |hull| judged(hull) }
      end

      private

      def judged(hull)
        level = @evaluation.solids.foot(hull)
        shape = Composition::Standing.footprint(hull)
        _, ground = terrain.range_in(shape.buffer(-ledge(hull)))
        return unless ground

        room = level - ground
        wanted = hull["draught_mm"]
        return if room >= wanted - 0.2

        snag(hull.pointer,
          "#{hull.name.capitalize} draws #{mm(wanted)} and the ground leaves it #{mm([room, 0].max)}: it will ride #{mm(wanted - [room, 0].max)} too high.", opening(hull, shape, ground - level + wanted))
      end

      # Inside of this its bottom hangs free; no more of a narrow hull than a quarter of its beam.
      def ledge(hull) = [LEDGE_MM, Plan::Outline.size(hull.footprint).min / 4].min

      # An opening a little larger than the waterline at its rim, stepping in to a ledge that carries the hull.
      def opening(hull, shape, depth)
        ring = Plan::Geos.rings(shape.buffer(CLEARANCE_MM).simplify(0.2)).first
        edge = { "kind" => "bevel", "run_mm" => [ledge(hull), depth / 2.0].min.round(1) }
        form = { "id" => fresh("opening"), "name" => "opening for #{hull.name}"[0, 80], "kind" => "cut",
                 "depth_mm" => [depth, 0.5].max.ceil(1), "edge" => edge,
                 "outline" => { "kind" => "polygon", "points_mm" => ring[0..-2].map { |x, y| [x.round(1), y.round(1)] } } }
        Fix.new("cut an opening #{mm(form["depth_mm"])} deep with a ledge", [append("forms", form)])
      end
    end
  end
end
