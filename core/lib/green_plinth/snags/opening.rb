# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A hull that stands on its water with no opening cut for it: it would ride too high.
    class Opening < Check
      code "fit/opening"
      severity "spoils"
      weight 370
      # A ledge of this width is left to carry the hull (typical, from memory), mm.
      LEDGE_MM = 4.0
      # A hull draws at least this much, mm.
      LEAST_DRAUGHT_MM = 1.0

      # Off by less than this nobody sees it (from memory), mm.
      ALLOWED_MM = 0.2

      def snags
        drawing = design.subjects.select { |subject| subject.set_in_water? && (subject.draught_mm || 0) >= LEAST_DRAUGHT_MM }
        drawing.filter_map { |hull| judged(hull) }
      end

      private

      def judged(hull)
        level = @evaluation.solids.foot(hull)
        _, ground = terrain.range_in(hull.footprint_area.buffer(-ledge(hull)))
        return unless ground

        room = [level - ground, 0].max
        return if level - ground >= hull.draught_mm - ALLOWED_MM

        draws = "#{hull.name.capitalize} draws #{mm(hull.draught_mm)} and the ground leaves it #{mm(room)}"
        snag(hull.pointer, "#{draws}: it will ride #{mm(hull.draught_mm - room)} too high.",
          opening(hull, ground - level + hull.draught_mm))
      end

      # Inside of this its bottom hangs free; no more of a narrow hull than a quarter of its beam.
      def ledge(hull) = [LEDGE_MM, hull.footprint_size.min / 4].min

      # An opening a little larger than the waterline at its rim, stepping in to a ledge that carries the hull.
      def opening(hull, depth)
        ring = Plan::Geos.rings(hull.footprint_area.buffer(Waters::Spots::GAP_MM).simplify(0.2)).first
        edge = { "kind" => design.kinds.with("edges", "even").key, "run_mm" => [ledge(hull), depth / 2.0].min.round(1) }
        form = { "id" => fresh("opening"), "name" => "opening for #{hull.name}"[0, 80], "kind" => design.kinds.form("cut").key,
                 "depth_mm" => [depth, 0.5].max.ceil(1), "edge" => edge,
                 "outline" => { "kind" => "polygon", "points_mm" => ring[0..-2].map { |x, y| [x.round(1), y.round(1)] } } }
        Fix.new("cut an opening #{mm(form["depth_mm"])} deep with a ledge", [append("forms", form)])
      end
    end
  end
end
