# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Will the base swallow what stands on it, or the other way about?
      class Presence < Judgement
        title "Presence on the base"
        how "the footprints of the subjects ÷ the area of the top",
          from: "shares by purpose, from memory"
        weight 10

        # Beyond these another plinth is another build.
        FACTORS = (0.6..1.7)

        def verdict
          return if design.subjects.empty?

          low, usual, high = design.purpose["shares_pct"]
          return unknown(share) unless low

          judged(off? ? "look" : "good", sentence(share, low, usual, high), figure: share, unit: "%",
            marks: design.subjects.map { |subject| Mark.area(subject.footprint_area) }, fixes: sizes)
        end

        # @return [Float] percent of the top
        def share = layout.share_pct

        # @return [Boolean] whether the subjects swamp the base or are lost on it, where a usual share is known
        def off?
          low, _, high = design.purpose["shares_pct"]
          !low.nil? && design.subjects.any? && !share.between?(low, high)
        end

        # @return [Array<Fix>] other sizes of the plinth that suit better: this one's shape, and a common size
        def sizes
          return [] unless off?

          usual = design.purpose["shares_pct"][1]
          [resized(share, usual), other_size(share, usual)].compact
        end

        private

        # The same shape, larger or smaller, to the nearest 5 mm.
        def resized(share, usual)
          outline = design.plinth.outline
          keys = %w[diameter_mm width_mm depth_mm].select { |key| outline.key?(key) }
          return if keys.empty? || outline["kind"] == "strip" || design.plinth.bevelled?

          factor = Math.sqrt(share / usual)
          return unless FACTORS.cover?(factor)

          sizes = keys.to_h { |key| [key, [(outline[key] * factor / 5).round * 5, 10].max] }
          return unless grounded?(Plan::Outline.polygon(outline.merge(sizes)))

          Fix.new("make the plinth #{sizes.values.map { |size| number(size) }.join(" × ")} mm",
            sizes.map { |key, size| { "op" => "replace", "path" => "/plinth/outline/#{key}", "value" => size } })
        end

        def unknown(share)
          judged("unknown", "The subjects stand on #{number(share)} % of the top. For this purpose there is no usual share.", figure: share,
            unit: "%")
        end

        def sentence(share, low, usual, high)
          span = "#{design.purpose.name} usually has #{low}–#{high} %, about #{usual} %"
          word = share < low ? "they are lost on it" : share > high ? "they swamp it" : "the base carries them"
          "The subjects stand on #{number(share)} % of the top: #{word}. A #{span}."
        end

        # The common size of the same shape whose share comes nearest to the usual one, where it is nearer than this one.
        def other_size(share, usual)
          top = Plan::Geos.area(@evaluation.ground.top)
          best = candidates.min_by { |size| (Math.log((share * top / Plan::Outline.polygon(size["outline"]).area) / usual)).abs }
          return unless best

          outline = best["outline"]
          other = share * top / Plan::Outline.polygon(outline).area
          return if Math.log(other / usual).abs >= Math.log(share / usual).abs - 0.01

          Fix.new("take #{best["label"]}: #{number(other)} %", replaced(outline))
        end

        # A smaller top of its own goes with the old size.
        def replaced(outline)
          patch = [{ "op" => "add", "path" => "/plinth/outline", "value" => outline }]
          design.plinth.bevelled? ? patch + [{ "op" => "remove", "path" => "/plinth/top_outline" }] : patch
        end

        # Common sizes of this shape for this purpose that the subjects fit on, and that all ground has a part of.
        def candidates
          outline = design.plinth.outline
          catalogue.sizes["plinths"].select do |size|
            size["outline"]["kind"] == outline["kind"] && size["outline"] != outline && holds?(size["outline"])
          end
        end

        # Ground that lies beside the plinth is refused.
        def grounded?(shape)
          design.zones.reject(&:rest?).all? { |zone| Plan::Geos.area(zone.area.intersection(shape)).positive? }
        end

        def holds?(outline)
          shape = Plan::Outline.polygon(outline)
          design.subjects.all? { |subject| Plan::Geos.area(subject.footprint_area.difference(shape)) < 0.5 } && grounded?(shape)
        end
      end
    end
  end
end
