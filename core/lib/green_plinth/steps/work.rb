# frozen_string_literal: true

module GreenPlinth
  module Steps
    # A piece of work the design implies, before it is fitted into sittings: what the ordering rules look at.
    #   places: pointers of the areas it touches; where: pointers of the parts it makes; stack: its place in a pile of
    #   layers, e.g. ["/zones/1", 2]; amount: what the technique counts, of one copy; grain_mm: mean grain laid;
    #   sprayed: whether it lays a mist; material: what is laid, nil where nothing is or it is not known; dries: the
    #   material that dries of it; bases: Range of the copies it is done on, nil: all.
    Work = Struct.new(:id, :technique, :material_key, :material, :dries, :words, :amount, :minutes, :places, :where, :stack, :coat, :coats,
      :uses, :rig, :sprayed, :grain_mm, :length_mm, :stages, :note, :splittable, :bases, :part, keyword_init: true) do
      def phase = technique.phase
      def phase?(*phases) = phases.include?(phase)

      # @param trait [String] of its technique or phase, see core/data/kinds/traits.yml and phases.yml
      def does?(trait) = technique.trait?(trait)
      def title = coat_title([technique.title(words), words[:apart]].compact.join(", "))
      def sprayed? = sprayed == true

      # @return [Float] hands-on minutes for so many copies, or for a share of one
      def hands_on(copies) = minutes ? minutes * copies : technique.hands_on(amount * copies)

      # @return [Float] hands-on minutes for one more copy
      def each_min = hands_on(2) - hands_on(1)

      def greenery? = does?("greenery")
      def colour? = does?("colour")
      def ground? = does?("ground")
      def bulk? = does?("bulk")

      # @return [Boolean] whether it lays ground; pressing only marks it, in a window of its own
      def lays_ground? = ground? && !phase?(:press)

      # @return [Boolean] whether it is done apart from the base, which needs not be there yet
      def benchwork? = does?("benchwork") || does?("makes")

      # @return [Boolean] whether it sets a part whose coats are on already
      def finished? = of_feature? && part.courses.any? && !stack.nil? && stack == [part.pointer, part.courses.size]

      # @return [Boolean] whether it sets a part of found matter that is not painted
      def natural? = !benchwork? && of_feature? && part.courses.empty? && (part.material&.trait?("found") || false)

      # @return [Boolean] whether its part carries a mask while it is done
      def masked?(works) = works.any? { |other| other.phase?(:mask) && (other.where & where).any? }

      # @return [Boolean] whether it goes on beside the base, at any time
      def apart? = does?("apart")

      # @return [Boolean] whether what it dries as holds at once
      def superglued? = dries&.trait?("superglue") || false

      def of_feature? = part.is_a?(Design::Feature)

      # @param trait [String]
      # @return [Boolean] whether the part it is done on is of a kind that has it
      def on?(trait) = part.respond_to?(:kind) && part.kind.trait?(trait)

      # @param trait [String]
      # @return [Boolean] whether what is laid has it
      def of?(trait) = material&.trait?(trait) || false

      # @return [Boolean] whether both are layers of one pile
      def same_pile?(other) = stack && other.stack && stack[0] == other.stack[0]

      # @return [Array] all that others are made from; the part it is done on is told by its pointers
      def fields = to_a[0..-2]

      # @return [Array] what rules and merging look at: not how much there is of it, how long it dries, nor how it is called
      def ruled
        [id, technique, material_key, material, dries, places, where, stack, coat, coats, rig, sprayed, grain_mm, length_mm]
      end

      private

      def coat_title(text) = variant_title(coats > 1 ? "#{text}, coat #{coat} of #{coats}" : text)

      # What only some copies have, or another body, is told by theirs.
      def variant_title(text) = [words[:body], words[:variant]].compact.reduce(text) { |told, which| "#{told} (#{which})" }
    end
  end
end
