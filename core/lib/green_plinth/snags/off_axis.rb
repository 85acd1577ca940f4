# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A floating top whose mass lies beside the axis: it hangs askew and wobbles.
    class OffAxis < Check
      code "balance/off_axis"
      severity "spoils"
      weight 330

      def snags
        return [] unless design.purpose.trait?("floats")

        floating = @evaluation.floating
        off = floating.off_axis_mm
        return [] if off.nil? || off <= floating.off_axis_limit_mm

        limit = mm(floating.off_axis_limit_mm)
        [snag("/plinth", "What floats has its middle #{mm(off)} off the axis, where #{limit} hang level: imbalance makes it wobble.",
          countered(floating)).drawn(Figure.measure(off, "mm", most: floating.off_axis_limit_mm))]
      end

      private

      # The heaviest subject that can stand where it brings the centre back.
      def countered(floating)
        x, y, = floating.centre
        ax, ay = floating.axis
        weights = floating.hovering.empty? ? design.subjects : floating.hovering
        weights.select { |subject| subject.mass_g&.positive? }.sort_by { |subject| -subject.mass_g }.each do |subject|
          share = floating.load_g / subject.mass_g
          at = [subject.at_mm[0] + ((ax - x) * share), subject.at_mm[1] + ((ay - y) * share)].map { |value| value.round(1) }
          on_top = @evaluation.ground.top.contains?(subject.moved_to(at).footprint_area)
          return put("move #{subject.name} to bring it back", "#{subject.pointer}/at_mm", at) if on_top
        end
        nil
      end
    end
  end
end
