# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # How many bricks are in that wall, setts in that road, planks in that deck, sleepers under that track: what the
    # repeated unit of a feature or a zone comes to, with some for waste and some to spare.
    class UnitCount
      # Broken or miscut, and kept back for mending (typical, from memory).
      WASTE = 0.10
      SPARE = 0.05
      # A roof's area over its plan's, at a usual pitch of 40° (from memory).
      ROOF = 1 / Math.cos(40 * Math::PI / 180)

      # painted: they are marks, of which none breaks.
      Count = Struct.new(:part, :name, :of, :count, :size_mm, :joint_mm, :painted, keyword_init: true) do
        # @return [Integer] with waste and spares
        def to_get = painted ? count : (count * (1 + WASTE + SPARE)).ceil

        def to_h
          { "where" => "#{part.pointer}/unit", "part" => part.name, "name" => name, "of" => of, "count" => count, "to_get" => to_get,
            "size_mm" => size_mm.map { |side| side&.round(3) }, "joint_mm" => joint_mm.round(3) }
        end
      end

      DASHES = { "along" => %w[length_mm], "words" => "dashes along the line" }.freeze
      # The unit of one part at its scale, mm; sides nil where nobody says.
      Block = Struct.new(:thing, :length, :width, :height, :joint)
      private_constant :Block, :DASHES

      # @param areas [Proc] zone → mm² of the top it keeps
      def initialize(design, areas)
        @design = design
        @things = Scale::Things.new(design.catalogue)
        @areas = areas
      end

      # @return [Array<Count>] for every part that has a unit whose size is known
      def counts = @counts ||= (@design.features + @design.zones).select(&:unit).filter_map { |part| counted(part) }

      private

      def counted(part)
        piece = piece(part.unit)
        of, number = number(part, piece)
        return unless number

        Count.new(part: part, name: piece.thing&.name || "units", of: of, count: number.ceil, size_mm: piece.to_a[1..3],
          joint_mm: piece.joint, painted: marked?(part, piece))
      end

      # As the maker sizes it, else as it is in life.
      def piece(unit)
        thing = @things[unit.represents]
        life = thing&.gap_mm ? [thing.range_mm.typical] : thing&.size_mm
        sides = Design::Unit::SIDES.zip(life || []).map { |side, real| unit[side] || (real && (real / @design.scale)) }
        Block.new(thing, *sides, unit.joint_mm || ((thing&.gap_mm || thing&.joint_mm || 0.0) / @design.scale))
      end

      # @return [Array(String, Float), nil] what is counted, and how many; nil while a measure is missing
      def number(part, piece)
        return by_run(part, piece, DASHES) if marked?(part, piece)
        return on_the_ground(@areas.call(part), piece) if part.is_a?(Design::Zone)

        way = part.kind["counted"] || { "as" => "ground" }
        send(:"by_#{way["as"]}", part, piece, way)
      end

      # Dashes are painted along a line, and are no paving.
      def marked?(part, piece)
        technique = part.is_a?(Design::Feature) ? @design.catalogue.technique(part.technique) : nil
        !piece.thing&.gap_mm.nil? || technique&.phase == :marking
      end

      # Both faces and all between: as many leaves as the wall is thick.
      def by_leaves(part, piece, _way)
        return unless piece.length && piece.height && part.height_mm && run_mm(part)

        leaves = piece.width && thickness_mm(part) ? [(thickness_mm(part) / (piece.width + piece.joint)).round, 1].max : 1
        ["in the wall, #{leaves} thick", leaves * run_mm(part) * part.height_mm / face(piece)]
      end

      # Tiles lie on the roof; anything else is in the outer walls, one thick.
      def by_shell(part, piece, _way)
        return unless part.outlined?
        return on_the_roof(part, piece.thing) if piece.thing&.roof_gauge_mm
        return unless piece.length && piece.height && part.height_mm

        ["in the outer walls", walls_mm2(part) / face(piece)]
      end

      def on_the_roof(part, thing)
        width, gauge = [thing.size_mm[1], thing.roof_gauge_mm].map { |life| life / @design.scale }
        building = Faces::Building.of(part)
        ["on the roof", (building ? building.roof_faces.sum(&:area_mm2) : part.area.area * ROOF) / (width * gauge)]
      end

      # Without doors and windows where its faces are known.
      def walls_mm2(part)
        building = Faces::Building.of(part)
        building ? building.walls.sum(&:area_mm2) : part.area.exterior_ring.length * part.height_mm * Composition::Facets::EAVES
      end

      def face(piece) = (piece.length + piece.joint) * (piece.height + piece.joint)

      # One after the other, by the first of the sides that is known.
      def by_run(part, piece, way)
        size = way["along"].filter_map { |side| piece[side.delete_suffix("_mm")] }.first
        size && run_mm(part) && [way["words"], run_mm(part) / (size + piece.joint)]
      end

      def by_ground(part, piece, _way) = on_the_ground(part.outlined? ? Plan::Geos.area(part.area) : nil, piece)

      def on_the_ground(area, piece)
        return unless piece.length && piece.width && area

        ["on the ground", area / ((piece.length + piece.joint) * (piece.width + piece.joint))]
      end

      # Along its middle: a strip's line, else the longer side.
      def run_mm(part)
        return unless part.outlined?

        part.strip? ? Plan::Geos.line(Plan::Outline.line(part.outline)).length : Plan::Outline.size(part.outline).max
      end

      def thickness_mm(part) = part.strip? ? part.outline["width_mm"] : Plan::Outline.size(part.outline).min
    end
  end
end
