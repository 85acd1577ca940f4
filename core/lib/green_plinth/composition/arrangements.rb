# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Other ways to place the subjects: turns and shifts that score better, found by trying, the same for the same seed.
    # What is set in water stays: its opening is cut for it.
    class Arrangements
      # Starts of the search, and tries from each.
      STARTS = 5
      TRIES = 80
      # Better by less than this is not worth lifting a finger, points of 100.
      LEAST_GAIN = 1.0
      # Alike if no subject is farther apart than this share of the longer side, nor turned by more.
      ALIKE = 0.06
      ALIKE_DEG = 12

      Arrangement = Struct.new(:label, :patch, :score, :before, :changes, keyword_init: true) do
        def to_h = { "label" => label, "patch" => patch, "score" => score.round(1), "before" => before.round(1), "changes" => changes }
      end
      Stance = Struct.new(:x, :y, :turn)
      private_constant :Stance

      # @param evaluation [Evaluation]
      # @param seed [Integer]
      # @param progress [#call, nil] told how many searches of how many are made
      def initialize(evaluation, seed:, progress: nil)
        @evaluation = evaluation
        @design = evaluation.design
        @random = Random.new(seed)
        @progress = progress
        @movable = @design.subjects.each_index.reject { |index| @design.subjects[index].set_in_water? }
      end

      # @param count [Integer] at most so many
      # @return [Array<Arrangement>] the best first; none where nothing better was found
      def call(count = 3)
        return [] if @movable.empty?

        climbed = Array.new(STARTS) { |start| climb(start.zero? ? now : shaken).tap { @progress&.call(start + 1, STARTS) } }
        better = climbed.select { |_, score| score >= before + LEAST_GAIN }.sort_by { |_, score| -score }
        distinct(better).first(count).map.with_index(1) { |(places, score), number| arrangement(places, score, number) }
      end

      private

      def setting = @setting ||= Score::Setting.of(@evaluation)
      def before = @before ||= score(now)
      def now = @now ||= @design.subjects.map { |subject| Stance.new(*subject.at_mm, subject.turn_deg).freeze }
      def reach = @reach ||= Plan::Geos.bounds(@evaluation.ground.foot).then { |x0, y0, x1, y1| [x1 - x0, y1 - y0].max }

      # Uphill from a start.
      def climb(places)
        best = score(places)
        TRIES.times do |try|
          other = nudged(places, 1 - (try / TRIES.to_f))
          value = score(other, floor: best)
          places, best = other, value if value > best
        end
        [places, best]
      end

      def shaken = @movable.reduce(now) { |places, index| moved(places, index, 0.12, 30) }
      def nudged(places, heat) = moved(places, @movable.sample(random: @random), 0.02 + (0.12 * heat), 4 + (30 * heat))

      # One subject shifted or turned, on half millimetres and whole degrees.
      def moved(places, index, share, degrees)
        place = places[index]
        by = -> { (@random.rand - 0.5) * 2 * share * reach }
        turn = (place.turn + ((@random.rand - 0.5) * 2 * degrees)).round % 360
        places.dup.tap { |others| others[index] = Stance.new(half(place.x + by.call), half(place.y + by.call), turn.to_f).freeze }
      end

      def half(value) = (value * 2).round / 2.0

      def score(places, **options) = scored(places).total(**options)

      def scored(places)
        subjects = @design.member("subjects").zip(places)
          .map { |data, place| data.merge("at_mm" => [place.x, place.y], "turn_deg" => place.turn) }
        Score.new(@design.with("subjects", subjects), setting)
      end

      def patch(places)
        places.each_with_index.reject { |place, index| place == now[index] }.flat_map do |place, index|
          pointer = @design.subjects[index].pointer
          [{ "op" => "add", "path" => "#{pointer}/at_mm", "value" => [place.x, place.y] },
            { "op" => "add", "path" => "#{pointer}/turn_deg", "value" => place.turn }]
        end
      end

      def distinct(found)
        found.each_with_object([]) { |candidate, kept| kept << candidate if kept.none? { |other| alike?(candidate.first, other.first) } }
      end

      def alike?(one, other)
        one.zip(other).all? do |a, b|
          Math.hypot(a.x - b.x, a.y - b.y) <= ALIKE * reach && [(a.turn - b.turn).abs, 360 - (a.turn - b.turn).abs].min <= ALIKE_DEG
        end
      end

      def arrangement(places, score, number)
        Arrangement.new(label: "Arrangement #{number}", patch: patch(places), score: score, before: before,
          changes: changes(scored(places).figures))
      end

      # Figures a maker knows, and whether more of them is better.
      FIGURES = { thirds: ["mm to a third", false], angle: ["° off the edge", nil], seen: ["% of the least seen", true],
                  uneven: ["mm uneven underfoot", false] }.freeze
      private_constant :FIGURES

      # @return [Array<Hash>] text and whether it is for the better (nil: neither)
      def changes(after)
        was = scored(now).figures
        FIGURES.filter_map do |key, (words, more)|
          from, to = was[key], after[key]
          next if from.nil? || to.nil? || (from - to).abs < 0.5

          { "text" => "#{format("%g", from.round(1))} → #{format("%g", to.round(1))} #{words}",
            "better" => more.nil? ? nil : (to > from) == more }
        end
      end
    end
  end
end
