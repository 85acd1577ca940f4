# frozen_string_literal: true

module GreenPlinth
  module Rules
    # Scattering, flooding, spraying, grassing and sanding reach farther than where they are done.
    class MessyBeforeClear < Rule
      code "order/messy_before_clear"
      strength :advice
      why "grains, fibres, dust and mist fly all over the base"
      binds :anything
      wait :handle

      private

      # Within one pile the maker says; what is masked is safe.
      def first?(work) = work.does?("messy") || (work.sprayed? && work.phase?(:prime, :paint, :varnish))
      def later?(work) = (clear?(work) || painted_subject?(work)) && !work.masked?(@works)
      def bound?(first, later) = first.places.any? && !same_pile?(first, later)

      def clear?(work) = work.phase?(:pour, :surface, :foam, :frames)

      # One that came painted, or is painted before it is mounted, and not one that the ground is laid round.
      def painted_subject?(work)
        return false unless work.phase?(:mount) && work.part.is_a?(Design::Subject)

        (work.part.state.trait?("finished") || work.part.unpainted?) &&
          %w[order/mount order/subject_painted_before_mount].all? { |code| @design.schools.rule?(code) }
      end
    end
  end
end
