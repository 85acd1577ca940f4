# frozen_string_literal: true

module GreenPlinth
  module Exports
    # A plan or a section on paper, to a scale that is told: the largest of the usual ones that fits.
    class SheetDrawing
      include Paper

      # 1 to so much. Source: ISO 5455, with its enlargements.
      SCALES = [0.2, 0.5, 1, 2, 5, 10, 20, 50].freeze
      WOOD = "C8AE86"
      WATER = "7FA6BF"
      STANDING = "E9E2D2"
      INK = "222222"

      # @param pdf [Prawn::Document]
      # @param room [Array(Float, Float, Float, Float)] left, top, width and height on the page, points from its lower left
      # @param bounds [Array(Float, Float, Float, Float)] of what is drawn, mm
      # @param scale [Float, nil] 1 to so much; nil: the largest of the usual ones that fits
      def initialize(pdf, room, bounds, scale: nil)
        @pdf = pdf
        @left, @top, @width, @height = room
        @x0, @y0, x1, @y1 = bounds
        @wide = x1 - @x0
        @high = @y1 - @y0
        @scale = scale || SCALES.find { |scale| @wide / scale * PT <= @width && @high / scale * PT <= @height } || SCALES.last
      end

      # @return [Float] points that the drawing takes
      def tall = @high * each

      # @return [String] "1:2"
      def scale = @scale < 1 ? "#{(1 / @scale).round}:1" : "1:#{@scale}"

      # @param drawing [Hash] see Screens::PlanDrawing
      def plan(drawing)
        drawing["foot"].each { |ring| shape(ring, WOOD) }
        drawing["forms"].each { |form| rings(form, WOOD) }
        drawing["zones"].each { |zone| rings(zone, zone["colour"]) }
        drawing["forms"].each { |form| form["rings"].each { |ring| outline(ring, dash: 2) } }
        drawing["waters"].each { |water| water["wet"].each { |ring| shape(ring, WATER) } }
        drawing["features"].each { |feature| rings(feature, feature["colour"]) }
        drawing["subjects"].each { |subject| rings(subject, STANDING) }
        (drawing["features"] + drawing["subjects"]).each { |part| name(part) }
      end

      # @param section [Hash] see Relief::Section
      # @param kinds [Kinds] what has a silhouette is drawn as one
      def section(section, kinds)
        section["standing"].each { |one| upright(one, kinds).each { |ring| shape(ring, STANDING) } }
        section["strata"].each { |stratum| stratum["runs"].each { |run| shape(band(run), stratum["colour"] || WOOD) } }
        section["waters"].each { |water| water["runs"].each { |run| shape(band(run), WATER) } }
      end

      # Something of a sight view: a patch of ground, the faces of a body, or a silhouette.
      # @param item [Hash] see Composition::SightView
      def seen(item, kinds)
        # Strips of ground meet without a line.
        return shape(item["ring"], item["colour"], ink: item["colour"]) if item["ring"]

        colour = item["colour"] || kind(item, kinds)&.[]("colour") || STANDING
        item["faces"].each { |one| face(one["ring"], Colour::Tone.shaded(colour, one["shade"])) }
        silhouette(item, kinds, item["at"], item["width_mm"], item["height_mm"]).each { |ring| shape(ring, colour) } if item["faces"].empty?
      end

      # @param ring [Array<Array(Float, Float)>] mm
      def face(ring, colour) = shape(ring, colour, line: 0.15)

      # @return [Array<Array(Float, Float)>] all that a section's picture must hold, mm
      def self.section_points(section)
        runs = (section["strata"] + section["waters"]).flat_map { |layer| layer["runs"].flatten(1) }
        runs.flat_map { |along, low, high| [[along, low], [along, high]] } +
          section["standing"].flat_map { |one| [one.values_at("from", "low"), one.values_at("to", "high")] }
      end

      private

      def kind(item, kinds)
        %w[subjects features].filter_map { |list| kinds.of(list, item["kind"]) if item["pointer"].to_s.start_with?("/#{list}") }.first
      end

      # In elevation: what its faces cover together, else its silhouette, else its box.
      def upright(one, kinds)
        return one["rings"] unless one["rings"].empty?

        wide, high = one["to"] - one["from"], one["high"] - one["low"]
        drawn = silhouette(one, kinds, [(one["from"] + one["to"]) / 2, one["low"]], wide, high)
        return drawn unless drawn.empty?

        [[one.values_at("from", "low"), one.values_at("to", "low"), one.values_at("to", "high"), one.values_at("from", "high")]]
      end

      def silhouette(one, kinds, foot, wide, high)
        path = kind(one, kinds)&.[](one["silhouette"]) or return []
        flip = one["mirrored"] ? -1 : 1
        Kinds::Silhouette.rings(path).map { |ring| ring.map { |x, y| [foot[0] + (x * wide * flip), foot[1] + (y * high)] } }
      end

      def each = PT / @scale
      def at((x, y)) = [@left + ((x - @x0) * each), @top - ((@y1 - y) * each)]
      def band(run) = run.map { |along, _, top| [along, top] } + run.reverse.map { |along, bottom, _| [along, bottom] }
      def rings(part, colour) = part["rings"].each { |ring| shape(ring, colour || STANDING) }

      def shape(ring, colour, line: 0.4, ink: INK)
        return if ring.size < 3

        @pdf.fill_color(colour.delete_prefix("#"))
        @pdf.stroke_color(ink.delete_prefix("#"))
        @pdf.line_width(line)
        @pdf.fill_and_stroke { @pdf.polygon(*ring.map { |point| at(point) }) }
      end

      def outline(ring, dash: nil)
        return if ring.size < 2

        @pdf.stroke_color(INK)
        @pdf.line_width(0.4)
        dash ? @pdf.dash(dash) : @pdf.undash
        @pdf.stroke { @pdf.polygon(*ring.map { |point| at(point) }) }
        @pdf.undash
      end

      def name(part)
        points = part["rings"].flatten(1)
        return if points.empty?

        middle = [0, 1].map { |axis| points.map { |point| point[axis] }.minmax.sum / 2 }
        x, y = at(middle)
        words = plain(part["name"])
        @pdf.fill_color("000000")
        @pdf.draw_text(words, at: [x - (@pdf.width_of(words, size: 7) / 2), y - 2.5], size: 7)
      end
    end
  end
end
