# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The built pages. Every path that is no file and no API is the application's, which reads it itself.
      module Pages
        TYPES = { ".js" => "text/javascript", ".css" => "text/css", ".svg" => "image/svg+xml", ".woff2" => "font/woff2",
                  ".woff" => "font/woff", ".png" => "image/png" }.freeze
        POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-%<nonce>s'; " \
                 "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; " \
                 "worker-src 'self'; form-action 'none'; base-uri 'none'; frame-ancestors 'none'"

        def self.registered(app)
          app.get("/assets/:name") do
            path = File.join(PAGES, "assets", File.basename(params["name"]))
            raise Sinatra::NotFound unless File.file?(path)

            headers "Cache-Control" => "public, max-age=31536000, immutable"
            content_type TYPES.fetch(File.extname(path), "application/octet-stream")
            send_file path, disposition: nil, type: response["Content-Type"]
          end

          # It asks for nothing but what this server has, and is looked at anew each time.
          app.get("/service-worker.js") do
            path = File.join(PAGES, "service-worker.js")
            raise Sinatra::NotFound unless File.file?(path)

            headers "Cache-Control" => "no-cache", "Content-Security-Policy" => "default-src 'none'; connect-src 'self'; script-src 'self'"
            send_file path, disposition: nil, type: TYPES[".js"]
          end

          app.get("*") do
            raise Sinatra::NotFound if request.path_info.start_with?("/api/")

            page = File.join(PAGES, "index.html")
            raise Refusal.new(503, "No pages", "The pages are not built yet: run bin/start.") unless File.file?(page)

            nonce = SecureRandom.base64(16)
            headers "Content-Security-Policy" => format(POLICY, nonce: nonce)
            content_type "text/html"
            File.read(page).gsub("__NONCE__", nonce)
          end
        end
      end
    end
  end
end
