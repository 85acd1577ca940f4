# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Crackle medium lifts from plaster and grout.
    class PoorBond < Check
      code "compat/poor_bond"
      severity "spoils"
      weight 410

      def snags = design.zones.flat_map { |zone| zone.courses.each_cons(2).filter_map { |below, above| judged(below, above) } }

      private

      def judged(below, above)
        return unless below.material && above.material&.[]("lifts_from") == below.material.mechanism

        sealer = catalogue.usual_material("sealer")
        snag(above.pointer, "#{above.material.name.capitalize} flakes off #{below.material.name}: seal and key it first.",
          Fix.new("brush #{sealer.name} between", [{ "op" => "add", "path" => above.pointer, "value" => { "material" => sealer.key } }]))
      end
    end
  end
end
