# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # Waters: how far they reach, what is laid on them and where, and hulls under way.
    module Afloat
      # @return [Array<Waters::Pool>]
      def pools
        part(:pools, WET, hulls.map(&:data)) { Waters::Pouring.pools(flooded, terrain, hulls) }
      end

      # @return [Waters::Spots] where on waters courses lie
      def spots = part(:spots, [*BASE, "features", "scale", "wind"], hulls.map(&:data)) { Waters::Spots.new(design, ground.top) }

      # @return [Waters::DepthTones] what a water looks like from above
      def depth_tones(pool) = Waters::DepthTones.new(pool, Waters::DepthTones.ground_of(pool, design, ground))

      # @return [Array<Seas::Track>] hulls under way
      def tracks = part(:tracks, SAILED) { Seas::Track.all(design, ground.top) }

      # @param pool [Waters::Pool]
      # @return [Float, nil] mm, the highest level at which it stays where it is drawn; nil where none does
      def holding_level(pool)
        part(:holding, WET, pool.id) { Waters::Holding.level(pool, terrain, design.plinth.lip_mm) }
      end

      private

      # Of the subjects only what lies in water: moving a figure leaves waters alone.
      def hulls = design.subjects.select(&:set_in_water?)

      # @return [Array<Array>] each water with what Flood found of it
      def flooded = part(:flooded, WET) { Waters::Pouring.flooded(design.waters, terrain, design.plinth.lip_mm) }
    end
  end
end
