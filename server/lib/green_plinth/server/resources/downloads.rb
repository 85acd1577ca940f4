# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # A build as a file to take away: whatever the core can write.
      module Downloads
        def self.registered(app)
          app.helpers Written

          app.get("/api/builds/:id/export.:format") do
            export = Exports::Export.of(params["format"]) or raise Refusal.not_found("export as #{params["format"].to_s[0, 20]}")

            next as_it_is(export) if export == Exports::PlinthJson

            # UIDs carry the build's id: taking a calendar in again updates the same events.
            bytes = export.new(evaluation, key: "build-#{build.id}", at: settings.clock.to_i / 60, paper: paper(export),
              link: link, currency: desk.preferences["currency"],
              photographs: desk.pictures_of_the_work(build, export.photographs)).write
            attach(export, file_name(evaluation.design.title))
            bytes
          end
        end

        # What the file is called, and the paper that ?page= names.
        module Written
          def file_name(title)
            title.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-+|-+\z/, "")[0, 60].then { |name| name.empty? ? "build" : name }
          end

          # The file as it is kept, whether or not it can be opened.
          def as_it_is(export)
            attach(export, file_name(build.file["title"].to_s))
            Files::PlinthFile.text(desk.written(build))
          end

          def attach(export, name)
            content_type export.type, **(export.binary? ? {} : { charset: "utf-8" })
            headers "Content-Disposition" => "attachment; filename=\"#{name}#{export.ending}\"",
              "Content-Security-Policy" => "default-src 'none'; sandbox"
          end

          # Leads a camera to the build, by the address that this page was asked for under.
          def link = RQRCode::QRCode.new("#{request.base_url}/builds/#{build.id}").modules

          def paper(export)
            page = params["page"] or return
            return page if export.papers.include?(page) || export.papers.empty?

            raise InvalidFile, [GreenPlinth::Problem.new("/page", "must be one of #{export.papers.join(", ")}")]
          end
        end
      end
    end
  end
end
