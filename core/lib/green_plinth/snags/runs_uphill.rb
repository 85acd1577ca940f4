# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A stream whose surface rises on its way down.
    class RunsUphill < Check
      code "water/uphill"
      severity "spoils"
      weight 473

      def snags = design.waters.select { |water| water.fall&.uphill&.any? }.map { |water| snag_of(water) }

      private

      def snag_of(water)
        at = water.fall.uphill.first
        before, after = water.fall.marks[at - 1, 2].map(&:last)
        snag("#{water.pointer}/fall/#{at}",
          "#{water.name.capitalize} runs uphill: its surface rises from #{mm(before)} to #{mm(after)} on its way down.",
          put("let it fall all the way", "#{water.pointer}/fall", falling(water))).drawn(Figure.measure(after, "mm", most: before))
      end

      # No mark higher than the one before it.
      def falling(water)
        least = Float::INFINITY
        water.data["fall"].map { |mark| mark.merge("level_mm" => least = [least, mark["level_mm"]].min) }
      end
    end
  end
end
