# frozen_string_literal: true

module GreenPlinth
  module Faces
    # How much of a building a course lies on, by its place on the faces.
    class FaceAreas
      # A band along the ground or under a sill is so high where nobody says (from memory), mm.
      BAND_MM = 4.0
      # A wall that looks within so many degrees of the wind is on the weather side.
      WEATHER_DEG = 60.0

      # @param building [Building]
      # @param wind_from_deg [Float, nil] of the scene
      def initialize(building, wind_from_deg)
        @building = building
        @wind = wind_from_deg
      end

      # @param course [Design::Course]
      # @return [Float] mm²
      def area_mm2(course)
        band = (course.data["band_mm"] || BAND_MM).to_f
        send(:"of_#{course.face_spot["shape"]}", band)
      end

      private

      def of_whole(_band) = @building.area_mm2
      def of_walls(_band) = @building.walls.sum(&:area_mm2)
      def of_roof(_band) = @building.roof_faces.sum(&:area_mm2)

      # Doors go down to the ground: there is no band in them.
      def of_foot(band)
        @building.walls.sum do |face|
          strip = Plan::Geos.polygon([[0.0, 0.0], [face.width_mm, 0.0], [face.width_mm, band], [0.0, band]])
          Plan::Geos.area(face.shape.intersection(strip))
        end
      end

      # Under each window; a door has no sill.
      def of_sills(band)
        @building.openings.select { |opening| opening.sill.positive? }.sum { |opening| opening.width * [band, opening.sill].min }
      end

      # Where no wind is known there is no weather side.
      def of_weather(_band) = @wind.nil? ? 0.0 : @building.walls.sum { |face| face.area_mm2 * weather_share(face) }

      # Of a wall that runs all round, what looks there.
      def weather_share(face)
        return 2 * WEATHER_DEG / 360.0 unless face.toward

        weather?(face) ? 1 : 0
      end

      def weather?(face)
        turn = (@building.feature.outline["turn_deg"] || 0).to_f
        looks = (Math.atan2(face.toward[1], face.toward[0]) * 180 / Math::PI) + turn
        apart = (looks - @wind) % 360
        [apart, 360 - apart].min <= WEATHER_DEG
      end
    end
  end
end
