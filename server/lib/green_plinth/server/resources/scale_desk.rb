# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The scale desk: sizes in life and in the model, as typed.
      module ScaleDesk
        def self.registered(app)
          app.helpers Table

          app.get("/api/scale") { json_body(scale_desk.to_h) }

          app.get("/api/scale/length") do
            real = length("real", "m", optional: true)
            json_body(scale_desk.length(real_mm: real, model_mm: real ? nil : length("model", "mm")))
          end

          app.get("/api/scale/check") do
            low = length("low", "mm")
            high = length("high", "mm", optional: true) || low
            json_body(scale_desk.check(packet, *[low, high].sort, represents: params["represents"]))
          end

          app.get("/api/scale/resize") { json_body(resized) }
        end

        # The desk at the scale asked for, and what is looked up at it.
        module Table
          def scale_desk = Scale::Desk.new(desk.catalogue, ratio)

          # @return [String] a kind of packet
          def packet
            known = desk.catalogue.kinds["packets"]
            return params["kind"] if known.key?(params["kind"])

            raise InvalidFile, [GreenPlinth::Problem.new("/kind", "must be one of #{known.keys.join(", ")}")]
          end

          # From another scale, or from the size of a thing in hand.
          def resized
            return scale_desk.resized(from: number("from", Helpers::Asked::RATIOS)) unless params["from"].to_s.empty?

            scale_desk.resized(real_mm: length("real", "m"), present_mm: length("present", "mm"))
          end
        end
      end
    end
  end
end
