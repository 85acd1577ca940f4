# frozen_string_literal: true

module GreenPlinth
  module Bench
    # What was worked on in this sitting and nobody has said yet how much of it was used: each material with the amount that was
    # reckoned, and others to choose from by a tap.
    class UsedHere
      # Of what was reckoned.
      SHARES = [0.5, 0.75, 1.0, 1.25, 1.5, 2.0].freeze

      # Sheets are counted when they are bought: what is cut from them is drawn on the templates.
      CUT = %w[mm2 cm2].freeze
      private_constant :CUT

      # @param evaluation [Evaluation]
      # @param log [Events::Log]
      # @param steps [Array<Steps::Step>] of this sitting
      def initialize(evaluation, log, steps)
        @evaluation = evaluation
        @log = log
        @steps = steps
      end

      # @return [Array<Hash>] JSON-ready: step, title, and its materials with amount, unit and choices
      def to_a
        @steps.filter_map do |step|
          takes = taken(step)
          { "step" => step.id, "title" => step.title, "takes" => takes } if takes.any?
        end
      end

      private

      def taken(step)
        rows = (@evaluation.takes[step.id] || []).select { |_, _, amount, unit| amount&.positive? && !CUT.include?(unit) }
        together = rows.group_by { |row| row.values_at(0, 1, 3) }.transform_values { |list| list.sum { |row| row[2] } }
        together.reject { |(material, colour, _), _| said?(step, material, colour) }.map do |(material, colour, unit), amount|
          { "material" => material, "name" => @evaluation.catalogue.name(material), "colour" => colour, "amount" => rounded(amount),
            "unit" => unit, "choices" => choices(amount, unit) }
        end
      end

      # Pieces come whole.
      def choices(amount, unit)
        SHARES.map { |share| unit == "piece" ? (amount * share).round : rounded(amount * share) }.select(&:positive?).uniq
      end

      def said?(step, material, colour)
        told.any? do |event|
          event.step == step.id && event.data["material"] == material && event.data["colour"]&.downcase == colour&.downcase
        end
      end

      # Up to the last time that the step came off.
      def told
        @told ||= @log.events.each_with_object([]) do |event, list|
          list << event if event.kind == "used" && event.data["amount"]
          list.reject! { |other| [event.step, *event.data["off"]].include?(other.step) } if event.kind == "redone"
        end
      end

      # To two digits: nobody measures more finely at the bench.
      def rounded(amount) = amount.round(1 - Math.log10(amount).floor)
    end
  end
end
