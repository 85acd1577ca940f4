# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Whether the ground under each subject is level enough to stand on.
      class StandingRoom < Judgement
        title "Room for the feet"
        how "the highest − the lowest ground under a subject's feet, against what its mount takes up",
          from: "the relief; what a mount takes up from memory"
        weight 100

        # Looked at by a snag too: once for both.
        def self.of(evaluation) = evaluation.standing_room

        def verdict
          return if tilts.empty?

          subject, worst = tilts.max_by { |one, uneven| uneven / footing.allowed_mm(one) }
          judged(footing.level?(subject) ? "good" : "trouble", sentence(subject, worst), figure: worst, unit: "mm",
            marks: tilts.flat_map { |one, uneven| marks(one, uneven) }, fixes: uneven.map { |one, _| levelled(one) })
        end

        # @return [Array<Array(Design::Subject, Float)>] those that do not stand level, with mm of difference under them
        def uneven = tilts.reject { |subject, _| footing.level?(subject) }

        # @return [Fix, nil]
        def levelled(subject)
          @levelled ||= {}
          @levelled[subject.pointer] ||= [move(subject, footing.level_spot(subject), "to level ground")]
          @levelled[subject.pointer].first
        end

        private

        def tilts
          @tilts ||= design.standing.filter_map { |subject| footing.uneven_mm(subject)&.then { |uneven| [subject, uneven] } }
        end

        def footing = @footing ||= @evaluation.footing

        def sentence(subject, worst)
          return "Every subject has level ground under it, within #{mm(worst)}." if footing.level?(subject)

          "Under #{subject.name} the ground differs by #{mm(worst)}: it will rock or stand on its edge."
        end

        def marks(subject, uneven)
          tone = footing.level?(subject) ? "good" : "trouble"
          [Mark.area(subject.footprint_area, tone), Mark.point(subject.at_mm, tone, "±#{number(uneven / 2)} mm")]
        end
      end
    end
  end
end
