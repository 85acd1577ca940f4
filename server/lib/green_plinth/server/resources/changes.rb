# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Changes to a build: patches, undo, redo, each based on a version. Answers with the build as it then is.
      module Changes
        def self.registered(app)
          app.patch("/api/builds/:id") do
            edit = body_as("Edit")
            desk.change(build_id, edit["version"], edit["label"], edit["patch"])
            json_body(desk.show(desk.find(build_id), edit["sections"]))
          end

          %w[undo redo].each do |move|
            app.post("/api/builds/:id/#{move}") do
              at = body_as("Move")
              desk.public_send(move, build_id, at["version"])
              json_body(desk.show(desk.find(build_id), at["sections"]))
            end
          end
        end
      end
    end
  end
end
