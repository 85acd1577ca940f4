# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # The bulk of a base: its relief, where water runs, the solid, sheets and templates to cut.
      module Shaping
        # Sheets that an edge skin is cut from where the maker says nothing, mm: A4 (ISO 216).
        BOARD_MM = [297.0, 210.0].freeze

        def self.registered(app)
          app.helpers Sheets

          app.get("/api/builds/:id/relief") do
            interval = params["interval"].to_s.empty? ? nil : number("interval", 0.1..200)
            json_body(desk.evaluate(desk.find(build_id).file).relief_told(interval))
          end

          app.get("/api/builds/:id/drainage") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            run = Water::Drainage.new(evaluation.terrain).from([number("x", -10_000..10_000), number("y", -10_000..10_000)])
            raise InvalidFile, [GreenPlinth::Problem.new("/x", "lies off the base: ask at a point on its top")] unless run

            json_body(run.to_h)
          end

          app.get("/api/builds/:id/solid") do
            build = desk.find(build_id)
            json_body((params["at"].to_s.empty? ? desk.evaluate(build.file) : desk.standing(build, moment_of(params["at"]))).solid_told)
          end

          app.get("/api/builds/:id/templates") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            json_body({ "pieces" => evaluation.templates.map(&:to_h), "sheets" => Templates::CuttingPlan.new(evaluation.templates, desk.catalogue, evaluation.design.copies).to_a,
                        "edge_skin" => evaluation.edge_skin.to_h(BOARD_MM), "materials" => Balance::ByMaterial.new(evaluation).lines.map(&:to_h) })
          end

          app.get("/api/sheets") { json_body(stacks(material_of("material"), number("height", 0.1..2000))) }

          app.post("/api/builds/:id/slices") do
            asked = body_as("Slices")
            json_body(slice_mound(desk.find(build_id).file, asked["form"], asked["sheet_mm"]))
          end

          app.post("/api/builds/:id/height-map") { json_body(slice_map(desk.find(build_id).file, body_as("HeightMap"))) }
        end

        # Sheets out of heights, and changes of the file that lay them.
        module Sheets
          def material_of(name)
            desk.catalogue[params[name]] || raise(InvalidFile,
              [GreenPlinth::Problem.new("/#{name}", "#{params[name].to_s[0, 40]} is not in the catalogue")])
          end

          def stacks(material, height)
            stack = Relief::SheetStack.new(material.stock_mm || [])
            { "stock_mm" => material.stock_mm || [], "nearest" => stack.nearest(height)&.to_h, "fewest" => stack.fewest(height)&.to_h }
          end

          def slice_mound(file, index, sheet_mm)
            form = Formats::PlinthFile.new(desk.catalogue).build(file).forms[index]
            raise InvalidFile, [GreenPlinth::Problem.new("/form", "there is no mound at this place among the forms")] unless form&.kind == "mound"

            slicing = Relief::Slicing.new(sheet_mm)
            lifts = slicing.lifts(slicing.mound(form), form.material, form.name)
            patch = [{ "op" => "remove", "path" => form.pointer }] + lifts.each_with_index.map { |lift, i|
 { "op" => "add", "path" => "/forms/#{index + i}", "value" => { "id" => "#{form.id[0, 30]}-#{i + 1}" }.merge(lift) } }
            { "slices" => lifts.size, "patch" => patch }
          end

          def slice_map(file, asked)
            design = Formats::PlinthFile.new(desk.catalogue).build(file)
            bulk = desk.evaluate(file).bulk
            field = Formats::HeightMap.read(decoded(asked["data"])).fitted(bulk.grid, asked["height_mm"])
            slicing = Relief::Slicing.new(asked["sheet_mm"])
            lifts = slicing.lifts(slicing.field(field, bulk.grid, Plan::Outline.polygon(design.plinth.top_outline)), asked["material"], "map")
            forms = lifts.zip(design.fresh_ids("map").first(lifts.size)).map { |lift, id| { "id" => id }.merge(lift) }
            patch = file["forms"] ? forms.map { |form|
 { "op" => "add", "path" => "/forms/-", "value" => form } } : [{ "op" => "add", "path" => "/forms", "value" => forms }]
            { "slices" => lifts.size, "patch" => patch }
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
