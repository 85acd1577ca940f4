# frozen_string_literal: true

module GreenPlinth
  module Rules
    class LaidOn < Rule
      code "order/laid_on"
      strength :must
      why "each course lies on the one below it"
      binds :pile

      private

      # Layers of one pile, in the maker's own order; ground that a later form is laid on.
      def first?(work) = !work.stack.nil?
      def later?(work) = !work.stack.nil?

      def bound?(first, later)
        return false unless ([first.stack[1], first.coat] <=> [later.stack[1], later.coat]).negative?

        first.stack[0] != "forms" || @places.meet?(first, later)
      end

      # Marks are pressed into a soft bed; everything else waits until the course below can be worked on.
      def at_least(first, later)
        return impress_window(first)[0] if later.phase?(:impress) && later.stack[1] == first.stack[1] + 0.5
        return 0 if worked_in?(first, later) || (later.does?("on_wet") && first.bulk?)

        dried(first, waits_dry?(first, later) ? :dry : :next, later)
      end

      def at_most(first, later)
        return impress_window(first)[1] if later.phase?(:impress) && later.stack[1] == first.stack[1] + 0.5

        first.stages.open_min&.floor if worked_in?(first, later)
      end

      # Grass is worked into mud that is still wet.
      def worked_in?(first, later) = first.phase?(:wet_mud) && later.greenery? && next_in_pile?(first, later)

      def next_in_pile?(first, later)
        between = @works.select { |other| same_pile?(other, first) && other.stack[1].between?(first.stack[1], later.stack[1]) }
        (between - [first, later]).empty?
      end

      def impress_window(first)
        first.material&.windows&.fetch("impress", nil) || [0, nil]
      end

      def waits_dry?(_first, later) = later.phase?(:pour) && later.stack[1] != 0 ? false : later.phase?(:pour, :seal_bed)
    end
  end
end
