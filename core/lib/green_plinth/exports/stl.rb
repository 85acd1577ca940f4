# frozen_string_literal: true

module GreenPlinth
  module Exports
    # A closed surface as binary STL, millimetres: 80 bytes of heading, the count, then for each triangle its normal, its
    # corners and two empty bytes, little-endian.
    class Stl < Export
      code "stl"
      title "Solid to print"
      beside :templates
      type "model/stl"
      weight 80
      binary

      # @return [String] bytes
      def write = bytes(@evaluation.mesh, @design.title)

      # @param mesh [Relief::Mesh]
      # @param title [String]
      # @return [String]
      def bytes(mesh, title)
        heading = "Green Plinth, mm: #{title}".encode("US-ASCII", invalid: :replace, undef: :replace, replace: "?")[0, 80].ljust(80)
        body = mesh.triangles.map { |corners| facet(*corners.map { |index| mesh.vertices[index] }) }
        heading.b + [mesh.triangles.size].pack("V") + body.join
      end

      private

      def facet(a, b, c) = [*normal(a, b, c), *a, *b, *c].pack("e12") + "\x00\x00".b

      def normal(a, b, c)
        u = [b[0] - a[0], b[1] - a[1], b[2] - a[2]]
        v = [c[0] - a[0], c[1] - a[1], c[2] - a[2]]
        n = [(u[1] * v[2]) - (u[2] * v[1]), (u[2] * v[0]) - (u[0] * v[2]), (u[0] * v[1]) - (u[1] * v[0])]
        long = Math.sqrt(n.sum { |value| value**2 })
        long.zero? ? [0.0, 0.0, 0.0] : n.map { |value| value / long }
      end
    end
  end
end
