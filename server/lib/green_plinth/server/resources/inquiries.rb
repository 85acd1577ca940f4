# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Heavy questions while they are answered elsewhere: how far each has come, and that nobody waits for it any more.
      module Inquiries
        def self.registered(app)
          app.get("/api/inquiries/:id") { json_body(desk.inquiry(id_in_path("question")).to_h) }

          app.delete("/api/inquiries/:id") do
            desk.drop_inquiry(id_in_path("question"))
            status 204
          end
        end
      end
    end
  end
end
