# frozen_string_literal: true

module GreenPlinth
  module Templates
    # The skin of the plinth's side, unrolled: strips with the ground's own upper edge, each with an overlap to glue by, one over the
    # other on as few sheets of paper as they fit.
    class EdgeStrips
      # What printers leave of a sheet, across and along, mm. Source: ISO 216, A4, less a margin of 12 mm all round.
      PAPER_MM = [186.0, 273.0].freeze
      GAP_MM = 4.0

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @skin = evaluation.edge_skin
        @edged = evaluation.design.purpose.trait?("edged")
      end

      # @return [Array<Piece>] none where the side is not shown
      def all
        return [] unless @edged

        runs = @skin.pieces([PAPER_MM[0]] * 2)
        sheets = runs.each_slice([(PAPER_MM[1] / (@skin.highest_mm + GAP_MM)).floor, 1].max).to_a
        sheets.each_with_index.map do |rows, index|
          sheet(rows, sheets.one? ? "edge skin" : "edge skin, sheet #{index + 1} of #{sheets.size}")
        end
      end

      private

      def sheet(runs, name)
        rows = runs.each_with_index.map { |(from, to), index| strip(from, to, index * (@skin.highest_mm + GAP_MM)) }
        Piece.new(pointer: "/plinth", name: name, material: Patterns::PAPER, sheet_mm: nil, count: 1, cut_lines: [], glue_lines: [],
          shape: Plan::Geos.union(rows.map(&:first)), scores: rows.map(&:last), feet: [],
          note: "counter-clockwise from the middle of the front, the lowest strip first; what is beyond its score goes under the next")
      end

      # From the underside up, so far along, and where its overlap begins.
      def strip(from, to, foot)
        upper = @skin.profile.select { |along, _| along.between?(from, to) }.map { |along, up| [along - from, foot + up] }
        long, high = to - from, upper.last[1]
        far = long + Relief::EdgeSkin::SEAM_MM
        [Plan::Geos.polygon([[0.0, foot], [far, foot], [far, high], [long, high], *upper.reverse].uniq), [[long, foot], [long, high]]]
      end
    end
  end
end
