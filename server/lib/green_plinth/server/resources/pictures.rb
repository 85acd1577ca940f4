# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Photographs: taken in as a camera made them, given out as they are kept.
      module Pictures
        # A name that never comes to mean another picture.
        FOREVER = "private, max-age=31536000, immutable"

        # PostgreSQL's largest integer.
        MOST_NUMBER = (2**31) - 1

        def self.registered(app)
          app.get("/api/builds/:id/pictures") { json_body(desk.pictures(build)) }

          app.post("/api/builds/:id/pictures") do
            made = desk.photograph(build, request.body.read.to_s)
            status 201
            json_body(made)
          end

          # Nothing is laid yet: the page tells it as an event.
          app.post("/api/builds/:id/underlay") { json_body(desk.laid_underneath(build, body_as("UnderlayAsked"))) }

          { "picture" => false, "small-picture" => true }.each do |path, small|
            app.get("/api/builds/:id/#{path}/:picture") do
              picture = Integer(params["picture"], 10, exception: false)
              bytes = picture&.between?(1, MOST_NUMBER) && desk.picture(id_in_path, picture, small: small)
              raise Refusal.not_found("picture #{params["picture"].to_s[0, 20]}") unless bytes

              content_type "image/jpeg"
              headers "Cache-Control" => FOREVER, "Content-Security-Policy" => "default-src 'none'; sandbox"
              bytes
            end
          end
        end
      end
    end
  end
end
