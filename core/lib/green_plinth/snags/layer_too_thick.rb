# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A layer thicker than its material dries or cures through.
    class LayerTooThick < Check
      code "dry/layer_too_thick"
      severity "spoils"
      SLACK = 1.001

      def snags = courses + forms + pours

      private

      def courses
        zone_courses.filter_map do |_zone, course, material|
          thick = course["thickness_mm"]
          next unless thick && over?(material, thick)

          told(course.pointer, course.name, thick, material,
            put("lay #{mm(material.max_layer_mm)}", "#{course.pointer}/thickness_mm", material.max_layer_mm))
        end
      end

      # Bulk of something that sets: its mean thickness as laid.
      def forms
        terrain.bulk.strata.reject(&:cut?).filter_map do |stratum|
          material = catalogue[stratum.form.material]
          next if stratum.area_mm2.zero? || !material&.sets?

          thick = stratum.form.kind == "lift" ? stratum.form.sheet_mm : stratum.volume_mm3 / stratum.area_mm2
          next unless over?(material, thick)

          told(stratum.form.pointer, stratum.form.name, thick, material, thinner(stratum.form, material))
        end
      end

      def thinner(form, material)
        return unless form.kind == "lift"

        sheets = (form.thickness_mm / material.max_layer_mm).ceil
        Fix.new("lay it in #{sheets} layers", [{ "op" => "add", "path" => "#{form.pointer}/sheet_mm", "value" => (form.thickness_mm / sheets).round(3) },
          { "op" => "add", "path" => "#{form.pointer}/sheets", "value" => sheets }])
      end

      def pours
        @evaluation.pools.filter_map do |pool|
          thick = pool.layers.select(&:too_thick).map(&:thickness_mm).max or next
          limit = Water::Layers.limit(pool.water, catalogue[pool.water.medium])
          snag(pool.water.pointer, "A pour of #{mm(thick)} in #{pool.water.name} is over the #{mm(limit)} its medium takes: it heats, cracks or never sets through.",
            take_out("let the layers be computed", "#{pool.water.pointer}/layers"))
        end
      end

      def over?(material, thick) = material&.max_layer_mm && %w[paste bulk].include?(material.family) && thick > material.max_layer_mm * SLACK

      def told(pointer, name, thick, material, fix)
        snag(pointer,
          "#{name.capitalize} is #{mm(thick)} thick in one go; #{material.name} takes #{mm(material.max_layer_mm)}: it cracks, or stays soft inside.", fix)
      end
    end
  end
end
