# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A mix that sets before it can be spread: mixed at once, some of it ends in the bin.
    class BatchOverWindow < Check
      code "supply/batch_over_window"
      severity "advice"
      # Trowel pace, dm² a minute (typical, from memory).
      PACE = 0.6
      # What is mixed or sets by itself; ready pastes wait in their pot.
      MIXED = %w[hydration].freeze

      def snags
        zone_courses.filter_map do |zone, course, material|
          next unless MIXED.include?(material&.mechanism) && material.open_min

          area = Plan::Geos.area(@evaluation.ground.area(design.zones.index { |one| one.pointer == zone.pointer })) / 10_000 * design.copies
          most = material.open_min.typical * PACE
          next if area <= most

          batches = (area / most).ceil
          snag(course.pointer, "#{course.name.capitalize} covers #{number(area)} dm² and sets in #{number(material.open_min.typical)} min: mix it in #{batches} batches of " \
                               "#{number(area / batches)} dm², not at once.")
        end
      end
    end
  end
end
