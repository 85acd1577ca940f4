# frozen_string_literal: true

require "cgi"

module GreenPlinth
  module Exports
    # The plan as a drawing in millimetres: the plinth, its ground in the colours of its courses, forms, waters where
    # they really stand, features and subjects. y runs up on the plan and down in SVG.
    class PlanSvg < Export
      code "svg"
      title "Plan"
      beside :quantities
      type "image/svg+xml"
      weight 40

      MARGIN_MM = 4
      INK = "#2b241c"
      PAPER = "#efe6d3"
      WATER = "#3f7691"
      SHORE = "stroke=\"#{WATER}\" stroke-width=\"0.4\" stroke-dasharray=\"1.5 1\""
      BARE = "#b9986a"
      HOLLOW = "#6d5640"
      FEATURE = "#8d8375"

      # @return [String] SVG 1.1
      def write
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(@evaluation.ground.foot)
        width = max_x - min_x + (2 * MARGIN_MM)
        depth = max_y - min_y + (2 * MARGIN_MM)
        box = [min_x - MARGIN_MM, -max_y - MARGIN_MM, width, depth].map { |value| mm(value) }
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="#{box[2]}mm" height="#{box[3]}mm" viewBox="#{box.join(" ")}">
          <title>#{CGI.escapeHTML(@design.title)}</title>
          #{[plinth, *forms, *zones, *waters, *wakes, *features, *subjects].join("\n")}
          </svg>
        SVG
      end

      private

      def plinth = area(@evaluation.ground.foot, BARE, "stroke=\"#{INK}\" stroke-width=\"0.6\"")

      def forms
        @design.forms.map do |form|
          shape = inside(form.area)
          area(shape, form.material&.colour || (form.cut? ? HOLLOW : BARE), "fill-opacity=\"0.8\" stroke=\"#{INK}\" stroke-width=\"0.25\"")
        end
      end

      def zones
        @design.zones.each_with_index.map do |zone, index|
          area(@evaluation.ground.area(index), Colour::Tone.of_zone(zone), "fill-opacity=\"0.85\"")
        end
      end

      def waters
        @evaluation.pools.flat_map do |pool|
          wet = (pool.rings || []).map { |ring| path([ring]) }
          ["<path d=\"#{wet.join}\" fill=\"#{pool.water.tint_colour || WATER}\" fill-opacity=\"0.85\" fill-rule=\"evenodd\"/>",
            "<path d=\"#{path(Plan::Geos.rings(pool.water.area))}\" fill=\"none\" #{SHORE}/>"]
        end
      end

      # On paper of its own size: lines to mark before the waves are raised.
      def wakes
        @evaluation.tracks.flat_map do |track|
          track.lines.map do |line|
            points = line.points.map { |x, y| "#{mm(x)},#{mm(-y)}" }.join(" ")
            "<polyline points=\"#{points}\" fill=\"none\" stroke=\"#{INK}\" stroke-width=\"#{line.kind == "arm" ? 0.4 : 0.2}\"/>"
          end
        end
      end

      def features
        @design.features.select(&:outline)
          .map { |feature| area(feature.area, feature.colour || FEATURE, "stroke=\"#{INK}\" stroke-width=\"0.3\"") }
      end

      def subjects
        @design.subjects.map { |subject| area(subject.footprint_area, PAPER, "stroke=\"#{INK}\" stroke-width=\"0.5\"") }
      end

      def inside(shape) = shape.intersection(@evaluation.ground.foot)

      def area(shape, fill, more) = "<path d=\"#{path(Plan::Geos.rings(shape))}\" fill=\"#{fill}\" fill-rule=\"evenodd\" #{more}/>"

      def path(rings) = rings.map { |ring| "M#{ring.map { |x, y| "#{mm(x)} #{mm(-y)}" }.join("L")}Z" }.join

      def mm(value) = format("%g", value.round(2))
    end
  end
end
