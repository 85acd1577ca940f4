# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject parallel to the plinth's edge looks like goods on a shelf.
    class SquareToEdge < Check
      code "composition/square_to_edge"
      severity "advice"
      weight 490

      def snags
        return [] unless design.purpose.trait?("staged")

        judgement = Composition::Judgements::EdgeAngle.of(@evaluation)
        judgement.square.map do |subject, angle|
          snag(subject.pointer,
            "#{subject.name.capitalize} stands #{number(angle)}° off the edge, as good as square to it: it reads like a shop display.",
            judgement.canted(subject))
        end
      end
    end
  end
end
