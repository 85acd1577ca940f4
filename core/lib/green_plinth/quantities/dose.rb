# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # How much of a material a course takes: by volume, coverage, length, count or spread, with the usual waste. Which of
    # these a family of material goes by stands in its record, under `dose`.
    class Dose
      MM2_PER_DM2 = 10_000.0
      # Fixer run into powder, and alcohol misted over grain, ml for each dm² (typical, from memory).
      FIXER_ML_DM2 = 2.0
      MIST_ML_DM2 = 4.0
      # Fibres of which nothing is said are of this length, mm (from memory).
      USUAL_FIBRE_MM = 4

      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param course [Design::Course]
      # @param area_mm2 [Float] what it covers, before its own cover share
      # @param textured [Boolean] whether it lies on paste or grain
      # @return [Array<Use>] the material itself, in its colour where it comes in colours
      def course(course, area_mm2, textured: false)
        return [Use.new(material: course.material_key, amount: nil, unit: nil)] unless course.material

        use = send(:"of_#{course.material.family["dose"]}", course, area_mm2 * course.cover, textured) or return []
        [course.material.trait?("by_colour") ? use.dup.tap { |coloured| coloured.colour = course.colour } : use]
      end

      # @param course [Design::Course]
      # @param area_mm2 [Float]
      # @return [Integer, nil] how many pieces it is of; nil of what is not set piece by piece
      def pieces(course, area_mm2)
        use = course(course, area_mm2).first
        use.amount.round if use.unit == "piece" && use.amount
      end

      # @param technique [Catalogue::Technique]
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
        Use.new(material: material.key, amount: material.wet_volume(volume_mm3) / 1000 * waste(material), unit: "ml")
      end

      private

      def waste(material) = material.family["waste"] || 1.0

      def glue_ml(technique, dm2, count, depth_mm)
        return technique["dose_ml_each"] * count if technique["dose_ml_each"]
        return technique["dose_void"] * dm2 * MM2_PER_DM2 * depth_mm / 1000 if technique["dose_void"]

        (technique["dose_ml_dm2"] || 0) * dm2
      end

      def of_body(course, area, _textured) = body(course.material, area * course.thickness_mm)

      def of_bulk(course, area, textured)
        return of_body(course, area, textured) if course.material.sets?

        return of_grains(course, area, textured) if course.material.grain_mm

        Use.new(material: course.material.key, amount: area, unit: "mm2")
      end

      def of_grains(course, area, _textured)
        layer = course.own_thickness_mm || (Relief::CourseThickness::SCATTER * course.mean_grain_mm)
        grams(course.material, 10 * course.material.density_dry * layer * area / MM2_PER_DM2)
      end

      def grams(material, amount) = Use.new(material: material.key, amount: amount * waste(material), unit: "g")

      def of_powder(course, area, _textured)
        material = course.material
        return Use.new(material: material.key, amount: FIXER_ML_DM2 * area / MM2_PER_DM2, unit: "ml") if material.sets?

        grams(material, material["g_per_dm2"][1] * area / MM2_PER_DM2)
      end

      def of_greenery(course, area, textured)
        material = course.material
        dm2 = area / MM2_PER_DM2
        return counted(course, dm2) if material["per_dm2"]
        return grams(material, fibre_g(course) * dm2) if material["g_per_dm2"]

        material.grain_mm && material.density_dry ? of_grains(course, area, textured) : of_pieces(course, area, textured)
      end

      # As many as the maker says, else as many as usually stand on so much ground, and one at the least.
      def counted(course, dm2)
        usual = [course.material["per_dm2"][1] * dm2, 1].max
        Use.new(material: course.material.key, amount: (course.count || usual).ceil, unit: "piece")
      end

      # Grams per dm² at the length laid, from the nearest length in the catalogue.
      def fibre_g(course)
        table = course.material["g_per_dm2"]
        table[table.keys.min_by { |length| (length - (course.length_mm || USUAL_FIBRE_MM)).abs }]
      end

      def of_coats(course, area, textured)
        material = course.material
        spread = material["spread_m2_per_l"]&.at(1)
        spread *= material["on_texture"] if spread && textured && material["on_texture"]
        coats(course, spread ? area / 1e6 / spread * 1000 : film_ml(material, area))
      end

      def of_glue(course, area, _textured)
        per = course.material["spread_ml_per_dm2"]&.at(1)
        coats(course, per ? per * area / MM2_PER_DM2 : film_ml(course.material, area))
      end

      def film_ml(material, area) = area * material.reference_mm / (1 - material.shrinkage) / 1000
      def coats(course, millilitres) = Use.new(material: course.material.key, amount: millilitres * course.coats, unit: "ml")

      def of_mist(course, area, _textured)
        Use.new(material: course.material.key, amount: MIST_ML_DM2 * area / MM2_PER_DM2, unit: "ml")
      end

      def of_pieces(course, _area, _textured)
        Use.new(material: course.material.key, amount: (course.count || 1).to_f, unit: "piece")
      end
    end
  end
end
