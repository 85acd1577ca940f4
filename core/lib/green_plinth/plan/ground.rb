# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Who owns which part of the plinth's top: a later zone takes its area from earlier ones, 'rest' is the whole top
    # before they take theirs, and where no zone lies the forms are bare.
    class Ground
      attr_reader :top, :foot

      # @param plinth [Design::Plinth]
      # @param zones [Array<Design::Zone>]
      # @param memo [Memo] keeps what each zone came to, so that a change to one leaves those that it does not reach alone
      def initialize(plinth, zones, memo = Memo.new)
        @foot = plinth.area
        @top = plinth.top
        @areas = kept(plinth, zones, memo)
      end

      # @return [RGeo geometry] what the zone at this index keeps, within the top; may be empty
      def area(index) = @areas[index]

      def areas = @areas

      private

      def kept(plinth, zones, memo)
        wholes = zones.map { |zone| zone.rest? ? top : zone.area }
        takers = Array.new(zones.size) { [] }
        Geos.meeting(wholes.map { |whole| Geos.bounds(whole) }).each { |under, over| takers[under] << over }
        plinth, *outlines = [plinth.data, *zones.map(&:outline)].map { |data| Memo.digest(data) }
        zones.each_index.map do |index|
          over = takers[index].sort
          memo.fetch(:zone_area, plinth, *outlines.values_at(index, *over)) {
 less(wholes[index].intersection(top), wholes.values_at(*over)) }
        end
      end

      def less(whole, taken) = taken.empty? ? whole : whole.difference(Geos.union(taken))
    end
  end
end
