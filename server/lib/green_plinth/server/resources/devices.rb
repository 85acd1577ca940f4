# frozen_string_literal: true

require "rqrcode"

module GreenPlinth
  module Server
    module Resources
      # Other devices of the local network: let in by a code that is shown here, taken away again.
      module Devices
        # px of a square of the QR code (ISO/IEC 18004).
        SQUARE = 6

        def self.registered(app)
          app.helpers Here

          app.get("/api/devices") do
            own = request.env["green_plinth.device"]&.fetch(:id)
            list = settings.store.devices.map do |row|
              { "id" => row[:id], "name" => row[:name], "paired_at" => row[:paired_at].iso8601, "seen_at" => row[:seen_at].iso8601,
                "this" => row[:id] == own }
            end
            json_body({ "lan" => addresses.any?, "addresses" => addresses, "here" => here?, "devices" => list })
          end

          # A code, good once, for five minutes; only on the machine itself.
          app.post("/api/pairings") do
            raise Refusal.new(403, "Only on the first machine", "A device is let in on the machine that it runs on.") unless here?
            raise Refusal.new(409, "Not on the network", "Start it by bin/start --lan to let other devices in.") if addresses.empty?

            code = format("%06d", SecureRandom.random_number(1_000_000))
            good_until = settings.clock + Middleware::LetsIn::GOOD_FOR
            settings.store.put_pairing(code, good_until)
            url = "#{addresses.first}/pair?code=#{code}"
            status 201
            json_body({ "code" => code, "url" => url, "good_until" => good_until.strftime("%Y-%m-%dT%H:%M"),
                        "qr" => RQRCode::QRCode.new(url).as_svg(module_size: SQUARE, use_path: true, viewbox: true, offset: 4 * SQUARE) })
          end

          app.delete("/api/devices/:id") do
            settings.store.delete_device(id_in_path("device")) or raise Refusal.not_found("device #{params["id"].to_s[0, 20]}")
            status 204
          end
        end

        # Where it is reached, and from where it is asked.
        module Here
          # @return [Array<String>] https://192.168.1.20:4568; none without --lan
          def addresses = ENV.fetch("GREEN_PLINTH_LAN", "").split(",")
          def here? = Middleware::LetsIn.here?(request.env)
        end
      end
    end
  end
end
