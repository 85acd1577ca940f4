# frozen_string_literal: true

module GreenPlinth
  module Colour
    # The smoothest reflectance that looks like a colour: of all that sum up to its XYZ and stay within what paint reflects, the
    # one whose neighbouring bands differ least (sum of squares). Bands that overstep are held at the limit and the rest is
    # solved anew. Source: Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research and Application
    # 45 (2020).
    module Spectrum
      # What no band goes under: the least that a coat of paint reflects by its face alone (from memory). A colour that asks
      # for less keeps what is missing as its rest, see .rest.
      DARKEST = 0.01
      # How much missing the colour counts for against smoothness: next to nothing; more where the limits keep it from being met, or
      # the few bands that are free would be driven to the other limit to make up for it.
      SLACKS = [1e-9, 1e-6, 1e-5, 1e-4, 1e-3].freeze
      # What is missing then, in XYZ, is too little to be seen.
      MET = 1e-4

      KEPT = Kept.new
      private_constant :KEPT

      module_function

      # @param hex [String]
      # @return [Array<Float>] reflectances of Observer::BANDS bands, DARKEST..1
      def of(hex) = hex.downcase.then { |code| KEPT.fetch(code) { recovered(Light.xyz(code)).freeze } }

      # @return [Array(Float, Float, Float)] XYZ that the colour has beyond its spectrum: nothing, unless it is darker or purer
      #   than paint can be
      def rest(hex) = Light.xyz(hex).zip(Observer.xyz(of(hex))).map { |asked, met| asked - met }

      def recovered(xyz)
        found = SLACKS.lazy.map { |slack| within(xyz, slack) }
        found.find { |bands| missing(xyz, bands) < MET } || found.min_by { |bands| missing(xyz, bands) }
      end
      private_class_method :recovered

      def missing(xyz, bands) = xyz.zip(Observer.xyz(bands)).map { |asked, met| (asked - met).abs }.max
      private_class_method :missing

      def within(xyz, slack)
        held = {}
        loop do
          bands = solve(xyz, held, slack)
          over = bands.each_index.reject { |band| held.key?(band) || bands[band].between?(DARKEST, 1.0) }
          return bands if over.empty?

          over.each { |band| held[band] = bands[band].clamp(DARKEST, 1.0) }
        end
      end
      private_class_method :within

      # With λ for each of X, Y and Z: bands = A⁻¹(b + Tᵀλ), where A are the squared slopes of the bands that are free, and b
      # what those that are held bring into them.
      def solve(xyz, held, slack)
        free = (0...Observer::BANDS).reject { |band| held.key?(band) }
        return (0...Observer::BANDS).map { |band| held[band] } if free.empty?

        rows = Observer::ROWS.map { |row| row.values_at(*free) }
        slopes = Smoothness.new(free, held)
        base = slopes.solve(slopes.brought)
        ways = rows.map { |row| slopes.solve(row) }
        lacking = xyz.each_index.map { |i| xyz[i] - held.sum { |band, value| Observer::ROWS[i][band] * value } - dot(rows[i], base) }
        factors = factors(rows.map { |row| ways.map { |way| dot(row, way) } }, lacking, slack)
        found = free.each_index.to_h { |at| [free[at], base[at] + factors.each_index.sum { |i| factors[i] * ways[i][at] }] }
        (0...Observer::BANDS).map { |band| held[band] || found[band] }
      end
      private_class_method :solve

      def factors(square, lacking, slack)
        eased = square.each_with_index.map { |row, i| row.each_with_index.map { |value, j| i == j ? value + slack : value } }
        Matrix.rows(eased).lup.solve(Vector.elements(lacking)).to_a
      end
      private_class_method :factors

      def dot(one, other) = one.zip(other).sum { |a, b| a * b }
      private_class_method :dot

      # The squared slopes between neighbouring bands as a system of equations: each free band stands in it with its neighbours
      # alone, so that it is solved from one end to the other (Thomas's elimination).
      class Smoothness
        # Keeps the system solvable while no band is held; far too little to be seen.
        EASE = 1e-6

        # @param free [Array<Integer>] bands, ascending
        # @param held [Hash{Integer => Float}]
        def initialize(free, held)
          @free = free
          @held = held
          @diagonal = free.map { |band| neighbours(band).size + EASE }
          @beside = free.each_cons(2).map { |one, other| other == one + 1 ? -1.0 : 0.0 }
        end

        # @return [Array<Float>]
        def brought = @free.map { |band| neighbours(band).sum { |near| @held[near] || 0.0 } }

        # @param right [Array<Float>]
        # @return [Array<Float>]
        def solve(right)
          diagonal = @diagonal.dup
          value = right.dup
          (1...value.size).each do |i|
            share = @beside[i - 1] / diagonal[i - 1]
            diagonal[i] -= share * @beside[i - 1]
            value[i] -= share * value[i - 1]
          end
          (value.size - 1).downto(0) { |i| value[i] = (value[i] - ((@beside[i] || 0.0) * (value[i + 1] || 0.0))) / diagonal[i] }
          value
        end

        private

        def neighbours(band) = [band - 1, band + 1].select { |near| near.between?(0, Observer::BANDS - 1) }
      end
      private_constant :Smoothness
    end
  end
end
