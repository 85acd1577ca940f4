# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Grains dropped into one coat of glue and left so, where hands or brushes come: they shed.
    class GrainsShed < Check
      code "fix/grains_shed"
      severity "advice"
      weight 467

      def snags
        design.zones.flat_map do |zone|
          zone.courses.each_with_index.filter_map { |course, at| judged(zone, course, zone.courses[(at + 1)..]) }
        end
      end

      private

      def judged(zone, grain, over)
        return unless grain.material&.trait?("loose") && grain.cover_pct > 50 && technique_of(grain)&.trait?("one_coat")
        return if over.any? { |course| binds?(course) } || !asked?(over)

        sealer = catalogue.usual_material("sealer")
        snag(grain.pointer, "#{grain.name.capitalize} on #{zone.name} is held by one coat from below: grains shed " \
                            "#{brushed?(over) ? "under the brush" : "in a hand"}.",
          Fix.new("brush #{sealer.name} over it", [{ "op" => "add", "path" => grain.pointer.sub(/\d+\z/) { |n| (n.to_i + 1).to_s },
                                                    "value" => { "material" => sealer.key } }]))
      end

      def asked?(over) = design.purpose.trait?("played") || design.limits.travels? || brushed?(over)
      def brushed?(over) = over.first && technique_of(over.first)&.phase == :dry_brush

      # Whatever wets grain and sets binds it: glue, primer, paint, varnish, paste.
      def binds?(course) = course.material&.sets? && technique_of(course)&.phase != :dry_brush
    end
  end
end
