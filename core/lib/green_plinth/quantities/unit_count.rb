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
      SIDES = %w[length_mm width_mm height_mm].freeze

      Count = Struct.new(:part, :name, :of, :count, :size_mm, :joint_mm, keyword_init: true) do
        # @return [Integer] with waste and spares
        def to_get = (count * (1 + WASTE + SPARE)).ceil

        def to_h
          { "where" => "#{part.pointer}/unit", "part" => part.name, "name" => name, "of" => of, "count" => count, "to_get" => to_get,
            "size_mm" => size_mm.map { |side| side&.round(3) }, "joint_mm" => joint_mm.round(3) }
        end
      end

      # @param areas [Proc] zone → mm² of the top it keeps
      def initialize(design, catalogue, areas)
        @design = design
        @things = Scale::Things.new(catalogue)
        @areas = areas
      end

      # @return [Array<Count>] for every part that has a unit whose size is known
      def counts = @counts ||= (@design.features + @design.zones).select { |part| part["unit"] }.filter_map { |part| counted(part) }

      private

      def counted(part)
        thing = @things[part["unit"]["represents"]]
        sides = SIDES.zip(thing&.size_mm || [nil, nil, nil]).map { |side, life| part["unit"][side] || (life && (life / @design.scale)) }
        joint = part["unit"]["joint_mm"] || (thing&.joint_mm ? thing.joint_mm / @design.scale : 0.0)
        of, number = number(part, *sides, joint)
        number && Count.new(part: part, name: thing&.name || "units", of: of, count: number.ceil, size_mm: sides, joint_mm: joint)
      end

      # @return [Array(String, Float), nil] what is counted, and how many; nil while a measure is missing
      def number(part, length, width, height, joint)
        case part.kind
        when "wall" then of_wall(part, length, width, height, joint)
        when "building" then of_building(part, length, height, joint)
        when "fence" then along(part, width || length, joint, "boards, edge to edge")
        when "track" then along(part, width, joint, "along the track")
        when "kerb" then along(part, length, joint, "along the kerb")
        else laid(part, length, width, joint)
        end
      end

      # Both faces and all between: as many leaves as the wall is thick.
      def of_wall(part, length, width, height, joint)
        return unless length && height && part["height_mm"] && run_mm(part)

        leaves = width && thickness_mm(part) ? [(thickness_mm(part) / (width + joint)).round, 1].max : 1
        ["in the wall, #{leaves} thick", leaves * run_mm(part) * part["height_mm"] / ((length + joint) * (height + joint))]
      end

      # Tiles lie on the roof; anything else is in the outer walls, one thick.
      def of_building(part, length, height, joint)
        shape = Plan::Outline.polygon(part.outline)
        if part["unit"]["represents"] == "tile"
          width = @things["tile"].size_mm[1] / @design.scale
          gauge = TILE_GAUGE_MM / @design.scale
          return ["on the roof", shape.area * ROOF / (width * gauge)]
        end
        return unless length && height && part["height_mm"]

        ["in the outer walls", shape.exterior_ring.length * part["height_mm"] * Composition::Body::EAVES / ((length + joint) * (height + joint))]
      end

      # A tile shows this much of itself below the one above (from memory), mm in life.
      TILE_GAUGE_MM = 100.0
      private_constant :TILE_GAUGE_MM

      def along(part, size, joint, words) = size && run_mm(part) && [words, run_mm(part) / (size + joint)]

      def laid(part, length, width, joint)
        area = area_mm2(part)
        length && width && area && ["on the ground", area / ((length + joint) * (width + joint))]
      end

      def area_mm2(part)
        return @areas.call(part) if part.is_a?(Design::Zone)

        Plan::Geos.area(Plan::Outline.polygon(part.outline)) if Composition::Standing.outlined?(part)
      end

      # Along its middle: a strip's line, else the longer side.
      def run_mm(part)
        return unless Composition::Standing.outlined?(part)
        return Plan::Geos.line(part.outline["points_mm"]).length if part.outline["kind"] == "strip"

        Plan::Outline.size(part.outline).max
      end

      def thickness_mm(part)
        part.outline["kind"] == "strip" ? part.outline["width_mm"] : Plan::Outline.size(part.outline).min
      end
    end
  end
end
