# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Further bodies come to their places when all else is done.
      module BodyWorks
        private

        def joined(body)
          technique = @catalogue.technique(body.how["technique"]) or return

          add(technique, body, id: "#{body.id}/place", amount: 1, places: [Places::PLINTH],
            laid: Laid.new(material_key: technique.glue), uses: @dose.held(technique, 0, 1, 0, glue: technique.glue))
        end
      end
    end
  end
end
