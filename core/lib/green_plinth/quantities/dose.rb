# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # How much of a material a course takes: by volume, coverage, length, count or spread, with the usual waste.
    class Dose
      # Typical share lost to bowl, brush and tray (from memory).
      WASTE = { "paste" => 1.10, "bulk" => 1.10, "water" => 1.10, "grain" => 1.15, "greenery" => 1.15 }.freeze
      MM2_PER_DM2 = 10_000.0
      # Fixer run into powder, and alcohol misted over grain, ml for each dm² (typical, from memory).
      FIXER_ML_DM2 = 2.0
      MIST_ML_DM2 = 4.0

      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param course [Design::Course]
      # @param area_mm2 [Float] what it covers, before its own cover share
      # @param textured [Boolean] whether it lies on paste or grain
      # @return [Array<Use>] the material itself
      def course(course, area_mm2, textured: false)
        material = @catalogue[course.material] or return [Use.new(material: course.material, amount: nil, unit: nil)]
        [send(:"of_#{material.family}", course, material, area_mm2 * course.cover, textured)].compact
      end

      # @param technique [Steps::Technique]
      # @param dm2 [Float] area
      # @param count [Numeric] of pieces
      # @param depth_mm [Float] of loose grain to be soaked
      # @return [Array<Use>] what it is held by and what goes with it
      def held(technique, dm2, count, depth_mm, glue: technique.glue)
        uses = [glue && Use.new(material: glue, amount: glue_ml(technique, dm2, count, depth_mm), unit: "ml")]
        uses += (technique["also"] || {}).map { |key, ml| Use.new(material: key, amount: ml * dm2, unit: "ml") }
        uses += (technique["also_each"] || {}).map do |key, each|
          Use.new(material: key, amount: each * count, unit: @catalogue[key].pack["unit"])
        end
        uses.compact
      end

      # @return [Use] for a body of set material: mm³ as it stands
      def body(material, volume_mm3)
        Use.new(material: material.key, amount: volume_mm3 / (1 - material.shrinkage) / 1000 * waste(material), unit: "ml")
      end

      private

      def waste(material) = WASTE.fetch(material.family, 1.0)

      def glue_ml(technique, dm2, count, depth_mm)
        return technique["dose_ml_each"] * count if technique["dose_ml_each"]
        return technique["dose_void"] * dm2 * MM2_PER_DM2 * depth_mm / 1000 if technique["dose_void"]

        (technique["dose_ml_dm2"] || 0) * dm2
      end

      def of_paste(course, material, area, _textured)
        body(material, area * (course["thickness_mm"] || material.reference_mm))
      end

      def of_bulk(course, material, area, _textured)
        return of_paste(course, material, area, nil) if material.sets?
        return of_grain(course, material, area, nil) if material.grain_mm

        Use.new(material: material.key, amount: area, unit: "mm2")
      end
      alias of_plinth of_bulk

      def of_grain(course, material, area, _textured)
        layer = course["thickness_mm"] || (Relief::CourseThickness::SCATTER * Relief::CourseThickness.mean_grain(course, material))
        grams(material, 10 * material.density_dry * layer * area / MM2_PER_DM2)
      end

      def grams(material, amount) = Use.new(material: material.key, amount: amount * waste(material), unit: "g")

      def of_pigment(_course, material, area, _textured)
        return Use.new(material: material.key, amount: FIXER_ML_DM2 * area / MM2_PER_DM2, unit: "ml") if material.sets?

        grams(material, material["g_per_dm2"][1] * area / MM2_PER_DM2)
      end

      def of_greenery(course, material, area, _textured)
        dm2 = area / MM2_PER_DM2
        return pieces(course, material, dm2) if material["per_dm2"]
        return grams(material, fibre_g(course, material) * dm2) if material["g_per_dm2"]
        return Use.new(material: material.key, amount: (course["count"] || 1).to_f, unit: "piece") unless material.grain_mm && material.density_dry

        of_grain(course, material, area, nil)
      end

      # As many as the maker says, else as many as usually stand on so much ground, and one at the least.
      def pieces(course, material, dm2)
        usual = [material["per_dm2"][1] * dm2, 1].max
        Use.new(material: material.key, amount: (course["count"] || usual).ceil, unit: "piece")
      end

      # Grams per dm² at the length laid, from the nearest length in the catalogue.
      def fibre_g(course, material)
        table = material["g_per_dm2"]
        table[table.keys.min_by { |length| (length - (course["length_mm"] || 4)).abs }]
      end

      def of_coating(course, material, area, textured)
        spread = material["spread_m2_per_l"]&.at(1)
        spread *= material["on_texture"] if spread && textured && material["on_texture"]
        ml = spread ? area / 1e6 / spread * 1000 : area * material.reference_mm / (1 - material.shrinkage) / 1000
        Use.new(material: material.key, amount: ml * course.coats, unit: "ml")
      end

      def of_glue(course, material, area, _textured)
        per = material["spread_ml_per_dm2"]&.at(1)
        ml = per ? per * area / MM2_PER_DM2 : area * material.reference_mm / (1 - material.shrinkage) / 1000
        Use.new(material: material.key, amount: ml * course.coats, unit: "ml")
      end

      def of_water(course, material, area, _textured) = of_paste(course, material, area, nil)

      def of_wetting(_course, material, area, _textured)
        Use.new(material: material.key, amount: MIST_ML_DM2 * area / MM2_PER_DM2, unit: "ml")
      end

      def of_fixing(course, material, _area, _textured)
        Use.new(material: material.key, amount: (course["count"] || 1).to_f, unit: "piece")
      end
    end
  end
end
