# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ground that is walked or driven on ending in a step that is too high in life: a plate that hovers.
    class ZonesStep < Check
      code "relief/zones_step"
      severity "advice"
      weight 545

      # Higher than any kerb, mm in life (from memory).
      MOST_LIFE_MM = 200.0
      # Farther apart than this they do not meet, mm.
      MEET_MM = 0.5

      def snags
        ways = design.zones.each_index.select { |index| design.zones[index].ground["climbs_pct"] }
        ways.flat_map { |way| design.zones.each_index.filter_map { |other| judged(way, other) if way != other && meet?(way, other) } }
      end

      private

      def meet?(one, other) = @evaluation.ground.area(one).distance(@evaluation.ground.area(other)) < MEET_MM

      # By what lies on the bulk: a step of the bulk is meant.
      def judged(way, other)
        step = terrain.raises[way].sum - terrain.raises[other].sum
        return if step * design.scale <= MOST_LIFE_MM

        name, beside = design.zones[way].name, design.zones[other]
        life = Scale::Length.metric(step * design.scale)
        snag(design.zones[way].pointer, "#{name.capitalize} ends #{mm(step)} above #{beside.name}, #{life} in life: it hovers.",
          raised(beside, step))
      end

      def raised(zone, step)
        filler = { "material" => design.kinds.work("void_filler", "material"), "thickness_mm" => step.round(2) }
        path = zone.data["courses"] ? "#{zone.pointer}/courses/0" : "#{zone.pointer}/courses"
        Fix.new("bring #{zone.name} up first", [{ "op" => "add", "path" => path, "value" => zone.data["courses"] ? filler : [filler] }])
      end
    end
  end
end
