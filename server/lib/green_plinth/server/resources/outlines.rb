# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Outlines out of drawings.
      module Outlines
        def self.registered(app)
          app.post("/api/outlines") { json_body({ "points_mm" => Formats::SvgOutline.points(body_as("SvgDrawing")["svg"]) }) }
        end
      end
    end
  end
end
