# frozen_string_literal: true

module GreenPlinth
  module Composition
    # One way of looking at how a base is composed. Subclasses are one small file each in judgements/: they say their
    # title, for which purposes they are made, and answer with a figure, a sentence and the strokes that show it.
    # They advise; what must be mended is a snag, which asks the judgement of the same thing and offers the same fix.
    class Judgement
      extend Registered
      include Fixing
      found_in Judgements

      # verdict: "good", "look" (worth a second look), "trouble", "unknown". figure: nil where it is not known.
      Verdict = Struct.new(:key, :title, :verdict, :figure, :unit, :sentence, :marks, :fixes, keyword_init: true) do
        def to_h
          { "key" => key, "title" => title, "verdict" => verdict, "figure" => figure&.round(2), "unit" => unit, "sentence" => sentence,
            "marks" => marks.map(&:to_h), "fixes" => fixes.map(&:to_h) }
        end
      end

      class << self
        # Declares or reads what it is called on the screen.
        def title(value = nil) = value ? @title = value : @title

        # Declares how its figure is worked out, in words, and where that is from.
        def how(words, from:) = @how = { formula: words, source: from }.freeze

        # @return [Hash] formula, source
        def worked_out = @how

        # Declares or reads the trait of the purposes it is made for; nil: of all.
        def purposes(trait = nil) = trait ? @purposes = trait : @purposes

        # Declares that its strokes are drawn without being asked for.
        def draw_unasked = @drawn_unasked = true
        def drawn_unasked? = @drawn_unasked || false

        # @param purpose [Kinds::Kind]
        def made_for?(purpose) = purposes.nil? || purpose.trait?(purposes)

        # @param evaluation [Evaluation]
        # @return [Array<Verdict>] of those made for the purpose that have something to look at, in the order in which a maker looks
        def verdicts(evaluation)
          all.select { |judgement| judgement.made_for?(evaluation.design.purpose) }
            .filter_map { |judgement| judgement.looked(evaluation) }
        end

        # @return [Verdict, nil] its verdict; that it cannot be said where it breaks down
        def looked(evaluation) = Failures.guard("the judgement #{code}", missing) { of(evaluation).verdict }

        # @return [Verdict] that it cannot be said
        def missing
          Verdict.new(key: code, title: title, verdict: "unknown", sentence: "It broke down here; the program's log says more.", marks: [],
            fixes: [])
        end

        # @param evaluation [Evaluation]
        # @return [Judgement]
        def of(evaluation) = new(evaluation)

        # @return [String] e.g. "dead_centre"
        def code = name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, "_").downcase
      end

      def initialize(evaluation)
        @evaluation = evaluation
      end

      # @return [Verdict, nil] nil where there is nothing to judge
      def verdict = raise(NotImplementedError)

      private

      def design = @evaluation.design
      def catalogue = @evaluation.catalogue
      def layout = @evaluation.layout
      def eye = @evaluation.eye

      def judged(verdict, sentence, figure: nil, unit: nil, marks: [], fixes: [])
        Verdict.new(key: self.class.code, title: self.class.title, verdict: verdict, figure: figure, unit: unit, sentence: sentence,
          marks: marks, fixes: fixes.compact)
      end

      # The subject that is looked at first; a single one is, whether or not the file says so.
      def focal = @focal ||= design.subjects.find(&:focal?) || (design.subjects.first if design.subjects.size == 1)

      # @return [Array(Float, Float, Float, Float)] of the plinth, mm
      def box = @box ||= Plan::Geos.bounds(@evaluation.ground.foot)

      def longer_side = [box[2] - box[0], box[3] - box[1]].max
    end
  end
end
