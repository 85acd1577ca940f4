# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What a snag is drawn from: measures of the model, mm, beside what they should be. JSON-ready; the pages know how each kind is drawn.
    module Figure
      module_function

      # Grains from – to, those that would do, and a boot at this scale.
      # @param right [Array(Float, Float), nil] nil where nothing that is sold would do
      def grains(own, right, design)
        boot = design.kinds.work("beside_boot", "size_mm").map { |side| (side / design.scale.to_f).round(3) }
        { "kind" => "grains", "own_mm" => own.map(&:to_f), "right_mm" => right&.map(&:to_f), "boot_mm" => boot }
      end

      # Somebody as high as this, where from – to would be right.
      def heights(own, right, kind) = { "kind" => "heights", "own_mm" => own.to_f, "right_mm" => right.map(&:to_f), "of" => kind.key }

      # A base about to go over: how far its centre of mass is from the edge, how high over the bench, and at which lean it goes.
      def lean(arm, high, degrees, steady)
        { "kind" => "lean", "arm_mm" => arm.round(2), "high_mm" => high.round(2), "deg" => degrees.round(2), "steady_deg" => steady.to_f }
      end

      # Water against what should hold it, over the plinth's top face.
      # @param right [Float, nil] the level that would stay
      def level(level, edge, right)
        { "kind" => "level", "level_mm" => level.round(2), "edge_mm" => edge.round(2), "right_mm" => right&.round(2) }
      end

      # One measure beside what it should be: on a scale from nothing, what would do is a stretch of it.
      # @param unit [String] "mm", "mm²", "g", "%", "×"
      # @param least [Numeric, nil] nil: however little
      # @param most [Numeric, nil] nil: however much; one of the two is said
      def measure(own, unit, least: nil, most: nil)
        { "kind" => "measure", "own" => own.to_f.round(3), "unit" => unit, "least" => least&.to_f&.round(3),
          "most" => most&.to_f&.round(3) }
      end

      # A way that climbs so much, where so much is the most; both in mm for each 100 mm of way.
      def climb(own, most) = { "kind" => "climb", "own_pct" => own.to_f.round(2), "most_pct" => most.to_f.round(2) }

      # A layer as thick as this, where so much is the most.
      def layer(own, most) = { "kind" => "layer", "own_mm" => own.to_f, "most_mm" => most.to_f }
    end
  end
end
