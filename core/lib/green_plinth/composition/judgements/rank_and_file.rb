# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Copies of this base side by side: whether what reaches out meets the neighbour.
      class RankAndFile < Judgement
        title "In rank and file"
        how "the least distance between silhouettes of neighbours, as the bases stand side by side",
          from: "geometry; how near they catch from memory"
        weight 110
        purposes "played"
        draw_unasked
        # Silhouettes that pass nearer than this catch when a base is moved (from memory), mm.
        LEAST_MM = 1.0

        def verdict
          formation = @evaluation.formation
          return unless formation.set? && design.subjects.any?

          gap = formation.least_gap_mm
          return judged("good", "One base alone: it has no neighbours.", unit: "mm") unless gap

          judged(gap.zero? ? "trouble" : gap < LEAST_MM ? "look" : "good", sentence(formation, gap), figure: gap, unit: "mm",
            marks: marks(formation))
        end

        private

        def sentence(formation, gap)
          placed = "#{formation.rows} × #{formation.columns}, #{mm(formation.gap_mm)} apart"
          return "#{placed}: silhouettes run #{number(formation.interference_mm2)} mm² into each other." if gap.zero?

          "#{placed}: silhouettes pass at #{mm(gap)}#{gap < LEAST_MM ? ", less than 1 mm: they catch" : ""}."
        end

        def marks(formation)
          formation.neighbours.map { |offset| Mark.area(formation.foot_at(offset)) } +
            formation.neighbours.flat_map { |offset| formation.silhouettes_at(offset).map { |shape| Mark.area(shape) } } +
            interference(formation)
        end

        def interference(formation)
          return [] if formation.interference.empty?

          [Mark.area(formation.interference, "trouble", "#{number(formation.interference_mm2)} mm²")]
        end
      end
    end
  end
end
