# frozen_string_literal: true

module GreenPlinth
  module Stores
    # One entry of the stores: packs of one material, or of a paint in one colour, of one size.
    class Jar
      # Days in a mean month of the Gregorian calendar: 146,097 days in 4,800 months.
      MONTH_DAYS = 146_097 / 4800.0
      # As full packs as these; less is low.
      LOW = 0.25
      # That long before it is over it is said.
      SOON_DAYS = 30

      attr_reader :id, :data

      # @param id [Object] that it is known by
      # @param data [Hash] as a stores file has it
      # @param catalogue [Catalogue]
      def initialize(id, data, catalogue)
        @id = id
        @data = data
        @catalogue = catalogue
      end

      def material = @catalogue[data["material"]]
      def colour = data["colour"]&.downcase

      # @return [Array(String, String)] what is the same thing: the material, and its colour where it has one
      def key = [data["material"], colour]

      def name = data["name"] || @catalogue.name(data["material"])
      def pack = data["pack"]
      def unit = data["unit"]
      def full = data["full"] || 0

      # @return [Boolean] whether one is open
      def open? = !data["opened_on"].nil? || !data["open"].nil?

      # @return [Float, nil] what is in the open one; nil where none is open or nobody knows
      def open_left = data["open"]

      # @return [Float] what is certainly there, in its unit
      def left = ((full * pack) + (open_left || 0)).to_f

      # @return [Float, nil] 0..1 of the open one; nil where nobody knows
      def level = open_left && (open_left / pack.to_f).clamp(0.0, 1.0)

      def empty? = left.zero? && !(open? && open_left.nil?)

      # @return [Integer, nil] minor units of money for one pack: as paid, else as is usual
      def price_minor
        data["price_minor"] || usual_price
      end

      # @return [Date, nil] when it is over: the open one, else the full ones; nil where nobody knows
      def over_on = [open? ? after("opened_on", "open") : nil, full.positive? ? after("bought_on", "closed") : nil].compact.min

      # @param today [Date]
      def old?(today) = !over_on.nil? && over_on <= today

      # @param today [Date]
      def soon_old?(today) = !old?(today) && !over_on.nil? && (over_on - today).to_i <= SOON_DAYS

      # @return [Boolean] whether there is little of it: no full pack, and the open one nearly empty
      def low? = full.zero? && !(open? && open_left.nil?) && left < pack * LOW

      # @return [Float, nil] months, as its maker says or as is usual; nil where nobody knows
      def keeps(state) = data.dig("keeps_months", state) || material&.[]("keeps_months")&.[](state)

      private

      def after(since, state)
        day, months = data[since], keeps(state)
        day && months && (Date.iso8601(day) + (months * MONTH_DAYS).round)
      end

      # Where the pack is another one than the usual one its price is not known.
      def usual_price
        usual = material&.pack or return
        usual["price_minor"] if unit == usual["unit"] && (pack == usual["amount"] || usual["size_mm"])
      end
    end
  end
end
