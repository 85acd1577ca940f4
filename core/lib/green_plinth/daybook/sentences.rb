# frozen_string_literal: true

module GreenPlinth
  module Daybook
    # What is told of a day, a line for each thing: the same words in every file that is written of a story.
    class Sentences
      KINDS = { "redone" => "Done again", "skipped" => "Left out", "seen_dry" => "Found dry", "still_wet" => "Still wet", "noted" => "Note",
                "pictured" => "Photograph", "measured" => "Measured", "used" => "Used" }.freeze

      # @param story [Story]
      # @param money [#call] minor units → words
      def initialize(story, money)
        @story = story
        @money = money
      end

      # @return [String] the whole in a few words
      def summary
        from, to = @story.span
        return "Nothing has been begun yet." unless from

        parts = ["#{Moment.words(from)} to #{Moment.words(to)}", "#{Moment.span(@story.hands_on_min)} at the bench, as far as it was timed",
                 "#{@money.call(@story.spent_minor)} of material"]
        again = @story.went.sum(&:redos)
        parts << "#{again} #{again == 1 ? "step" : "steps"} done again" if again.positive?
        "#{parts.join("; ")}."
      end

      # @return [String] without its time
      def line(one) = one.is_a?(Story::Went) ? went(one) : told(one)

      # @return [Integer] minute
      def at(one) = one.is_a?(Story::Went) ? one.finished : one.at

      private

      def went(one)
        return "#{one.title}: left out." if one.skipped

        parts = []
        parts << "#{Moment.span(one.spent_min)} of work, #{Moment.span(one.planned_min)} planned" if one.spent_min && one.planned_min
        parts << dried(one) if one.dry && one.foretold_min.to_i.positive?
        parts << shifted(one) if one.planned_start && one.begun
        "#{one.title}#{": #{parts.compact.join("; ")}" if parts.compact.any?}."
      end

      def dried(one) = "dry after #{Moment.span(one.dry - one.finished)}, #{Moment.span(one.foretold_min)} foretold"

      # More than a sitting away from the first plan.
      def shifted(one)
        by = one.begun - one.planned_start
        return if by.abs < Moment::DAY / 2

        "#{Moment.span(by.abs)} #{by.positive? ? "later" : "sooner"} than first planned"
      end

      def told(one) = [KINDS.fetch(one.kind), one.title, one.text].compact.join(": ").then { |text| "#{text}." }
    end
  end
end
