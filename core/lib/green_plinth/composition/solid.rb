# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Something that stands, as an upright prism: what it covers of the plan, from how high to how high (mm above the
    # plinth's top face). A part whose height is not known is no solid.
    Solid = Struct.new(:part, :shape, :low, :high) do
      def pointer = part.pointer
      # @return [Array<Array<Array(Float, Float, Float)>>] see Facets
      def faces = Facets.faces(self)
      def corners = @corners ||= Plan::Geos.rings(shape).flatten(1)
    end
  end
end
