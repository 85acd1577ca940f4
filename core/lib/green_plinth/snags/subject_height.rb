# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject that says what it stands for and is of another scale.
    class SubjectHeight < Check
      code "scale/subject_height"
      severity "advice"
      # Sculptors differ by this much before a figure looks of another scale (from memory).
      ALLOWED = 1.12

      def snags
        design.subjects.filter_map do |subject|
          thing = Scale::Things.new(catalogue)[subject["represents"]]
          height = subject["height_mm"]
          next unless thing&.measure == "height" && height&.positive?

          low, high = thing.model_mm(design.scale)
          next if height.between?(low / ALLOWED, high * ALLOWED)

          snag(subject.pointer, "#{subject.name.capitalize} is #{mm(height)} tall, #{mm(height * design.scale)} in life; #{thing.name} is " \
                                "#{mm(thing.range_mm.low)}–#{mm(thing.range_mm.high)}: it is nearer 1:#{(thing.range_mm.typical / height).round}.")
        end
      end
    end
  end
end
