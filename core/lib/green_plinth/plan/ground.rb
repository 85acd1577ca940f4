# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Who owns which part of the plinth's top: a later zone takes its area from earlier ones, 'rest' is the whole top
    # before they take theirs, and where no zone lies the forms are bare.
    class Ground
      attr_reader :top, :foot

      # @param plinth [Design::Plinth]
      # @param zones [Array<Design::Zone>]
      def initialize(plinth, zones)
        @foot = plinth.area
        @top = plinth.top
        @areas = take(zones)
      end

      # @return [RGeo geometry] what the zone at this index keeps, within the top; may be empty
      def area(index) = @areas[index]

      def areas = @areas

      private

      def take(zones)
        taken = nil
        zones.reverse.map do |zone|
          whole = zone.rest? ? top : zone.area.intersection(top)
          kept = taken ? whole.difference(taken) : whole
          taken = taken ? taken.union(whole) : whole
          kept
        end.reverse
      end
    end
  end
end
