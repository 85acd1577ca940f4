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
      # @param unit [String] "mm", "mm²", "g", "g/mm²", "%", "°C", "×", "min", or "minor": hundredths of the maker's money
      # @param least [Numeric, nil] nil: however little
      # @param most [Numeric, nil] nil: however much; one of the two is said
      def measure(own, unit, least: nil, most: nil)
        { "kind" => "measure", "own" => own.to_f.round(3), "unit" => unit, "least" => least&.to_f&.round(3),
          "most" => most&.to_f&.round(3) }
      end

      # A way that climbs so much, where so much is the most; both in mm for each 100 mm of way.
      def climb(own, most) = { "kind" => "climb", "own_pct" => own.to_f.round(2), "most_pct" => most.to_f.round(2) }

      # Layers that lie one over another, and the two that do not go together; what lies between those is left out.
      # @param stack [Array<Array(String, String)>] name and colour of each, from below; colour nil where it is not known
      # @param low [Integer] which of them is the lower of the two
      # @param high [Integer] which is the upper
      def layers(stack, low, high)
        shown = [low - 1, low, high, high + 1].select { |at| at.between?(0, stack.size - 1) }
        { "kind" => "layers", "layers" => shown.map { |at| { "name" => stack[at].first, "colour" => stack[at].last } },
          "low" => shown.index(low), "high" => shown.index(high) }
      end

      # Tones as they end, and those that would do instead.
      # @param own [Array<Array(String, String)>] name and colour of each
      # @param right [Array<Array(String, String)>] none where there is no one answer
      def tones(own, right = [])
        { "kind" => "tones" }.merge({ "own" => own, "right" => right }.transform_values do |list|
          list.map { |name, colour| { "name" => name, "colour" => colour } }
        end)
      end

      # Where something streams or comes from, and where it should within so much to either side; degrees counter-clockwise from the right.
      def bearings(own, right, allowed)
        aside = ((own.to_f - right + 180) % 360) - 180
        { "kind" => "bearings", "own_deg" => own.to_f % 360, "right_deg" => right.to_f % 360, "aside_deg" => aside.abs,
          "allowed_deg" => allowed.to_f }
      end

      # A layer as thick as this, where so much is the most.
      def layer(own, most) = { "kind" => "layer", "own_mm" => own.to_f, "most_mm" => most.to_f }
    end
  end
end
