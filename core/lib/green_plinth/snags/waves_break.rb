# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Waves steeper than water can stand: they would have broken.
    class WavesBreak < Check
      code "water/waves_break"
      severity "advice"
      weight 471

      def snags = design.waters.filter_map { |water| judged(water, @evaluation.spots.sea(water)) }

      private

      # Where they break over ground they may be as steep as they like.
      def judged(water, sea)
        return unless sea.any? && sea.steepness > Seas::GravityWaves::BREAKS_AT && !water.surface.trait?("broken")

        least = (sea.height_mm / Seas::GravityWaves::BREAKS_AT).ceil
        message = "Waves #{mm(sea.height_mm)} high on a length of #{mm(sea.length_mm)} are steeper than 1 in 7: at sea they would have " \
                  "broken. #{mm(least)} from crest to crest is the least."
        snag("#{water.pointer}/waves", message,
          Fix.new("draw them out to #{mm(usual(sea))}", [length(water, usual(sea))]))
          .drawn(Figure.measure(sea.length_mm, "mm", least: least))
      end

      def usual(sea) = (sea.height_mm / Seas::Sea::STEEPNESS[1]).round
      def length(water, value) = { "op" => "add", "path" => "#{water.pointer}/waves/length_mm", "value" => value }
    end
  end
end
