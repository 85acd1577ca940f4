# frozen_string_literal: true

module GreenPlinth
  module Templates
    # Card, cork, slabs and whatever else comes in sheets and is laid as a course: cut to the ground it covers.
    class LaidSheets
      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Array<Piece>]
      def all
        @design.zones.each_with_index.flat_map do |zone, index|
          area = @evaluation.ground.area(index)
          next [] if Plan::Geos.area(area) < Pieces::LEAST_MM2

          zone.courses.select { |course| sheet?(course) }.map { |course| laid(zone, course, area) }
        end
      end

      private

      def sheet?(course) = course.material&.stock_mm && course.material.pack&.key?("size_mm")

      def laid(zone, course, area)
        cover = course.cover < 1 ? ", #{course.cover_pct.round} % of it" : nil
        Piece.new(pointer: course.pointer, name: "#{course.material.name} on #{zone.name}", material: course.material.key,
          sheet_mm: course.thickness_mm, count: course.count || 1, shape: area, cut_lines: [], glue_lines: [], feet: [],
          note: "laid on #{zone.name}#{cover}")
      end
    end
  end
end
