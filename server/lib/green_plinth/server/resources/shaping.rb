# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The bulk of a base: its relief, where water runs, the solid, sheets and templates to cut.
      module Shaping
        # Sheets that an edge skin is cut from where the maker says nothing, mm: A4 (ISO 216).
        BOARD_MM = [297.0, 210.0].freeze
        # Contours, places on the plan and stacks that can be asked for, mm.
        INTERVALS = (0.1..200)
        PLACES = (-10_000..10_000)
        HEIGHTS = (0.1..2000)

        def self.registered(app)
          app.helpers Sheets

          # As the build stands at a moment of its plan: what is done as it was, what is to come as it is planned.
          app.get("/api/builds/:id/standing") { json_body(desk.drawn_standing(build, moment(params["at"]), lines(params["sections"]))) }

          # How its figures come about.
          app.get("/api/builds/:id/reckonings") do
            json_body(Screens::Reckonings.new(evaluation.of(params["of"])).to_a.map(&:to_h))
          end

          app.get("/api/builds/:id/relief") do
            json_body(evaluation.of(params["of"]).relief_map(params["interval"].to_s.empty? ? nil : number("interval", INTERVALS)))
          end

          app.get("/api/builds/:id/drainage") do
            run = Waters::Drainage.new(evaluation.of(params["of"]).terrain).from(%w[x y].map { |axis| number(axis, PLACES) })
            raise InvalidFile, [GreenPlinth::Problem.new("/x", "lies off the base: ask at a point on its top")] unless run

            json_body(run.to_h)
          end

          app.get("/api/builds/:id/solid") do
            json_body((params["at"].to_s.empty? ? evaluation : desk.standing(build, moment(params["at"]))).of(params["of"]).turntable)
          end

          app.get("/api/builds/:id/templates") do
            pieces = evaluation.templates
            json_body({ "pieces" => pieces.map(&:to_h), "edge_skin" => evaluation.edge_skin.to_h(BOARD_MM),
                        "sheets" => Templates::CuttingPlan.new(pieces, desk.catalogue, evaluation.design.copies).to_a,
                        "materials" => Balance::ByMaterial.new(evaluation).lines.map(&:to_h) })
          end

          app.get("/api/sheets") { json_body(Relief::SheetStack.as_data(material_named("material"), number("height", HEIGHTS))) }

          app.post("/api/builds/:id/slices") do
            asked = body_as("Slices")
            json_body(slices(asked).of_mound(mound(asked["form"])))
          end

          app.post("/api/builds/:id/grounds") do
            asked = body_as("Grounds")
            grounds = Questions::Grounds.new(evaluation)
            json_body("patch" => asked["join"] ? grounds.joined(asked["join"]) : grounds.split(*asked.values_at("split", "along")))
          end

          app.post("/api/builds/:id/height-map") do
            asked = body_as("HeightMap")
            json_body(slices(asked).of_map(Imports::HeightMap.read(decoded(asked["data"])), asked["height_mm"], asked["material"]))
          end
        end

        # What the sheets are cut of, out of the request.
        module Sheets
          def material_named(name)
            desk.catalogue[params[name]] ||
              raise(InvalidFile, [GreenPlinth::Problem.new("/#{name}", "#{params[name].to_s[0, 40]} is not in the catalogue")])
          end

          def slices(asked) = Questions::Slices.new(evaluation, asked["sheet_mm"])

          def mound(index)
            form = evaluation.design.forms[index]
            form&.mound? ? form : raise(InvalidFile, [GreenPlinth::Problem.new("/form", "there is no mound at this place among the forms")])
          end

          def decoded(text)
            text.unpack1("m0")
          rescue ArgumentError
            raise InvalidFile, [GreenPlinth::Problem.new("/data", "must be the file in base64")]
          end
        end
      end
    end
  end
end
