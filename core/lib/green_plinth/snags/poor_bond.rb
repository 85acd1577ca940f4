# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Crackle medium lifts from plaster and grout.
    class PoorBond < Check
      code "compat/poor_bond"
      severity "spoils"
      weight 410

      def snags
        design.zones.flat_map do |zone|
          beneath = [bulk_under(zone, sealed: false), *zone.courses.map(&:material)]
          zone.courses.zip(beneath).filter_map { |course, below| judged(zone, below, course) }
        end
      end

      private

      # From plaster, and from whatever holds some.
      def judged(zone, below, above)
        lifts = above.material&.[]("lifts_from")
        return unless lifts && below && (below.mechanism == lifts || below.trait?("plaster"))

        sealer = catalogue.usual_material("sealer")
        snag(above.pointer, "#{above.material.name.capitalize} flakes off #{below.name}: seal and key it first.",
          Fix.new("brush #{sealer.name} between", [{ "op" => "add", "path" => above.pointer, "value" => { "material" => sealer.key } }]))
          .drawn(over_another([below, *zone.courses.drop(zone.courses.index(above))], 0, 1))
      end
    end
  end
end
