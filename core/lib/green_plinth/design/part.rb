# frozen_string_literal: true

module GreenPlinth
  class Design
    # A piece of the plinth file that knows its place in it, its kind and what it is made of.
    class Part
      class << self
        # Declares readers of members that are as the file has them; nil where it has none.
        def reads(*members) = members.each { |member| member.to_s.then { |key| define_method(member) { data[key] } } }
      end

      attr_reader :data, :pointer, :catalogue

      # @param data [Hash] frozen; as in the file
      # @param pointer [String] RFC 6901, from the file's root
      # @param catalogue [Catalogue] that its keys are of
      def initialize(data, pointer, catalogue = Catalogue.default)
        @data = data
        @pointer = pointer
        @catalogue = catalogue
      end

      reads :id, :outline, :colour

      def kinds = catalogue.kinds

      # @return [String] for sentences: the maker's name, or the id spelt out
      def name = data["name"] || data["title"] || id.to_s.tr("_-", "  ")

      # @return [Boolean] whether it takes what no other part of its list takes
      def rest? = outline&.fetch("kind") == "rest"

      # @return [Boolean] whether it has an outline of its own
      def outlined? = !outline.nil? && !rest?

      # @return [Boolean] whether it is drawn along a line
      def strip? = outline&.fetch("kind") == "strip"

      # @return [RGeo geometry] what its own outline encloses, mm; only for what is outlined
      def area = @area ||= Plan::Outline.polygon(outline)

      # @return [Array(Float, Float)] mm; the plinth's middle for what has no place
      def middle
        return [0.0, 0.0] unless outlined?

        @middle ||= area.centroid.then { |point| [point.x, point.y] }
      end

      # @return [String, nil] the glue that its maker names
      def glue = data.dig("fixing", "glue")

      # @return [Unit, nil] the repeated piece it is made of
      def unit = data["unit"] && (@unit ||= Unit.new(data["unit"]))

      # @return [String, nil] as the file has it
      def material_key = data["material"]

      # @return [Catalogue::Material, nil] nil where none is said or it is not known
      def material = catalogue[material_key]

      # @return [String] for sentences
      def material_name = catalogue.name(material_key)
    end
  end
end
