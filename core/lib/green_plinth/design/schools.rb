# frozen_string_literal: true

module GreenPlinth
  class Design
    # The maker's side where good makers disagree; what is not chosen has the trade's usual default.
    class Schools
      # @param data [Hash{String => String}] sides by school, as in the file
      # @param purpose [Kinds::Kind] of the base, which some defaults go by
      # @param schools [Hash{String => Kinds::Kind}]
      def initialize(data, purpose, schools)
        @data = data
        @purpose = purpose
        @schools = schools
      end

      # @return [String] e.g. self["greenery"] → "after_painting"
      def [](school) = @data[school] || usual(@schools.fetch(school))

      # @return [Hash] the record of the side taken
      def side(school) = @schools.fetch(school)["sides"].fetch(self[school])

      # @return [Hash{String => String}] the side taken in every school
      def to_h = @schools.keys.to_h { |school| [school, self[school]] }

      # Rules that belong to a school hold only on the sides that name them; all others always.
      # @param code [String] of a rule
      def rule?(code) = !disputed.include?(code) || held.include?(code)

      private

      def usual(school) = school["usual_for"]&.fetch(@purpose.key, nil) || school["usual_side"]

      def disputed
        @disputed ||= @schools.each_value.flat_map { |school| school["sides"].each_value.flat_map { |side| side["rules"] || [] } }
      end
      def held = @held ||= @schools.keys.flat_map { |school| side(school)["rules"] || [] }
    end
  end
end
