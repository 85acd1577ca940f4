# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What a build may begin with: the product's own starts, or the scheme of a build on the shelf, for a scale and a base.
      module Starting
        def self.registered(app)
          app.helpers Schemes

          app.get("/api/starts") { json_body(Starts::Start.all.map { |start| start_as_data(start) }) }

          app.post("/api/starts") do
            wanted = body_as("StartWanted")
            made = made_over(*wanted.values_at("start", "build", "scale", "outline"))
            json_body({ "file" => made, "drawing" => desk.evaluate(made, nil).drawing })
          end
        end

        # Schemes, made over.
        module Schemes
          def start_as_data(start)
            { "key" => start.key, "name" => start.name, "story" => start.story, "drawing" => desk.evaluate(start.file, nil).drawing }
              .merge(start.file.slice("purpose", "scale", "plinth")).merge("copies" => start.file["copies"] || 1)
          end

          # @return [Hash] a plinth file
          def made_over(start, build, scale, outline)
            scheme = start ? Starts::Start.of(start)&.scheme : desk.find(build).file
            raise InvalidFile, [GreenPlinth::Problem.new("/start", "is none of #{Starts::Start.all.map(&:key).join(", ")}")] unless scheme

            sound(scheme, scale, outline)
            Starts::Remade.new(desk.catalogue, scheme, scale: scale, outline: outline).to_h
          end

          # What is typed is looked at before anything is made of it.
          def sound(scheme, scale, outline)
            plinth = outline ? { "outline" => outline } : scheme["plinth"]
            Files::PlinthFile.new(desk.catalogue).build("format" => Files::PlinthFile::FORMAT, "title" => "base", "scale" => scale,
              "purpose" => scheme["purpose"], "plinth" => plinth)
          end
        end
      end
    end
  end
end
