# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Changes to a build: patches, undo, redo, each based on a version. Answers with the build as it then is, or with what is
      # different of what the page was told last.
      module Changes
        def self.registered(app)
          app.patch("/api/builds/:id") do
            edit = body_as("Edit")
            desk.change(id_in_path, edit["version"], edit["label"], edit["patch"], edit["id"])
            shown(edit)
          end

          %w[undo redo].each do |move|
            app.post("/api/builds/:id/#{move}") do
              at = body_as("Move")
              desk.public_send(move, id_in_path, at["version"])
              shown(at)
            end
          end
          app.helpers Shown
        end

        # How a build is answered with after a change.
        module Shown
          # @param asked [Hash] "sections", where to cut, and "since", the name of what the page was told last
          def shown(asked)
            told(asked["since"], desk.show(build, asked["sections"]))
          end
        end
      end
    end
  end
end
