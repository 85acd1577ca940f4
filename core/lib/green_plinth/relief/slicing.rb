# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Turns a solid into sheets laid on each other: the outline of each sheet is the solid's own at the middle of the
    # sheet's height, so that the steps lie half outside and half inside of it and the volume is kept.
    class Slicing
      # Slices smaller than this are filed off anyway, mm².
      LEAST_MM2 = 4.0
      SIMPLIFY_MM = 0.15
      MOST_SLICES = 120

      # bottom_mm above what the solid stands on.
      Slice = Struct.new(:shape, :bottom_mm, :sheet_mm)

      # @param sheet_mm [Float]
      def initialize(sheet_mm)
        @sheet = sheet_mm.to_f
      end

      # @param form [Design::Form] a mound
      # @return [Array<Slice>] lowest first
      def mound(form)
        shape = form.area
        deepest = deepest(shape)
        crown = form.crown_mm.to_f
        slices(crown) do |z|
          share = z / crown
          inset = form.profile.trait?("rounded") ? deepest * (1 - Math.sqrt(1 - (share**2))) : deepest * share
          shape.buffer(-inset)
        end
      end

      # @param field [Numo::DFloat] heights over a grid, mm
      # @param grid [Grid]
      # @param top [RGeo geometry] slices end at its edge
      # @return [Array<Slice>]
      def field(field, grid, top)
        slices(field.max) { |z| of_rings(Contour.rings(field - (z + 1e-9), grid)).intersection(top) }
      end

      # The file's forms for slices: one for each piece.
      # @param kind [String] of the forms, one that is laid as sheets
      # @return [Array<Hash>] without ids
      def forms(slices, kind, material, name)
        slices.each_with_index.flat_map do |slice, index|
          pieces = Plan::Geos.polygons(slice.shape).select { |polygon| polygon.area >= LEAST_MM2 }
          pieces.each_with_index.map do |polygon, part|
            label = "#{name}, slice #{index + 1}#{pieces.size > 1 ? (97 + (part % 26)).chr : ""}"
            { "name" => label, "kind" => kind, "material" => material, "sheet_mm" => slice.sheet_mm, "sheets" => 1,
              "outline" => { "kind" => "polygon", "points_mm" => corners(polygon) } }
          end
        end
      end

      private

      def slices(height)
        count = [(height / @sheet).round, 1].max.clamp(1, MOST_SLICES)
        (0...count).map { |i| Slice.new(yield([(i + 0.5) * @sheet, height * 0.999].min), i * @sheet, @sheet) }
          .reject { |slice| Plan::Geos.area(slice.shape) < LEAST_MM2 }
      end

      # How far an outline can be inset before nothing is left, by halving.
      def deepest(shape)
        low, high = 0.0, Math.sqrt(shape.area)
        40.times do
          middle = (low + high) / 2
          shape.buffer(-middle).empty? ? high = middle : low = middle
        end
        low
      end

      # Rings lie within each other by turns: ground, hollow, ground.
      def of_rings(rings)
        polygons = rings.filter_map { |ring| ring.uniq.size >= 3 ? Plan::Geos.polygon(ring) : nil }.select(&:valid?)
          .sort_by { |polygon| -polygon.area }
        polygons.reduce(Plan::Geos.empty) { |sum, polygon| sum.empty? ? polygon : sum.sym_difference(polygon) }
      end

      def corners(polygon)
        simple = Plan::Geos.polygons(polygon.simplify(SIMPLIFY_MM)).first || polygon
        Plan::Geos.coordinates(simple.exterior_ring)[0..-2].map { |x, y| [x.round(2), y.round(2)] }
      end
    end
  end
end
