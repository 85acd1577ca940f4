# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # What the maker stirs up, as a material computed from its parts: those that set say how it dries, the slowest of them
    # decides, and the spread is as wide as all of theirs; what is all dry stays what most of it is. What was measured stands
    # before what is derived. Source of the rule: common practice; of the values: those of the parts.
    class Mixture
      STAGES = %w[handle_h next_h dry_h full_h].freeze
      # What one part brings into the whole, however little there is of it.
      CATCHING = %w[eats_foam plaster porous hard].freeze
      # What a mix is only where most of it is.
      PREVAILING = %w[pale gloss matt sheer].freeze
      # What follows from the parts where nobody has measured it, by what is measured in its place.
      DERIVED = { "dry_h" => STAGES, "open_min" => %w[open_min], "density_g_ml" => %w[density_wet], "shrinkage_pct" => %w[shrinkage_pct],
                  "layer_mm" => [] }.freeze

      # One part. ml: of it in one measure of the mix; share: of the whole's volume, 0..1; material: nil for water; colour: of a
      # part that comes in colours.
      Ingredient = Struct.new(:key, :material, :ml, :share, :colour, keyword_init: true) do
        # @return [Float] g/ml, water's where nothing is said
        def density = material&.density_wet || material&.density_dry || 1.0

        # @return [String, nil]
        def tone = colour || (material unless material.nil? || material.trait?("clear"))&.colour
      end

      KEPT = Kept.new(4000)
      private_constant :KEPT

      # @param mix [Stirred]
      # @param catalogue [Catalogue] that has its parts
      # @return [Material, nil] the same one for the same mix of the same materials
      def self.of(mix, catalogue)
        KEPT.fetch([mix.id, mix.data, *mix.materials.map { |key| catalogue[key] }]) { new(mix, catalogue).material }
      end

      # @param mix [Stirred]
      # @param catalogue [Catalogue] that has its parts
      def initialize(mix, catalogue)
        @mix = mix
        @catalogue = catalogue
      end

      # @return [Material, nil] nil where a part is not known, or there is nothing in it but water
      def material
        return if shares.any? { |one| one.material.nil? && one.key != Stirred::WATER } || stuff.empty?

        Material.new(@mix.key, data, @catalogue.kinds.of("families", data["family"]))
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

      def share_of(part)
        material = @catalogue[part["material"]]
        Ingredient.new(key: part["material"], material: material, colour: part["colour"])
          .tap { |one| one.ml = ml(part["amount"].to_f, one.density) }
      end

      def ml(amount, density)
        case @mix.data["by"]
        when "mass" then amount / density
        when "drops" then amount * Measures::DROP_ML
        else amount
        end
      end

      # All but the water.
      def stuff = @stuff ||= shares.select(&:material)
      def setting = @setting ||= stuff.select { |one| one.material.sets? && one.material.hours("dry") }.map(&:material)
      def slowest = @slowest ||= setting.max_by { |material| material.hours("dry").typical }
      def largest = @largest ||= stuff.max_by(&:share).material

      def data = @data ||= (setting.any? ? wet : dry).merge(common).merge(measured).compact

      def common
        { "name" => @mix.data["name"] || @mix.id.tr("_-", "  "), "colour" => colour, "source" => "from its parts",
          "density_wet" => mean(&:density), "hazards" => shares.flat_map { |one| one.material&.hazards || [] }.uniq,
          "traits" => traits, "lifts_from" => stuff.filter_map { |one| one.material["lifts_from"] }.first, "parts" => parts,
          "sources" => @mix.measured.keys.flat_map { |key| DERIVED.fetch(key) }.to_h { |member| [member, "measured"] } }
      end

      # What a film is laid by and how far it goes: as most of it.
      FILM = %w[technique spread_m2_per_l spread_ml_per_dm2 on_texture chips_on min_layer_mm].freeze
      private_constant :FILM

      def wet
        laid = film? ? FILM.to_h { |member| [member, prevailing[member]] } : { "technique" => @catalogue.kinds.work("mixture_made") }
        { "family" => family, "mechanism" => mechanism, "hiding" => hiding, "tinting" => mean { |one| one.material&.[]("tinting") || 0.0 },
          "reference_mm" => slowest.reference_mm, "exponent" => slowest.exponent, "open_min" => open_min,
          "max_layer_mm" => setting.filter_map(&:max_layer_mm).min, "shrinkage_pct" => shrinkage * 100, "density_dry" => density_dry,
          "strength_g_mm2" => setting.filter_map { |material| material["strength_g_mm2"] }.min_by { |strength| strength[1] },
          "holds_on" => prevailing["holds_on"] }.merge(laid, stages)
      end

      # Water and mediums let more show: nil where nothing in it says how far it hides.
      def hiding
        mean { |one| one.material&.[]("hiding") || 0.0 } if stuff.any? { |one| one.material["hiding"] }
      end

      # Sand with earth and pigment is a grain still, laid like most of it.
      def dry
        grains = stuff.filter_map { |one| one.material.grain_mm }
        largest.to_h.except("key", "pack", "mix_parts", "windows").merge(
          "density_dry" => mean { |one| one.material&.density_dry || one.density },
          "grain_mm" => grains.any? ? [grains.map(&:low).min, grains.sum(&:typical) / grains.size, grains.map(&:high).max] : nil)
      end

      # How long it took and how long it could be worked stretch all that was derived alike.
      def measured
        own = @mix.measured
        found = { "density_wet" => own["density_g_ml"], "shrinkage_pct" => own["shrinkage_pct"], "usual_mm" => own["layer_mm"],
                  "open_min" => own["open_min"]&.then { |minutes| [minutes] * 3 } }
        found.merge!(stretched(own["dry_h"])) if own["dry_h"] && slowest
        found.compact
      end

      def stretched(hours)
        by = hours / stages["dry_h"][1].to_f
        stages.compact.transform_values { |range| range.map { |value| value * by } }.merge("dry_h" => [hours] * 3)
      end

      # Powder that water sets goes on setting in whatever it is stirred into.
      def mechanism = setting.map(&:mechanism).find { |one| one == HYDRATION } || slowest.mechanism

      HYDRATION = "hydration"
      private_constant :HYDRATION

      def stages
        @stages ||= STAGES.to_h do |name|
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
      def family = film? ? prevailing.family.key : body

      def film?
        kinds = stuff.map { |one| one.material.family }
        kinds.map(&:key).uniq.size == 1 || kinds.none? { |kind| kind.trait?("body") || kind.trait?("granular") }
      end

      def body = @catalogue.kinds.work("mixture_made", "family")

      def prevailing = stuff.select { |one| one.material.sets? }.max_by(&:share).material

      def mean = shares.sum { |one| yield(one) * one.share }

      # Of water everything goes.
      def shrinkage = mean { |one| one.material ? one.material.shrinkage : 1.0 }

      def density_dry
        left = shares.sum { |one| one.material ? one.share * (1 - one.material.shrinkage) : 0.0 }
        dry = shares.sum { |one| (one.material&.density_dry || 0.0) * one.share * (1 - (one.material&.shrinkage || 1.0)) }
        left.positive? ? dry / left : nil
      end

      def traits
        has = ->(one, trait) { one.material&.traits&.include?(trait) }
        catching = CATCHING.select { |trait| shares.any? { |one| has[one, trait] } }
        own = catching + PREVAILING.select { |trait| shares.sum { |one| has[one, trait] ? one.share : 0.0 } > 0.5 }
        setting.any? ? own : own | (largest["traits"] || [])
      end

      # As the maker says, else as its parts with a colour come to.
      def colour
        return @mix.colour if @mix.colour

        toned = shares.select(&:tone).map { |one| Colour::PaintMix::Paint.new(one.tone, one.share, one.material["tinting"]) }
        toned = toned.select { |part| part.weight.positive? }
        toned.any? ? Colour::PaintMix.colour(toned) : largest.colour
      end

      # @return [Array<Hash>] shares of volume of what has to be bought, mixes within it taken apart
      def parts
        stuff.flat_map do |one|
          inner = one.material["parts"] or next [{ "material" => one.key, "colour" => one.colour, "share" => one.share }]
          inner.map { |part| part.merge("share" => part["share"] * one.share) }
        end
      end
    end
  end
end
