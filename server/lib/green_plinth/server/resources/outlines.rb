# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Outlines out of drawings.
      module Outlines
        def self.registered(app)
          app.post("/api/outlines") do
            drawing = body_as("SvgDrawing")
            svg, dxf = drawing.values_at("svg", "dxf")
            json_body({ "points_mm" => svg ? Imports::SvgOutline.points(svg) : Imports::DxfOutline.points(dxf) })
          end
        end
      end
    end
  end
end
