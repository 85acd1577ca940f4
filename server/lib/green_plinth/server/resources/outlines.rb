# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Outlines out of drawings.
      module Outlines
        def self.registered(app)
          app.post("/api/outlines") do
            drawing = body_as("SvgDrawing")
            json_body({ "points_mm" => drawing["svg"] ? Imports::SvgOutline.points(drawing["svg"]) : Imports::DxfOutline.points(drawing["dxf"]) })
          end
        end
      end
    end
  end
end
