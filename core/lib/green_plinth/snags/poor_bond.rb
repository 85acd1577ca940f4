# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Crackle medium lifts from plaster and grout.
    class PoorBond < Check
      code "compat/poor_bond"
      severity "spoils"

      def snags
        design.zones.flat_map do |zone|
          zone.courses.each_cons(2).filter_map do |below, above|
            next unless above.material == "crackle_medium" && catalogue[below.material]&.mechanism == "hydration"

            snag(above.pointer, "Crackle medium flakes off #{catalogue.name(below.material)}: seal and key it first.",
              Fix.new("brush matte medium between", [{ "op" => "add", "path" => above.pointer, "value" => { "material" => "matte_medium" } }]))
          end
        end
      end
    end
  end
end
