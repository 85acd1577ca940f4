# frozen_string_literal: true

require "zip"

module GreenPlinth
  module Server
    module Resources
      # What really was: of one build, as a page, a drawing and files to keep; and found again over all of them.
      module Daybook
        # As long as what is looked for may be.
        MOST_SEARCHED = 120

        def self.registered(app)
          app.helpers Written

          app.get("/api/builds/:id/daybook") { json_body(story.to_h) }

          app.get("/api/builds/:id/daybook.svg") do
            content_type "image/svg+xml"
            headers "Content-Security-Policy" => "default-src 'none'; sandbox"
            GreenPlinth::Daybook::TimelineSvg.new(story, dark: params["theme"] == "dark").to_s
          end

          app.get("/api/builds/:id/daybook.html") do
            kept("html", "text/html")
            GreenPlinth::Daybook::Html.new(story, desk.all_pictures(build), money).to_s
          end

          app.get("/api/builds/:id/daybook.zip") do
            kept("zip", "application/zip")
            zipped(GreenPlinth::Daybook::Markdown.new(story, desk.all_pictures(build), money).files)
          end

          app.get("/api/daybook") do
            json_body({ "found" => desk.remembered(params["search"].to_s.strip[0, MOST_SEARCHED]) })
          end
        end

        # Files of a story.
        module Written
          def story = @story ||= desk.story(build)

          # In the currency that the maker chose.
          def money = Quantities::Money.new(desk.preferences["currency"] || "EUR", desk.catalogue).method(:words)

          def kept(ending, type)
            content_type type, **(ending == "html" ? { charset: "utf-8" } : {})
            name = file_name(story.title)
            headers "Content-Disposition" => "attachment; filename=\"#{name}-daybook.#{ending}\"",
              "Content-Security-Policy" => "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox"
          end

          def zipped(files)
            Zip::OutputStream.write_buffer do |zip|
              files.each do |name, bytes|
                zip.put_next_entry(name)
                zip.write(bytes)
              end
            end.string
          end
        end
      end
    end
  end
end
