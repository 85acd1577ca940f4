# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # What the maker stirs up, as a material computed from its parts: those that set say how it dries, the slowest of them
    # decides, and the spread is as wide as all of theirs. Source of the rule: common practice; of the values: those of the parts.
    class Mixture
      # A drop, ml. Source: European Pharmacopoeia 2.1.1 (20 drops are 1 ml of water).
      DROP_ML = 0.05
      STAGES = %w[handle_h next_h dry_h full_h].freeze
      # What one part brings into the whole, however little there is of it.
      CATCHING = %w[eats_foam plaster porous hard].freeze
      # What a mix is only where most of it is.
      PREVAILING = %w[pale gloss matt sheer].freeze

      # One part. ml: of it in one measure of the mix; share: of the whole's volume, 0..1; material: nil for water.
      Ingredient = Struct.new(:key, :material, :ml, :share, keyword_init: true)

      # @param mix [Design::Mix]
      # @param catalogue [Catalogue] that has its parts
      def initialize(mix, catalogue)
        @mix = mix
        @catalogue = catalogue
      end

      # @return [Material, nil] nil where nothing in it sets, or a part is not known
      def material
        return if shares.any? { |one| one.material.nil? && one.key != WATER } || slowest.nil?

        Material.new("mix:#{@mix.id}", data, @catalogue.kinds.of("families", data["family"]))
      end

      # @return [Array<Ingredient>]
      def shares
        @shares ||= begin
          parts = @mix.data["parts"].map { |part| share_of(part) }
          whole = parts.sum(&:ml)
          parts.each { |one| one.share = one.ml / whole }
        end
      end

      private

      WATER = "water"
      private_constant :WATER

      def share_of(part)
        material = @catalogue[part["material"]]
        Ingredient.new(key: part["material"], material: material, ml: ml(part["amount"].to_f, density(material)))
      end

      def ml(amount, density)
        case @mix.data["by"]
        when "mass" then amount / density
        when "drops" then amount * DROP_ML
        else amount
        end
      end

      # Water's where nothing is said.
      def density(material) = material&.density_wet || material&.density_dry || 1.0

      def setting = @setting ||= shares.select { |one| one.material&.sets? && one.material.hours("dry") }.map(&:material)
      def slowest = @slowest ||= setting.max_by { |material| material.hours("dry").typical }

      def data
        @data ||= { "name" => @mix.data["name"] || @mix.id.tr("_-", "  "), "colour" => colour, "family" => family,
                    "mechanism" => mechanism, "source" => "from its parts", "technique" => @catalogue.kinds.work("mixture_made"),
                    "reference_mm" => slowest.reference_mm, "exponent" => slowest.exponent, "open_min" => open_min,
                    "max_layer_mm" => setting.filter_map(&:max_layer_mm).min, "shrinkage_pct" => shrinkage * 100,
                    "density_wet" => mean { |material| density(material) }, "density_dry" => density_dry,
                    "hazards" => shares.flat_map { |one| one.material&.hazards || [] }.uniq, "traits" => traits,
                    "lifts_from" => shares.filter_map { |one| one.material&.[]("lifts_from") }.first, "parts" => parts
                   }.merge(stages).compact
      end

      # Powder that water sets goes on setting in whatever it is stirred into.
      def mechanism = setting.map(&:mechanism).find { |one| one == HYDRATION } || slowest.mechanism

      HYDRATION = "hydration"
      private_constant :HYDRATION

      def stages
        STAGES.to_h do |name|
          ranges = setting.filter_map { |material| material.hours(name.delete_suffix("_h")) }
          [name, ranges.any? ? [ranges.map(&:low).min, ranges.map(&:typical).max, ranges.map(&:high).max] : nil]
        end
      end

      # Workable as long as the quickest of them.
      def open_min
        ranges = setting.filter_map(&:open_min)
        ranges.any? ? %i[low typical high].map { |one| ranges.map(&one).min } : nil
      end

      # A body that is spread, unless all of it is laid as a film.
      def family
        kinds = shares.filter_map { |one| one.material&.family }
        kinds.map(&:key).uniq.size == 1 || kinds.none? { |kind| kind.trait?("body") || kind.trait?("granular") } ? prevailing : body
      end

      def body = @catalogue.kinds.work("mixture_made", "family")

      def prevailing = shares.select { |one| one.material&.sets? }.max_by(&:share).material.family.key

      def mean = shares.sum { |one| yield(one.material) * one.share }

      # Of water everything goes.
      def shrinkage = mean { |material| material ? material.shrinkage : 1.0 }

      def density_dry
        left = shares.sum { |one| one.material ? one.share * (1 - one.material.shrinkage) : 0.0 }
        dry = shares.sum { |one| (one.material&.density_dry || 0.0) * one.share * (1 - (one.material&.shrinkage || 1.0)) }
        left.positive? ? dry / left : nil
      end

      def traits
        has = ->(one, trait) { one.material&.traits&.include?(trait) }
        catching = CATCHING.select { |trait| shares.any? { |one| has[one, trait] } }
        catching + PREVAILING.select { |trait| shares.sum { |one| has[one, trait] ? one.share : 0.0 } > 0.5 }
      end

      # As the maker says, else as the largest part is.
      def colour
        @mix.colour || shares.select(&:material).max_by(&:share)&.material&.colour
      end

      # @return [Hash{String => Float}] shares of volume of what has to be bought
      def parts = shares.select(&:material).to_h { |one| [one.key, one.share] }
    end
  end
end
