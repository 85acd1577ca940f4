# frozen_string_literal: true

module GreenPlinth
  module Templates
    # Outlines to mark round on the base itself: ground that has one of its own, and the plots of what stands or lies on it.
    class Patterns
      PAPER = "paper"

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Array<Piece>]
      def all = grounds + plots

      # @return [Array<RGeo geometry>] of them all, to be drawn on the plan of the base
      def outlines = all.map(&:shape)

      private

      # What takes the rest has no outline to mark.
      def grounds
        @design.zones.each_with_index.filter_map do |zone, index|
          next if zone.outline["kind"] == "rest"

          pattern(zone, @evaluation.ground.area(index), "ground to mark round, or to mask")
        end
      end

      # Of what stands flat on the ground or is laid in stone: kerbs, steps, walls, houses, plates.
      def plots
        standing = @design.outlined_features.select { |one| %w[flat_foot masonry].any? { |trait| one.kind.trait?(trait) } }
        standing.filter_map { |feature| pattern(feature, feature.area.intersection(@evaluation.ground.top), "its plot") }
      end

      def pattern(part, shape, note)
        return if Plan::Geos.area(shape) < Pieces::LEAST_MM2

        Piece.new(pointer: part.pointer, name: "#{part.name}, pattern", material: PAPER, sheet_mm: nil, count: 1, shape: shape,
          cut_lines: [], glue_lines: [], feet: [], note: note)
      end
    end
  end
end
