# frozen_string_literal: true

require "nokogiri"

module GreenPlinth
  module Imports
    # The largest closed shape of an SVG file as points in millimetres, middle at the origin, y up. Reads polygons,
    # rectangles, circles, ellipses and paths of any command; curves become chords. Nothing outside the file is read.
    class SvgOutline
      MOST_BYTES = 1_000_000
      # Millimetres for each unit. Source: CSS Values and Units 3: 96 px to the inch.
      UNITS = { "mm" => 1.0, "cm" => 10.0, "in" => 25.4, "pt" => 25.4 / 72, "pc" => 25.4 / 6, "px" => 25.4 / 96, "" => 25.4 / 96 }.freeze
      # Chords for each curve.
      CHORDS = 24

      # @param text [String]
      # @return [Array<Array(Float, Float)>]; raises InvalidFile
      def self.points(text) = new(text).points

      def initialize(text)
        @text = text
      end

      def points
        refuse("the drawing is larger than 1 MB") if @text.bytesize > MOST_BYTES
        refuse("drawings with a document type or entities are not read; save it as plain SVG") if @text.match?(/<!(DOCTYPE|ENTITY)/i)
        shapes = document.xpath("//*").flat_map { |node| shapes_of(node) }
        DrawnRing.new("/svg", @scale, up: -1).of(shapes)
      end

      private

      def refuse(message) = raise(InvalidFile, [Problem.new("/svg", message)])

      def document
        parsed = Nokogiri::XML(@text) { |config| config.strict.nonet }
        refuse("it is not an SVG drawing") unless parsed.root&.name == "svg"
        @scale = scale(parsed.root)
        parsed
      rescue Nokogiri::XML::SyntaxError
        refuse("it is not well-formed XML")
      end

      # Width against view box says how long a unit is; without a view box units are CSS pixels.
      def scale(root)
        number, unit = root["width"].to_s.match(/\A\s*([\d.]+)\s*([a-z%]*)/i)&.captures
        per = UNITS[unit.to_s]
        box = root["viewBox"].to_s.split(/[\s,]+/).map(&:to_f)
        return per * number.to_f / box[2] if number && per && box.size == 4 && box[2].positive?

        box.size == 4 ? 1.0 : UNITS["px"]
      end

      def shapes_of(node)
        rings = case node.name
                when "polygon" then [pairs(node["points"].to_s)]
                when "rect" then [rectangle(node)]
                when "circle" then [ellipse(node, node["r"].to_f, node["r"].to_f)]
                when "ellipse" then [ellipse(node, node["rx"].to_f, node["ry"].to_f)]
                when "path" then SvgPath.new(node["d"].to_s, CHORDS).rings
                else []
                end
        refuse("shapes with a transform are not read; apply the transform in the drawing program") if rings.any? && transformed?(node)
        rings
      end

      # Numbers in twos; an odd one at the end is left out.
      def pairs(text) = text.scan(/-?[\d.]+(?:e-?\d+)?/i).map(&:to_f).each_slice(2).select { |pair| pair.size == 2 }

      def transformed?(node) = ([node] + node.ancestors.to_a).any? { |one| one.respond_to?(:attributes) && one["transform"] }

      def rectangle(node)
        x, y, w, h = %w[x y width height].map { |key| node[key].to_f }
        [[x, y], [x + w, y], [x + w, y + h], [x, y + h]]
      end

      def ellipse(node, rx, ry)
        Array.new(96) { |i| [node["cx"].to_f + (rx * Math.cos(i * Math::PI / 48)), node["cy"].to_f + (ry * Math.sin(i * Math::PI / 48))] }
      end
    end
  end
end
