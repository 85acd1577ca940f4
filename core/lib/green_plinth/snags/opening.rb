# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A hull that stands on its water with no opening cut for it: it would ride too high.
    class Opening < Check
      code "fit/opening"
      severity "spoils"
      weight 370
      # A hull draws at least this much, mm.
      LEAST_DRAUGHT_MM = 1.0

      def snags
        drawing = design.subjects.select { |one| one.set_in_water? && Seas::Immersed.new(one).draught_mm >= LEAST_DRAUGHT_MM }
        drawing.filter_map { |hull| judged(hull) }
      end

      private

      def judged(hull)
        level = @evaluation.solids.foot(hull)
        below = Seas::Immersed.new(hull)
        high = below.held_up_mm(terrain, level)
        return if high <= Seas::Immersed::ALLOWED_MM

        room = [below.draught_mm - high, 0].max
        draws = "#{hull.name.capitalize} draws #{mm(below.draught_mm)} and the ground leaves it #{mm(room)}"
        snag(hull.pointer, "#{draws}: it will ride #{mm(high)} too high.", below.known? ? stepped(hull, below, level) : opening(hull, high))
      end

      # A cut for each slice, the next one within it, as deep as the hull lies there; and one for each thing that hangs below it.
      def stepped(hull, below, level)
        parts = below.slices.each_cons(2).map { |above, slice| [above.shape, slice] } + below.appendages.map { |fin| [fin.shape, fin] }
        bottom = terrain.range_in(hull.footprint_area.buffer(Waters::Spots::GAP_MM)).last
        forms = parts.zip(design.fresh_ids("opening").first(parts.size)).filter_map do |(shape, slice), id|
          depth = bottom - (level - slice.depth_mm - tilt(below, slice))
          next unless depth.positive?

          bottom -= depth unless below.appendages.include?(slice)
          cut(hull, shape, depth, id, slice)
        end
        Fix.new("cut an opening in #{forms.size} steps", appended(forms))
      end

      def appended(forms)
        [append("forms", forms.first), *forms.drop(1).map { |form| { "op" => "add", "path" => "/forms/-", "value" => form } }]
      end

      def tilt(below, slice) = Plan::Geos.rings(slice.shape).flatten(1).map { |x, y| below.deeper_at(x, y) }.push(0.0).max

      def cut(hull, shape, depth, id, slice)
        { "id" => id, "name" => "opening, #{mm(slice.depth_mm)} down, for #{hull.name}"[0, 80], "depth_mm" => depth.ceil(1),
          "kind" => design.kinds.form("cut").key, "outline" => { "kind" => "polygon", "points_mm" => ring(shape) } }
      end

      def ring(shape)
        Plan::Geos.rings(shape.buffer(Waters::Spots::GAP_MM).simplify(0.2)).first[0..-2].map { |x, y| [x.round(1), y.round(1)] }
      end


      # An opening a little larger than the waterline at its rim, stepping in to a ledge that carries the hull.
      def opening(hull, depth)
        edge = { "kind" => design.kinds.with("edges", "even").key, "run_mm" => [Seas::Immersed.new(hull).ledge_mm, depth / 2.0].min.round(1) }
        form = { "id" => fresh("opening"), "name" => "opening for #{hull.name}"[0, 80], "kind" => design.kinds.form("cut").key,
                 "depth_mm" => [depth, 0.5].max.ceil(1), "edge" => edge,
                 "outline" => { "kind" => "polygon", "points_mm" => ring(hull.footprint_area) } }
        Fix.new("cut an opening #{mm(form["depth_mm"])} deep with a ledge", [append("forms", form)])
      end
    end
  end
end
