# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # A build as a file to take away.
      module Exports
        TYPES = { "json" => "application/json", "ics" => "text/calendar", "csv" => "text/csv", "svg" => "image/svg+xml",
                  "pdf" => "application/pdf", "dxf" => "image/vnd.dxf", "stl" => "model/stl", "cut-svg" => "image/svg+xml" }.freeze
        BINARY = %w[pdf stl].freeze

        def self.registered(app)
          app.helpers Written

          app.get("/api/builds/:id/export.:format") do
            format = params["format"]
            raise Problem.not_found("export as #{format.to_s[0, 20]}") unless TYPES.key?(format)

            build = desk.find(build_id)
            bytes = public_send(:"write_#{format.tr("-", "_")}", build, desk.evaluate(build.file))
            content_type TYPES.fetch(format), **(BINARY.include?(format) ? {} : { charset: "utf-8" })
            headers "Content-Disposition" => "attachment; filename=\"#{file_name(build)}#{format == "cut-svg" ? "-templates.svg" : ".#{format}"}\"",
              "Content-Security-Policy" => "default-src 'none'; sandbox"
            bytes
          end
        end

        # One method for each format.
        module Written
          def file_name(build)
            build.file["title"].downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-+|-+\z/, "")[0, 60].then { |name| name.empty? ? "build" : name }
          end
          def write_json(build, _evaluation) = JSON.pretty_generate(build.file)
          def write_csv(_build, evaluation) = Formats::ShoppingCsv.write(evaluation)
          def write_svg(_build, evaluation) = Formats::PlanSvg.new(evaluation).write

          def write_dxf(_build, evaluation) = Formats::TemplateDxf.new(evaluation.templates).write
          def write_cut_svg(build, evaluation) = Formats::TemplateSvg.new(evaluation.templates, build.file["title"]).write
          def write_stl(build, evaluation) = Formats::Stl.write(evaluation.mesh, build.file["title"])

          # On the paper that ?page= names.
          def write_pdf(build, evaluation)
            page = params["page"] || "a4"
            raise InvalidFile, [GreenPlinth::Problem.new("/page", "must be one of #{Formats::TemplatePdf::PAGES.keys.join(", ")}")] unless Formats::TemplatePdf::PAGES.key?(page)

            Formats::TemplatePdf.new(evaluation.templates, build.file["title"], page: page).write
          end

          # UIDs carry the build's id: taking the file in again updates the same events.
          def write_ics(build, evaluation)
            Formats::CalendarIcs.new(evaluation, key: "build-#{build.id}", stamp: settings.clock.to_i / 60).write
          end
        end
      end
    end
  end
end
