# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject that says what it stands for and is of another scale.
    class SubjectHeight < Check
      code "scale/subject_height"
      severity "advice"
      weight 500
      # Sculptors differ by this much before a figure looks of another scale (from memory).
      ALLOWED = 1.12

      def snags
        design.subjects.filter_map do |subject|
          thing = real_thing(subject.represents)
          height = subject.height_mm
          next unless thing&.measure == "height" && height&.positive?

          low, high = thing.model_mm(design.scale)
          snag_of(subject, thing, height) unless height.between?(low / ALLOWED, high * ALLOWED)
        end
      end

      private

      def snag_of(subject, thing, height)
        tall = "#{subject.name.capitalize} is #{mm(height)} tall, #{mm(height * design.scale)} in life"
        life = "#{thing.name} is #{mm(thing.range_mm.low)}–#{mm(thing.range_mm.high)}"
        snag(subject.pointer, "#{tall}; #{life}: it is nearer 1:#{(thing.range_mm.typical / height).round}.")
          .drawn(Figure.heights(height, thing.model_mm(design.scale), subject.kind))
      end
    end
  end
end
