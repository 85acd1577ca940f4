# frozen_string_literal: true

module GreenPlinth
  module Screens
    # What a material is drawn from on its own page: how it comes ready, how long it takes by its thickness, when what may be done with
    # it, and how one coat of it looks over a light and a dark ground. All at the reference state, as JSON-ready data.
    class MaterialPicture
      # Between so many thicknesses its time is drawn.
      POINTS = 24
      # From this share of the thickness that its times are for, up to so many times as thick where nothing forbids it.
      THINNEST = 0.1
      THICKEST = 2.0
      # Past its largest layer by this share, so that the limit is seen to be one.
      BEYOND = 1.25
      LIGHT = "#f4efe4"
      DARK = "#33291f"

      # @param material [Catalogue::Material]
      # @param kinds [Kinds]
      def initialize(material, kinds)
        @material = material
        @kinds = kinds
      end

      # @return [Hash] stages {key, hours: [low, typical, high]}, by_thickness [[mm, h], …], windows {name, from_min, to_min},
      #   workable_min [low, typical, high] or nil, largest_mm, films: a pale and a dark ground, and how it looks on each
      def to_h
        { "stages" => stages, "workable_min" => @material.open_min&.to_a, "reference_mm" => @material.reference_mm,
          "largest_mm" => @material.max_layer_mm, "by_thickness" => by_thickness, "windows" => windows, "films" => films,
          "grain_mm" => @material.grain_mm&.to_a, "stock_mm" => @material.stock_mm || [] }
      end

      private

      def stages
        %w[handle next dry full].filter_map do |stage|
          hours = @material.hours(stage)
          { "key" => stage, "hours" => hours.to_a } if hours && hours.high.positive?
        end
      end

      # Hours until it is dry through, on sealed ground.
      def by_thickness
        return [] unless @material.sets? && @material.hours("dry") && @material.reference_mm

        forecast = Drying::Forecast.new(Design::Climate.of({}, @kinds))
        thicknesses.map { |mm| [mm.round(3), (forecast.call(@material, thickness_mm: mm).dry_min / 60.0).round(3)] }
      end

      def thicknesses
        least = @material.reference_mm * THINNEST
        most = [@material.reference_mm * THICKEST, (@material.max_layer_mm || 0) * BEYOND].max
        Array.new(POINTS + 1) { |i| least + ((most - least) * i / POINTS) }
      end

      def windows
        @material.windows.map { |name, (from, to)| { "name" => name.tr("_", " "), "from_min" => from, "to_min" => to } }
      end

      # Nil where nobody says what colour it is.
      def films
        return unless @material.colour

        hiding = @material["hiding"] || (@material.trait?("clear") || @material.trait?("sheer") ? 0 : 1)
        { "pale_ground" => LIGHT, "dark_ground" => DARK, "over_pale" => over(LIGHT, hiding), "over_dark" => over(DARK, hiding) }
      end

      def over(ground, hiding) = Colour::Film.over(@material.colour, hiding, ground)
    end
  end
end
