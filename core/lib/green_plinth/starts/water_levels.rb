# frozen_string_literal: true

module GreenPlinth
  module Starts
    # Waters as deep as they were at their deepest place: sheets and grains come out in whole ones, so that a bed is not where its
    # share of the height would have it.
    class WaterLevels
      # The shallowest water that is worth pouring, mm (from memory).
      SHALLOWEST_MM = 1.5

      # @param catalogue [Catalogue]
      # @param was [Hash] the plinth file that was made over
      # @param relief [Float] by how much its heights changed
      def initialize(catalogue, was, relief)
        @catalogue = catalogue
        @was = was
        @relief = relief
      end

      # @param made [Hash] the file made of it, its levels by their share of the height
      # @return [Hash]
      def settled(made)
        return made unless levels(made).any?

        waters = made["waters"].zip(depths(@was), beds(made), @was["waters"]).map { |water, depth, bed, before|
 filled(water, depth, bed, before) }
        bordered(made.merge("waters" => waters))
      end

      private

      def levels(file) = (file["waters"] || []).filter_map { |water| water["level_mm"] }

      def filled(water, depth, bed, before)
        return water unless before["level_mm"] && depth && bed

        water.merge("level_mm" => Resized.number((bed + [depth * @relief, SHALLOWEST_MM].max).round(1)))
      end

      def depths(file) = file["waters"].zip(beds(file)).map { |water, bed| bed && water["level_mm"] && (water["level_mm"] - bed) }

      # The lowest ground under each, courses and all, mm above the top of the plinth; nil beside it.
      def beds(file)
        design = Files::PlinthFile.new(@catalogue).build(file)
        terrain = Evaluation.new(design, Memo.new).terrain
        design.waters.map { |water| Waters::Bed.deepest(water, terrain) }
      end

      # A border that held the water in holds it still.
      def bordered(made)
        lip = @was["plinth"]["lip_mm"]
        held = levels(@was).max
        return made unless lip && lip >= held

        needed = (levels(made).max + ((lip - held) * @relief)).ceil(1)
        made.merge("plinth" => made["plinth"].merge("lip_mm" => [made["plinth"]["lip_mm"], needed].max))
      end
    end
  end
end
