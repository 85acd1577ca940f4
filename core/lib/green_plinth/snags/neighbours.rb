# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Silhouettes that run into those of the bases beside and behind, in rank and file.
    class Neighbours < Check
      code "fit/neighbours"
      severity "spoils"
      weight 270
      # What makers leave between silhouettes (from memory), mm.
      WANTED_MM = 2.0
      MOST_GAP_MM = 20
      TURN_DEG = 5

      def snags
        formation = @evaluation.formation
        return [] unless formation.set? && design.subjects.any? && formation.least_gap_mm&.zero?

        placed = "Standing #{formation.rows} × #{formation.columns}, #{mm(formation.gap_mm)} apart"
        shared = "silhouettes share #{number(formation.interference_mm2)} mm² with a neighbour's"
        [snag("/formation", "#{placed}, #{shared}: the bases will not go together.", turned, staggered(formation), wider(formation))]
      end

      private

      def clears?(formation) = (formation.least_gap_mm || 0) >= WANTED_MM

      # All subjects by the same turn, as little as does it.
      def turned
        return if design.variants.any?

        (1..35).flat_map { |i| [i * TURN_DEG, -i * TURN_DEG] }.each do |turn|
          subjects = design.member("subjects").map { |data| data.merge("turn_deg" => ((data["turn_deg"] || 0) + turn) % 360) }
          next unless clears?(Composition::Formation.new(design.with("subjects", subjects), @evaluation.ground.foot))

          patch = subjects.each_with_index.map do |data, index|
            { "op" => "add", "path" => "/subjects/#{index}/turn_deg", "value" => data["turn_deg"] }
          end
          return Fix.new("turn #{design.subjects.size == 1 ? "it" : "them"} by #{turn}°", patch)
        end
        nil
      end

      # Every other row by half a base; no help against neighbours in the same row.
      def staggered(formation)
        return if formation.rows < 2 || (formation.columns > 1 && !clears?(formation.standing(rows: 1)))

        half = (Plan::Outline.size(design.plinth.outline)[0] + formation.gap_mm) / 2
        put("stagger the rows by #{mm(half)}", "/formation/stagger_mm", half) if clears?(formation.standing(stagger_mm: half))
      end

      def wider(formation)
        gaps = (1..(MOST_GAP_MM * 2)).map { |i| formation.gap_mm + (i / 2.0) }
        gap = gaps.find { |wide| clears?(formation.standing(gap_mm: wide)) }
        gap && put("stand them #{mm(gap)} apart", "/formation/gap_mm", gap)
      end
    end
  end
end
