# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Everything there is, to take away and to bring in.
      module Whole
        def self.registered(app)
          app.get("/api/everything") do
            content_type "application/zip"
            headers "Content-Disposition" => "attachment; filename=\"green-plinth-#{settings.clock.strftime("%F")}.zip\""
            Everything.new(desk).pack
          end

          app.post("/api/everything") do
            raise Refusal.new(415, "Not a zip", "Send application/zip.") unless request.media_type == "application/zip"

            json_body(Everything.new(desk).unpack(request.body.read.to_s).to_h)
          end
        end
      end
    end
  end
end
