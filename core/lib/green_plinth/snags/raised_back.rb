# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A bank of torn cork over the back third of a base, as a fix.
    class RaisedBack
      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @design = evaluation.design
        @ring = Plan::Geos.rings(evaluation.heights.back.simplify(0.5)).first
      end

      # @param id [String] that no part has
      # @return [Hash, nil] the form, as the file has it
      def form(id, height)
        return unless @ring

        kinds = @design.kinds
        { "id" => id, "name" => "raised back", "kind" => kinds.form("lift").key, "material" => kinds.work("bank", "material"),
          "sheet_mm" => [height, 1].max, "sheets" => 1,
          "edge" => { "kind" => kinds.with("edges", "ragged").key, "run_mm" => (height / 2.0).round(1) },
          "outline" => { "kind" => "polygon", "points_mm" => @ring[0..-2].map { |x, y| [x.round(1), y.round(1)] } } }
      end
    end
  end
end
