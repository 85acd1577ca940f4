# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A layer thicker than its material dries or cures through.
    class LayerTooThick < Check
      code "dry/layer_too_thick"
      severity "spoils"
      weight 250
      SLACK = 1.001

      def snags = courses + forms + pours

      private

      def courses
        zone_courses.select { |course| over?(course.material, course.own_thickness_mm) }.map do |course|
          most = course.material.max_layer_mm
          snag_of(course, course.own_thickness_mm, put("lay #{mm(most)}", "#{course.pointer}/thickness_mm", most))
        end
      end

      # Bulk of something that sets: as thick as it is at its thickest.
      def forms
        laid = terrain.bulk.strata.reject { |stratum| stratum.cut? || stratum.area_mm2.zero? || !stratum.form.material&.sets? }
        laid.filter_map do |stratum|
          form = stratum.form
          thick = form.lift? ? form.sheet_mm : stratum.tallest_mm
          snag_of(form, thick, form.lift? ? thinner(form) : cored(form)) if over?(form.material, thick)
        end
      end

      # Foam beneath, and of the material only the skin that the maker lays over it.
      def cored(form)
        foam = catalogue[design.kinds.work("rigid_foam", "material")]
        put("build its core of #{foam.name}", "#{form.pointer}/material", foam.key)
      end

      def thinner(form)
        sheets = (form.thickness_mm / form.material.max_layer_mm).ceil
        Fix.new("lay it in #{sheets} layers",
          [{ "op" => "add", "path" => "#{form.pointer}/sheet_mm", "value" => (form.thickness_mm / sheets).round(3) },
          { "op" => "add", "path" => "#{form.pointer}/sheets", "value" => sheets }])
      end

      def pours
        @evaluation.pools.filter_map do |pool|
          thick = pool.layers.select(&:too_thick).map(&:thickness_mm).max or next
          limit = Waters::Layers.limit(pool.water)
          over = "A pour of #{mm(thick)} in #{pool.water.name} is over the #{mm(limit)} its medium takes"
          snag(pool.water.pointer, "#{over}: it heats, cracks or never sets through.",
            take_out("let the layers be computed", "#{pool.water.pointer}/layers")).drawn(Figure.layer(thick, limit))
        end
      end

      def over?(material, thick) = thick && material&.max_layer_mm && material.trait?("body") && thick > material.max_layer_mm * SLACK

      def snag_of(part, thick, fix)
        most = mm(part.material.max_layer_mm)
        much = "#{part.name.capitalize} is #{mm(thick)} thick in one go; #{part.material.name} takes #{most}"
        snag(part.pointer, "#{much}: it cracks, or stays soft inside.", fix).drawn(Figure.layer(thick, part.material.max_layer_mm))
      end
    end
  end
end
