# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How much of the plan its own mirror image covers again.
      class Mirror < Judgement
        title "Mirror symmetry"
        how "the area of the parts that their mirror image covers again ÷ the area of the parts",
          from: "geometry; how alike is too alike from memory"
        weight 60
        purposes "staged"
        # Above this the two halves read as one cut-out (from memory), percent.
        ALIKE_PCT = 70

        def verdict
          share = layout.symmetry_pct or return
          alike = share > ALIKE_PCT
          judged(alike ? "look" : "good",
            "Folded left on right, #{number(share)} % of what stands there falls on itself#{alike ? ": shift or turn one side" : ""}.",
            figure: share, unit: "%",
            marks: [Mark.line([[0, box[1]], [0, box[3]]]), *(alike ? layout.mirrored.map { |area| Mark.area(area, "trouble") } : [])])
        end
      end
    end
  end
end
