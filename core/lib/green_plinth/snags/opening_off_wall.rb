# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A door or a window that reaches past the wall that it is in.
    class OpeningOffWall < Check
      code "fit/opening_off_wall"
      severity "stops"
      weight 443
      # A hair that no knife tells, mm².
      LEAST_MM2 = 0.05

      def snags
        @evaluation.buildings.flat_map do |building|
          lost = past_the_last(building)
          building.walls.flat_map { |face| face.openings.filter_map { |opening| outside(face, opening) } } + lost
        end
      end

      private

      def outside(face, opening)
        hole = Plan::Geos.polygon(opening.ring)
        return if Plan::Geos.area(hole.difference(Plan::Geos.polygon(face.ring))) <= LEAST_MM2

        snag(opening.pointer,
          "The #{opening.name} reaches past the #{face.name}, which is #{mm(face.width_mm)} long and #{mm(face.height_mm)} high.",
          inside(face, opening))
      end

      # Moved as little as does it, where it fits under the eaves at all.
      def inside(face, opening)
        eaves = face.ring.drop(2).map(&:last).min
        return if opening.width > face.width_mm || opening.height > eaves

        left = opening.left.clamp(0.0, face.width_mm - opening.width).floor(1)
        sill = opening.sill.clamp(0.0, eaves - opening.height).floor(1)
        Fix.new("move it into the wall", [["from_left_mm", left], ["sill_mm", sill]].map do |member, value|
          { "op" => "add", "path" => "#{opening.pointer}/#{member}", "value" => value }
        end)
      end

      # In a wall that there is not.
      def past_the_last(building)
        (building.feature.data["openings"] || []).each_with_index.filter_map do |data, index|
          next if (data["wall"] || 1) <= building.walls.size

          at = "#{building.feature.pointer}/openings/#{index}"
          name = data["name"] || "opening"
          snag(at, "#{building.feature.name.capitalize} has #{building.walls.size} walls, and the #{name} is in wall #{data["wall"]}.",
            put("put it into the first", "#{at}/wall", 1))
        end
      end
    end
  end
end
