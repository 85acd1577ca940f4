# frozen_string_literal: true

module GreenPlinth
  module Composition
    # A bank of torn cork over the back third of a base, as a fix.
    class RaisedBack
      # @param back [RGeo geometry] the back third
      def initialize(design, back)
        @design = design
        @ring = Plan::Geos.rings(back.simplify(0.5)).first
      end

      # @param high_mm [Float]
      # @return [Fix, nil]
      def fix(high_mm)
        height = high_mm.round
        Fix.new("raise the back third by #{format("%g", height)} mm of cork", [@design.append("forms", form(height))]) if @ring
      end

      private

      def form(height)
        kinds = @design.kinds
        { "id" => @design.fresh_ids("bank").first, "name" => "raised back", "kind" => kinds.form("lift").key,
          "material" => kinds.work("bank", "material"), "sheet_mm" => [height, 1].max, "sheets" => 1,
          "edge" => { "kind" => kinds.with("edges", "ragged").key, "run_mm" => (height / 2.0).round(1) },
          "outline" => { "kind" => "polygon", "points_mm" => @ring[0..-2].map { |x, y| [x.round(1), y.round(1)] } } }
      end
    end
  end
end
