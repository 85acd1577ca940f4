# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Changes to a build: patches, undo, redo, each based on a version. Answers with the build as it then is.
      module Changes
        def self.registered(app)
          app.patch("/api/builds/:id") do
            edit = body_as("Edit")
            desk.change(id_in_path, edit["version"], edit["label"], edit["patch"], edit["id"])
            json_body(desk.show(build, edit["sections"]))
          end

          %w[undo redo].each do |move|
            app.post("/api/builds/:id/#{move}") do
              at = body_as("Move")
              desk.public_send(move, id_in_path, at["version"])
              json_body(desk.show(build, at["sections"]))
            end
          end
        end
      end
    end
  end
end
