# frozen_string_literal: true

module GreenPlinth
  class Kinds
    # The silhouette of a kind's record as rings of points: a path of M, L, Q and Z, as SVG 1.1 writes them, in a box one wide and one
    # high. What is drawn on paper wants corners.
    module Silhouette
      # Chords for each curve.
      CHORDS = 8
      TOKEN = /[MLQZ]|-?\d*\.?\d+/.freeze

      module_function

      # @param path [String]
      # @return [Array<Array<Array(Float, Float)>>]
      def rings(path)
        rings = []
        tokens = path.scan(TOKEN)
        take = ->(count) { tokens.shift(count * 2).map(&:to_f).each_slice(2).to_a }
        command = nil
        until tokens.empty?
          command = tokens.shift if tokens.first.match?(/[MLQZ]/)
          case command
          when "M" then rings << take[1]
          when "L" then rings.last.concat(take[1])
          when "Q" then rings.last.concat(curve(rings.last.last, *take[2]))
          end
        end
        rings
      end

      # A quadratic Bézier curve, without where it begins.
      def curve(from, control, to)
        (1..CHORDS).map do |step|
          t = step.to_f / CHORDS
          from.zip(control, to).map { |a, b, c| (a * ((1 - t)**2)) + (2 * b * t * (1 - t)) + (c * (t**2)) }
        end
      end
      private_class_method :curve
    end
  end
end
