# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What forecasts have learnt: looked at, switched off, forgotten.
      module Learnt
        def self.registered(app)
          app.get("/api/learnt") do
            json_body(desk.workshop.factors.map { |one| one.to_h.transform_keys(&:to_s).merge("value" => one.value.round(3)) })
          end

          app.put("/api/learnt/:key") do
            desk.switch_learnt(params["key"].to_s, body_as("LearntSwitch")["off"])
            status 204
          end

          app.delete("/api/learnt/:key") do
            desk.forget_learnt(params["key"].to_s, this_instant)
            status 204
          end
        end
      end
    end
  end
end
