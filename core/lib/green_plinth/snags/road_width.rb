# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A road too wide or too narrow for what it stands for.
    class RoadWidth < Check
      code "scale/road_width"
      severity "spoils"
      # Off by less than this nobody sees it (from memory).
      ALLOWED = 1.1

      def snags
        (design.features + design.zones).select { |part| part.outline && part.outline["kind"] == "strip" }.filter_map { |part| judged(part) }
      end

      private

      def judged(part)
        thing = Scale::Things.new(catalogue)[part["represents"]]
        return unless thing&.measure == "width"

        width = part.outline["width_mm"]
        low, high = thing.model_mm(design.scale)
        return if width.between?(low / ALLOWED, high * ALLOWED)

        right = (thing.range_mm.typical / design.scale).round(1)
        snag("#{part.pointer}/outline", "#{part.name.capitalize} is #{mm(width)} wide, #{Scale::Length.metric(width * design.scale)} in life; #{thing.name} is " \
                                        "#{Scale::Length.metric(thing.range_mm.low)} to #{Scale::Length.metric(thing.range_mm.high)}.", put("make it #{mm(right)} wide", "#{part.pointer}/outline/width_mm", right))
      end
    end
  end
end
