# frozen_string_literal: true

module GreenPlinth
  module Imports
    # The closed subpaths of SVG path data as rings of points. Source: SVG 1.1, chapter 8 (paths), and appendix F.6
    # for arcs.
    class SvgPath
      ARGUMENTS = { "M" => 2, "L" => 2, "H" => 1, "V" => 1, "C" => 6, "S" => 4, "Q" => 4, "T" => 2, "A" => 7, "Z" => 0 }.freeze
      TOKENS = /([MLHVCSQTAZmlhvcsqtaz])|([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)/

      # @param data [String] of the `d` attribute
      # @param chords [Integer] for each curve
      def initialize(data, chords)
        @tokens = data.scan(TOKENS)
        @chords = chords
      end

      # @return [Array<Array<Array(Float, Float)>>]
      def rings
        @rings = []
        @ring = []
        @at = [0.0, 0.0]
        each_command { |command, values| draw(command, values) }
        @rings << @ring
        @rings.select { |ring| ring.size >= 3 }
      end

      private

      def each_command
        command = nil
        until @tokens.empty?
          letter, = @tokens.first
          command = letter if letter && @tokens.shift
          return if command.nil?

          count = ARGUMENTS.fetch(command.upcase)
          values = @tokens.shift(count).map { |_, number| number&.to_f }
          return if values.size < count || values.include?(nil)

          yield command, values
          # Numbers that follow a move are lines; after a close there may be none.
          command = { "M" => "L", "m" => "l" }.fetch(command, command)
          return if count.zero? && @tokens.first && @tokens.first[0].nil?
        end
      end

      def draw(command, values)
        name = command.upcase
        values = absolute(name, values) if command != name
        send(:"draw_#{name.downcase}", values)
        @last = name
      end

      def absolute(name, values)
        case name
        when "H" then [values[0] + @at[0]]
        when "V" then [values[0] + @at[1]]
        when "A" then values[0, 5] + [values[5] + @at[0], values[6] + @at[1]]
        else values.each_with_index.map { |value, index| value + @at[index % 2] }
        end
      end

      def draw_m(to)
        @rings << @ring
        @ring = [to]
        @at = @start = to
      end

      def draw_l(to) = go(to)
      def draw_h((x)) = go([x, @at[1]])
      def draw_v((y)) = go([@at[0], y])

      def draw_z(_values)
        @at = @start || @at
      end

      def draw_c((x1, y1, x2, y2, x, y))
        curve([@at, [x1, y1], [x2, y2], [x, y]])
        @handle = [x2, y2]
      end

      def draw_s((x2, y2, x, y)) = draw_c([*mirrored(%w[C S]), x2, y2, x, y])

      def draw_q((x1, y1, x, y))
        curve([@at, [x1, y1], [x, y]])
        @handle = [x1, y1]
      end

      def draw_t((x, y)) = draw_q([*mirrored(%w[Q T]), x, y])

      def mirrored(after) = after.include?(@last) ? [(2 * @at[0]) - @handle[0], (2 * @at[1]) - @handle[1]] : @at

      def go(to)
        @ring << to
        @at = to
      end

      # De Casteljau, at even steps.
      def curve(points)
        (1..@chords).each do |i|
          t = i / @chords.to_f
          left = points
          left = left.each_cons(2).map { |a, b| [0, 1].map { |k| a[k] + ((b[k] - a[k]) * t) } } while left.size > 1
          @ring << left.first
        end
        @at = points.last
      end

      # SVG 1.1, F.6.5: from end points to the middle of the ellipse.
      def draw_a((rx, ry, turn, large, sweep, x, y))
        rx, ry = rx.abs, ry.abs
        return go([x, y]) if rx.zero? || ry.zero? || @at == [x, y]

        cos, sin = Math.cos(turn * Math::PI / 180), Math.sin(turn * Math::PI / 180)
        dx, dy = (@at[0] - x) / 2, (@at[1] - y) / 2
        x1, y1 = (cos * dx) + (sin * dy), (cos * dy) - (sin * dx)
        grow = Math.sqrt([((x1 / rx)**2) + ((y1 / ry)**2), 1].max)
        rx, ry = rx * grow, ry * grow
        share = [(((rx * ry)**2) - ((rx * y1)**2) - ((ry * x1)**2)) / (((rx * y1)**2) + ((ry * x1)**2)), 0].max
        factor = Math.sqrt(share) * (large.zero? == sweep.zero? ? -1 : 1)
        cx, cy = factor * rx * y1 / ry, -factor * ry * x1 / rx
        from = Math.atan2((y1 - cy) / ry, (x1 - cx) / rx)
        span = (Math.atan2((-y1 - cy) / ry, (-x1 - cx) / rx) - from) % (2 * Math::PI)
        span -= 2 * Math::PI if sweep.zero?
        middle = [(cos * cx) - (sin * cy) + ((@at[0] + x) / 2), (sin * cx) + (cos * cy) + ((@at[1] + y) / 2)]
        (1..@chords).each do |i|
          angle = from + (span * i / @chords)
          px, py = rx * Math.cos(angle), ry * Math.sin(angle)
          @ring << [middle[0] + (cos * px) - (sin * py), middle[1] + (sin * px) + (cos * py)]
        end
        @at = [x, y]
      end
    end
  end
end
