# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The scale desk: sizes in life and in the model, as typed.
      module ScaleDesk
        def self.registered(app)
          app.helpers Typed

          app.get("/api/scale") { json_body(scale_desk.to_h) }

          app.get("/api/scale/length") do
            real = typed("real", "m", optional: true)
            json_body(scale_desk.length(real_mm: real, model_mm: real ? nil : typed("model", "mm")))
          end

          app.get("/api/scale/check") do
            low = typed("low", "mm")
            high = typed("high", "mm", optional: true) || low
            json_body(scale_desk.check(kind, *[low, high].sort, represents: params["represents"]))
          end

          app.get("/api/scale/resize") do
            percent = params["from"].to_s.empty? ? scale_desk.resize_to_pct(real_mm: typed("real", "m"),
              present_mm: typed("present", "mm")) : scale_desk.resize_pct(from: number("from", 0.1..2000))
            json_body({ "percent" => percent.round(2) })
          end
        end

        # Lengths and kinds out of the query.
        module Typed
          # A kilometre and a hair's breadth, mm.
          LENGTHS = (0.001..1e6)

          def scale_desk = Scale::Desk.new(desk.catalogue, ratio)

          def kind
            return params["kind"] if Scale::Desk::KINDS.key?(params["kind"])

            raise InvalidFile, [GreenPlinth::Problem.new("/kind", "must be one of #{Scale::Desk::KINDS.keys.join(", ")}")]
          end

          # @param unit [String] of a bare number
          # @return [Float, nil] mm; raises InvalidFile
          def typed(name, unit, optional: false)
            return if optional && params[name].to_s.strip.empty?

            value = Scale::Length.parse(params[name].to_s[0, 60], unit)
            return value if value && LENGTHS.cover?(value)

            raise InvalidFile, [GreenPlinth::Problem.new("/#{name}", "must be a length, like 4.2 m, 13 ft 9 in or 3/8 in")]
          end
        end
      end
    end
  end
end
