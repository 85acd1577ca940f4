# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A culvert, or a room in the base, whose crown stands out of the ground that it goes through.
    class CulvertBare < Check
      code "relief/culvert_bare"
      severity "spoils"
      weight 82
      # Ground left over a crown, mm (from memory): less breaks away.
      OVER_MM = 1.0

      def snags
        design.forms.select(&:bore?).reject { |form| lifted_off?(form) }.filter_map do |form|
          ground = terrain.height_at(*form.middle) or next
          crown = form.crown_height_mm
          next if ground >= crown + OVER_MM

          least = ground - OVER_MM - form.invert_mm
          snag(form.pointer,
            "#{form.name.capitalize} is open to #{mm(crown)}, and the ground over it is only #{mm(ground)} high: it has no roof.",
            least >= LEAST_MM ? put("make it #{mm(least.floor(1))} high", "#{form.pointer}/clear_mm", least.floor(1)) : nil,
            take_out("take it out", form.pointer)).drawn(Figure.measure([ground - crown, 0].max, "mm", least: OVER_MM))
        end
      end

      # What is taken off to reach it is its roof.
      def lifted_off?(form) = form.cavity? && !form.open_below?

      # Lower is no way for water, mm.
      LEAST_MM = 1.0
      private_constant :LEAST_MM
    end
  end
end
