# frozen_string_literal: true

module GreenPlinth
  module Starts
    # A course at another scale: grains of what it stands for, fibres as long as in life, as many tufts to the piece of land.
    class RemadeCourse
      # The finest grains that are sold, and the shortest fibre, mm (from memory).
      FINEST_MM = 0.05
      SHORTEST_MM = 1
      MOST = 5000

      # @param catalogue [Catalogue]
      # @param scale [Float] the new one, n of 1:n
      # @param life [Float] by how much lengths of life change in the model
      # @param land [Float] how many times as much land lies on the base
      def initialize(catalogue, scale, life, land)
        @catalogue = catalogue
        @scale = scale
        @life = life
        @land = land
        @things = Scale::Things.new(catalogue)
      end

      # @param course [Hash] of the file
      # @return [Hash]
      def remade(course)
        return course if course["material"].start_with?("mix:")

        made = course.merge(grain(course), fibre(course))
        made["count"] = (course["count"] * @land).round.clamp(1, MOST) if course["count"]
        made
      end

      private

      def fibre(course)
        return {} unless course["length_mm"]

        { "length_mm" => [(course["length_mm"] * @life).round, SHORTEST_MM].max }
      end

      # What is strewn comes nearest to what it stands for; where nothing is said, to what it was in life.
      def grain(course)
        material = @catalogue[course["material"]]
        return {} unless material&.trait?("granular") && !material.trait?("leafy")

        sizes = wanted(course, material) or return {}
        { "material" => nearest(material, sizes).key, "grain_mm" => sieved(sizes) }
      end

      def wanted(course, material)
        thing = course["represents"] && @things[course["represents"]]
        return thing.model_mm(@scale) if thing&.measure == "grain"

        (course["grain_mm"] || material.grain_mm&.then { |range| [range.low, range.high] })&.map { |size| size * @life }
      end

      # Kept as it is where it comes in such grains.
      def nearest(material, sizes)
        middle = Math.sqrt(sizes[0] * sizes[1])
        return material if material.grain_mm.nil? || middle.between?(material.grain_mm.low, material.grain_mm.high)

        alike = @catalogue.materials.each_value.select { |one| one.grain_mm && one.traits.sort == material.traits.sort }
        alike.min_by { |one| (Math.log(one.grain_mm.typical) - Math.log(middle)).abs } || material
      end

      # As they are sieved out.
      def sieved(sizes)
        low = [Resized.number(sizes[0]), FINEST_MM].max
        [low, [Resized.number(sizes[1]), (low + 0.01).round(2)].max]
      end
    end
  end
end
