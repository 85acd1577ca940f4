# frozen_string_literal: true

module GreenPlinth
  module Scale
    # What a maker picks from to place on the plan, made to a scale: parts of a plinth file without id and place.
    class Presets
      # @param catalogue [Catalogue]
      # @param ratio [Numeric] n of 1:n
      def initialize(catalogue, ratio)
        @catalogue = catalogue
        @ratio = ratio.to_f
      end

      # @return [Hash] lists of {key, name, group, part}
      def to_h = { "subjects" => subjects + nominal, "features" => features }

      # @return [Array<Hash>] sized by life
      def subjects
        @catalogue.presets["subjects"].map { |key, data| entry(key, data, "at this scale", subject(data)) }
      end

      # @return [Array<Hash>] figures by their trade size, whatever the build's scale
      def nominal
        @catalogue.figures.map do |name, data|
          part = { "name" => "#{name} figure", "kind" => data["kind"],
                   "footprint" => { "kind" => "round", "diameter_mm" => data["plate_mm"] }, "height_mm" => data["height_mm"],
                   "mass_g" => data["mass_g"], "mount" => mount }
          entry("figure_#{name.to_i}", { "name" => "#{name} figure" }, "by figure size", part)
        end
      end

      # @return [Array<Hash>]
      def features
        @catalogue.presets["features"].map { |key, data| entry(key, data, data["kind"], feature(data)) }
      end

      private

      # Held as things usually are; the maker changes it.
      def mount = @catalogue.kinds.usual("mounts").key

      def entry(key, data, group, part) = { "key" => key, "name" => data["name"], "group" => group, "part" => part }
      def mm(metres) = (metres * 1000 / @ratio).round(1).clamp(0.1, nil)

      def subject(data)
        length, width = data["foot_m"].map { |side| mm(side) }
        height = mm(data["height_m"])
        { "name" => data["name"], "kind" => data["kind"], "footprint" => outline(data["shape"], length, width), "height_mm" => height,
          "silhouette" => data["shadow_m"] && outline(data["shape"], *data["shadow_m"].map { |side| mm(side) }),
          "mass_g" => mass(data, length * width * height), "mount" => mount, "represents" => data["represents"] }.compact
      end

      def outline(shape, length, width)
        return boat(length, width) if shape == "boat"

        { "kind" => shape, "width_mm" => length, "depth_mm" => width }
      end

      # A waterline: transom aft, widest a little before the middle, a stem that draws in.
      def boat(length, beam)
        half = beam / 2
        stations = [[-0.5, 0.75], [-0.2, 0.97], [0.1, 1.0], [0.3, 0.8], [0.42, 0.45]]
        upper = stations.map { |along, out| [(along * length).round(1), (out * half).round(1)] }
        { "kind" => "polygon", "points_mm" => upper.map { |x, y| [x, -y] } + [[(length / 2).round(1), 0.0]] + upper.reverse }
      end

      # To a tenth of a gram, or to what is left of a lighter one.
      def mass(data, box_mm3) = (data["mass"] * box_mm3 / 1000.0).then { |grams| grams < 1 ? grams.round(2) : grams.round(1) }

      def feature(data)
        outline = placed(data)
        height = data["height_m"]&.positive? ? mm(data["height_m"]) : 0
        { "name" => data["name"], "kind" => data["kind"], "outline" => outline, "height_mm" => height,
          "mass_g" => mass(data, Plan::Outline.polygon(outline).area * height), "material" => data["material"],
          "represents" => data["represents"], "unit" => data["unit"] && { "represents" => data["unit"] },
          "crown_mm" => data["crown_m"] && mm(data["crown_m"]), "gauge_mm" => data["gauge_m"] && mm(data["gauge_m"]),
          "rail_mm" => data["rail_m"] && mm(data["rail_m"]) }.compact
      end

      # About the plinth's middle; the maker moves it.
      def placed(data)
        return { "kind" => "rectangle", "width_mm" => data["plate_mm"][0], "depth_mm" => data["plate_mm"][1] } if data["plate_mm"]
        return strip(*data["strip_m"].map { |side| mm(side) }) if data["strip_m"]

        length, width = data["piece_m"].map { |side| mm(side) }
        return { "kind" => "round", "diameter_mm" => length } if data["round"] && length == width

        { "kind" => data["round"] ? "oval" : "rectangle", "width_mm" => length, "depth_mm" => width }
      end

      def strip(length, width)
        half = (length / 2).round(1)
        { "kind" => "strip", "points_mm" => [[-half, 0], [half, 0]], "width_mm" => width }
      end
    end
  end
end
