# frozen_string_literal: true

module GreenPlinth
  module Drying
    # How long a material takes to dry or cure at a thickness, in the workshop's air, on the ground it lies on.
    class Forecast
      # A thin layer still has a surface to dry and a maker who waits: no less than this share of the reference time, where
      # neither the material nor its family says (from memory).
      LEAST_SHARE = 0.4
      # Water shut between two dense or foam sheets leaves by the edges only (typical, from memory).
      SHUT = 3.0
      # Absorbent ground draws water down (typical, from memory).
      ABSORBENT = 0.8
      # Resin under its least layer holds too little of its own heat (typical, from memory).
      THIN_REACTION = 1.5
      HOUR = 60

      # @param history [History] what the maker has seen of each material
      def initialize(climate, history = History.new)
        @climate = climate
        @history = history
      end

      # @param material [Catalogue::Material]
      # @param thickness_mm [Float, nil] nil: the material's reference layer
      # @param ground [Symbol] :sealed, :absorbent or :shut (between sheets)
      # @return [Stages]
      def call(material, thickness_mm: nil, ground: :sealed)
        return Stages.none unless material&.hours("dry")

        @material = material
        @thickness = (thickness_mm || material.reference_mm).to_f
        @ground = ground
        send(material.mechanism)
      end

      private

      def stages(open: 1.0, handle: 1.0, later: 1.0, factors: [])
        own = @history.factor(@material.key)
        handle *= own
        later *= own
        typical = ->(stage, factor) { (@material.hours(stage).typical * HOUR * factor).round }
        Stages.new(open_min: @material.open_min && (@material.open_min.typical * open), handle_min: typical["handle", handle],
          next_min: @material.hours("next") ? typical["next", later] : typical["dry", later],
          dry_min: typical["dry", later], full_min: typical["full", later],
          factors: [*factors, @history.noted_factor(@material.key)].compact.freeze, material: @material.key,
          thickness_mm: @thickness).freeze
      end

      def evaporation
        air = air_factors
        all = product([thickness_factor, *ground_factors, *air])
        stages(open: product(air), handle: all, later: all, factors: [thickness_factor, *ground_factors, *air])
      end

      # Setting is chemistry and keeps its time; what water is left over then dries.
      def hydration
        factors = [thickness_factor, *ground_factors, *air_factors]
        stages(later: product(factors), factors: factors)
      end

      def reaction
        return moisture if @material.trait?("superglue")

        factors = [temperature_factor, *thin_factor]
        all = product(factors)
        stages(open: all, handle: all, later: all, factors: factors)
      end

      def moisture
        factor = Factor.new("humidity", Air.moisture_factor(@climate), "superglue takes up the air's moisture: × 50 / RH", "from memory")
        stages(handle: factor.value, later: factor.value, factors: [factor])
      end

      def uv
        seconds = @material["cure_s_per_mm"][1] * @thickness
        lamp = (seconds / 60.0).ceil
        stages(factors: [Factor.new("lamp", 1.0, "#{seconds.round} s under the lamp", @material.source("cure_s_per_mm"))]).dup
          .tap { |out| out.handle_min = [out.handle_min, lamp].max }.freeze
      end

      def solvent
        factors = [thickness_factor, temperature_factor]
        stages(open: temperature_factor.value, handle: product(factors), later: product(factors), factors: factors)
      end
      alias oxidation solvent

      # Cooling: hot glue is as quick in any workshop.
      def none = stages

      def product(factors) = factors.reduce(1.0) { |sum, factor| sum * factor.value }

      def thickness_factor
        ratio = @thickness / @material.reference_mm
        least = @material.least_share || LEAST_SHARE
        value = [ratio**@material.exponent, least].max
        floor = ", and no less than #{number(least)}" if value > ratio**@material.exponent
        Factor.new("thickness", value,
          "#{number(@thickness)} mm against #{number(@material.reference_mm)} mm, to the power #{@material.exponent}#{floor}",
          @material.source("exponent"))
      end

      def air_factors
        air = "#{number(@climate.temperature_c)} °C, #{number(@climate.humidity_pct)} %"
        [Factor.new("humidity", Air.humidity_factor(@climate), "#{air} against 20 °C, 50 %: vapour pressure deficit", "WMO-No. 8"),
          Factor.new("airflow", Air.airflow_factor(@climate), "#{@climate.air.key} air", "from memory")]
      end

      def temperature_factor
        Factor.new("temperature", Air.reaction_factor(@climate), "#{number(@climate.temperature_c)} °C: doubles every 10 °C",
          "common practice")
      end

      def ground_factors
        case @ground
        when :absorbent then [Factor.new("ground", ABSORBENT, "absorbent ground draws water down", "from memory")]
        when :shut then @material.trait?("joint") ? [] : [Factor.new("ground", SHUT, "shut between two sheets, it dries from the edges",
"from memory")]
        else []
        end
      end

      def thin_factor
        least = @material.min_layer_mm
        return [] unless least && @thickness < least

        [Factor.new("thin layer", THIN_REACTION, "under #{least} mm it stays cool and cures slower", "from memory")]
      end

      def number(value) = format("%.3g", value)
    end
  end
end
