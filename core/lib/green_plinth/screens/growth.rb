# frozen_string_literal: true

module GreenPlinth
  module Screens
    # What grows on a base, piece by piece, for pictures of it: where each stands, how high it is and in what colour.
    class Growth
      # So many places at most for each course, so that a wide meadow stays quick to draw.
      MOST = 900
      # Fibres stand for all that stand about them: so many for each dm² at full cover (from memory).
      FIBRES_DM2 = 1400
      # Of what says no length, mm (from memory): what is set piece by piece, and fibres.
      PIECE_MM = 5.0
      FIBRE_MM = 3.0
      # Places are tried so often for each that is wanted: thin ground fills little of its box.
      TRIED = 25

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
        @dose = Quantities::Dose.new(@design.catalogue)
      end

      # @return [Array<Hash>] {pointer, material, colour, length_mm, tuft, places: [x, y, z, x, y, z, …]}, mm
      def to_a
        @design.zones.each_with_index.flat_map do |zone, index|
          area = @evaluation.ground.area(index)
          zone.courses.select { |course| course.material&.trait?("grows") }.map { |course| grown(course, area) }
        end
      end

      private

      def grown(course, area)
        tuft = @dose.pieces(course, Plan::Geos.area(area))
        { "pointer" => course.pointer, "material" => course.material.key, "colour" => course.colour || course.material.colour,
          "length_mm" => (course.length_mm || (tuft ? PIECE_MM : FIBRE_MM)).to_f, "tuft" => !tuft.nil?,
          "places" => places(area, tuft || fibres(course, area), seed(course)) }
      end

      def fibres(course, area) = FIBRES_DM2 * course.cover * Plan::Geos.area(area) / Quantities::Dose::MM2_PER_DM2

      # The same for the same course, whatever else changes.
      def seed(course) = course.pointer.sum

      def places(area, wanted, seed)
        wanted = [wanted.round, MOST].min
        return [] if wanted.zero? || area.empty?

        x0, y0, x1, y1 = Plan::Geos.bounds(area)
        random = Random.new(seed)
        found = Array.new(wanted * TRIED) { nil }.lazy.map { [x0 + (random.rand * (x1 - x0)), y0 + (random.rand * (y1 - y0))] }
          .select { |x, y| area.contains?(Plan::Geos.point([x, y])) }.first(wanted)
        found.flat_map { |x, y| [x, y, @evaluation.terrain.height_at(x, y) || 0.0].map { |value| value.round(2) } }
      end
    end
  end
end
