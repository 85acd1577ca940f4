# frozen_string_literal: true

require "set"

module GreenPlinth
  module Steps
    # A piece of work the design implies, before it is fitted into sittings: what the ordering rules look at.
    #   places: pointers of the areas it touches; where: pointers of the parts it makes; stack: its place in a pile of
    #   layers, e.g. ["/zones/1", 2]; amount: what the technique counts, of one copy; grain_mm: mean grain laid.
    Work = Struct.new(:id, :technique, :material, :dries, :words, :amount, :minutes, :places, :where, :stack, :coat, :coats,
      :uses, :rig, :grain_mm, :length_mm, :stages, :note, :splittable, :part, keyword_init: true) do
      def phase = technique.phase
      def phase?(*phases) = phases.include?(phase)
      def title = coat_title(technique.title(words))
      def sprayed? = %w[airbrush spray_can].include?(rig)

      # @return [Float] hands-on minutes for so many copies, or for a share of one
      def hands_on(copies) = minutes ? minutes * copies : technique.hands_on(amount * copies)

      # @return [Float] hands-on minutes for one more copy
      def each_min = hands_on(2) - hands_on(1)

      private

      def coat_title(text) = coats > 1 ? "#{text}, coat #{coat} of #{coats}" : text
    end

    class Work
      GREENERY = %i[grass tufts flock foliage leaves].freeze
      COLOUR = %i[prime paint wash dry_brush pigment].freeze
      GROUND = %i[texture impress grain snow press].freeze
      BULK = %i[bulk cut carve castings].freeze

      def greenery? = GREENERY.include?(phase)
      def colour? = COLOUR.include?(phase)
      def ground? = GROUND.include?(phase)
      def bulk? = BULK.include?(phase)
      def superglued? = dries.to_s.start_with?("superglue")
    end
  end
end
