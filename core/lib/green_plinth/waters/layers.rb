# frozen_string_literal: true

module GreenPlinth
  module Waters
    # The pours of one water: none deeper than its medium allows, each with the volume its slice of the basin holds.
    module Layers
      # thickness_mm, volume_mm3, bottom and top above the plinth's face; too_thick: the maker's own, over the limit.
      Pour = Struct.new(:thickness_mm, :volume_mm3, :bottom_mm, :top_mm, :too_thick, keyword_init: true)

      module_function

      # @return [Float, nil] mm a single pour may be deep
      def limit(water)
        own = water.max_layer_mm
        medium = water.medium
        made = medium && (water.tinted? && medium.max_tinted_layer_mm ? medium.max_tinted_layer_mm : medium.max_layer_mm)
        [own, made].compact.min
      end

      # @param basin [Basin]
      # @param bed_mm [Float] the deepest ground
      # @return [Array<Pour>] lowest first
      def slice(water, basin, bed_mm)
        most = limit(water)
        edges(water, bed_mm, most).each_cons(2).map do |bottom, top|
          Pour.new(thickness_mm: top - bottom, volume_mm3: basin.volume(top) - basin.volume(bottom), bottom_mm: bottom,
            top_mm: top, too_thick: !most.nil? && top - bottom > most + 1e-6)
        end
      end

      # Own layers that stop short of the level are followed by one more; what goes over it is cut off there.
      def edges(water, bed_mm, most)
        depth = water.level_mm - bed_mm
        return even(bed_mm, depth, most) unless water.own_layers&.any?

        marks = water.own_layers.map { |layer| layer["thickness_mm"] }.reduce([bed_mm]) { |sum, mm| sum << (sum.last + mm) }
        kept = marks.select { |mark| mark < water.level_mm - 1e-6 }
        kept << water.level_mm
      end
      private_class_method :edges

      def even(bed_mm, depth, most)
        count = most ? [(depth / most - 1e-9).ceil, 1].max : 1
        (0..count).map { |i| bed_mm + (depth * i / count) }
      end
      private_class_method :even
    end
  end
end
