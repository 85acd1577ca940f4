# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Will the base swallow what stands on it, or the other way about?
      class Presence < Judgement
        title "Presence on the base"
        weight 10

        def verdict
          return if design.subjects.empty?

          share = layout.share_pct
          low, usual, high = design.purpose["shares_pct"]
          return unknown(share) unless low

          judged(share.between?(low, high) ? "good" : "look", sentence(share, low, usual, high), figure: share, unit: "%",
            marks: design.subjects.map { |subject| Mark.area(subject.footprint_area) }, fixes: [other_size(share, usual)])
        end

        private

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

        # Common sizes of this shape for this purpose that the subjects fit on.
        def candidates
          outline = design.plinth.outline
          catalogue.sizes["plinths"].select do |size|
            size["outline"]["kind"] == outline["kind"] && size["outline"] != outline && holds?(size["outline"])
          end
        end

        def holds?(outline)
          shape = Plan::Outline.polygon(outline)
          design.subjects.all? { |subject| Plan::Geos.area(subject.footprint_area.difference(shape)) < 0.5 }
        end
      end
    end
  end
end
