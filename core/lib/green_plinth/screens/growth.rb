# frozen_string_literal: true

module GreenPlinth
  module Screens
    # What grows and lies on a base, piece by piece, for pictures of it: where each is, how large and in what colour.
    class Growth
      # So many places at most for each course, so that a wide meadow stays quick to draw.
      MOST = 900
      # Fibres stand for all that stand about them: so many for each dm² at full cover (from memory).
      FIBRES_DM2 = 1400
      # Of what says no length, mm (from memory): what is set piece by piece, and fibres.
      PIECE_MM = 5.0
      FIBRE_MM = 3.0
      # A grain of less is not seen by itself, mm; and lying loosely grains hide so much of what is under them (from memory).
      FINE_MM = 0.5
      LOOSE = 0.6
      # Places are tried so often for each that is wanted: thin ground fills little of its box.
      TRIED = 25

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
        @dose = Quantities::Dose.new(@design.catalogue)
      end

      # @return [Array<Hash>] {pointer, material, colour, length_mm, mark: tuft, fibre or grain, places: [x, y, z, x, y, z, …]}, mm
      def to_a
        @design.zones.each_with_index.flat_map do |zone, index|
          area = @evaluation.ground.area(index)
          seen(zone).map { |course| course.material.trait?("grows") ? grown(course, area) : strewn(course, area) }
        end
      end

      private

      # Grains that paste was laid over are not seen.
      def seen(zone)
        known = zone.courses.select(&:material)
        known.reject.with_index do |course, index|
          next false if course.material.trait?("grows")

          course.mean_grain_mm < FINE_MM || known.drop(index + 1).any? { |later| later.material.trait?("body") }
        end
      end

      def grown(course, area)
        tuft = @dose.pieces(course, Plan::Geos.area(area))
        mark(course, tuft ? "tuft" : "fibre", course.length_mm || (tuft ? PIECE_MM : FIBRE_MM), area, tuft || fibres(course, area))
      end

      def strewn(course, area)
        size = course.mean_grain_mm
        mark(course, "grain", size, area, LOOSE * course.cover * Plan::Geos.area(area) / (size**2))
      end

      def mark(course, mark, length, area, count)
        { "pointer" => course.pointer, "material" => course.material.key, "colour" => course.colour || course.material.colour,
          "length_mm" => length.to_f, "mark" => mark, "places" => places(area, count, seed(course)) }
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
