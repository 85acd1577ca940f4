# frozen_string_literal: true

module GreenPlinth
  module Balance
    # What a base weighs by material, and what each gram of it costs in drying.
    class ByMaterial
      MaterialMass = Struct.new(:material, :name, :grams, :ml, :drying_min, keyword_init: true) do
        # @return [Float, nil] minutes of drying for each gram
        def min_per_g = drying_min && grams.positive? ? drying_min / grams : nil

        def to_h
          { "material" => material, "name" => name, "mass_g" => grams.round(2), "ml" => ml&.round(2), "drying_min" => drying_min,
            "min_per_g" => min_per_g&.round(2) }
        end
      end

      # Less is dust, g.
      LEAST_G = 0.01

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @catalogue = evaluation.catalogue
      end

      # @return [Array<MaterialMass>] the heaviest first; cuts are taken off what they cut
      def lines
        told = pieces.map { |key, list| line(key, list.sum(&:grams)) }
        told.reject { |line| line.grams.abs < LEAST_G }.sort_by { |line| -line.grams }
      end

      # @return [Hash{String => Array<Mass::Share>}] what is of each material and how much it weighs
      def pieces
        @pieces ||= @evaluation.mass.pieces.select(&:grams).group_by { |piece| material_at(piece.pointer) }.reject { |key, _| key.nil? }
      end

      private

      # The material of a form, a course, a water or the plinth; what a cut takes is told apart.
      def material_at(pointer)
        part = parts[pointer]
        part.material_key unless part.is_a?(Design::Form) && part.cut?
      end

      def parts
        design = @evaluation.design
        @parts ||= [design.plinth, *design.placed, *design.zones.flat_map(&:courses)].to_h { |part| [part.pointer, part] }
      end

      def line(key, grams)
        material = @catalogue[key]
        density = material&.density_dry
        MaterialMass.new(material: key, name: @catalogue.name(key), grams: grams, ml: density && (grams / density), drying_min: drying[key])
      end

      # The longest wait of any step that lays it, minutes; glue under a sheet counts for the sheet.
      def drying
        @drying ||= @evaluation.steps.each_with_object({}) do |step, waits|
          waits[step.material] = [waits[step.material] || 0, step.tail_min || 0].max if step.material
        end
      end
    end
  end
end
