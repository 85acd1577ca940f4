# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # At the mixing cup: what a recipe comes to, what to measure, what was poured, and which paints make a tone.
      module Mixing
        def self.registered(app)
          app.helpers Stirred

          app.get("/api/recipes") { json_body(desk.catalogue.recipes.each_value.map { |recipe| recipe_as_data(recipe) }) }

          # What a recipe would be, before it is kept.
          app.post("/api/mixing/told") { json_body(told_of(recipe_of(body_as("Told")["recipe"]))) }
          app.post("/api/mixing/card") do
            json_body(card_of(body_as("CardWanted")).then { |card| card.to_h.merge("how" => card.how.to_h) })
          end
          app.post("/api/mixing/poured") { json_body(poured(body_as("Pouring"))) }
          app.post("/api/mixing/match") { json_body(matched(body_as("ToneWanted"))) }
          app.post("/api/mixing/correct") { json_body(corrected(body_as("BatchTone"))) }

          app.post("/api/mixing/sample") do
            asked = body_as("Sample")
            colour = Colour::GreyCard.corrected(*asked.values_at("tone", "card"), *asked["reflects"])
            colour or raise InvalidFile, [GreenPlinth::Problem.new("/card", "is black or burnt out there: take a spot that is grey, " \
                                                                           "in a photograph that is neither too dark nor too bright")]
            json_body({ "colour" => colour })
          end

          # How a recipe comes into a build: as the patch that copies it.
          app.get("/api/builds/:id/recipes/:key") do
            recipes = desk.catalogue.recipes
            key = params["key"].to_s[0, 60]
            raise Refusal.not_found("recipe #{key}") unless recipes.key?(key)

            material, patch = Mixes::Copied.new(build.file, recipes).of(key)
            json_body({ "material" => material, "patch" => patch })
          end
        end

        # Recipes, cards and tones as data.
        module Stirred
          # What a recipe goes by that is not kept yet.
          NEW = "new"

          def recipe_as_data(recipe)
            { "key" => recipe.id, "recipe" => recipe.data, "told" => Mixes::Told.new(recipe, desk.catalogue.stirred).to_h }
          end

          # @return [Catalogue::Recipe] valid; raises InvalidFile
          def recipe_of(data)
            file = { "format" => Files::CatalogueFile::FORMAT, "recipes" => { NEW => data } }
            found = Files::CatalogueFile.new(desk.catalogue).problems(file)
            return Catalogue::Recipe.new(NEW, data) if found.empty?

            raise InvalidFile, found.map { |one| GreenPlinth::Problem.new(one.pointer.sub("/recipes/#{NEW}", "/recipe"), one.message) }
          end

          def told_of(recipe) = Mixes::Told.new(recipe, desk.catalogue.stirred.with_mixes([recipe])).to_h

          # Of a recipe as it stands there, of one that is kept, of a product, or of a mix of a build.
          def formula(asked)
            key = asked["material"]
            if asked["recipe"]
              recipe = recipe_of(asked["recipe"])
              mixes, catalogue, key = { NEW => recipe }, desk.catalogue.stirred.with_mixes([recipe]), recipe.key
            elsif asked["build"]
              design = desk.evaluate(desk.find(asked["build"]).file, asked["build"]).design
              mixes, catalogue = design.mixes, design.catalogue
            else
              mixes, catalogue = desk.catalogue.recipes, desk.catalogue.stirred
            end
            Mixes::Formula.of(key, catalogue, mixes) ||
              raise(InvalidFile, [GreenPlinth::Problem.new("/material", "#{key} is not stirred up from parts whose ratio is known")])
          end

          def card_of(asked)
            made = formula(asked)
            part = asked["part"]
            card = if part
                     raise InvalidFile, [GreenPlinth::Problem.new("/part/index", "there are #{made.parts.size} parts")] unless
                       part["index"] < made.parts.size

                     Mixes::MixCard.turned(made, part["index"], g: part["g"]&.to_f, ml: part["ml"]&.to_f)
                   else
                     (asked["g"]&.to_f || made.grams(asked["ml"].to_f))&.then { |g| Mixes::MixCard.new(made, g) }
                   end
            card || raise(InvalidFile, [GreenPlinth::Problem.new("", "its density is not known: say it by mass")])
          end

          def poured(asked)
            card = card_of(asked)
            unless asked["poured_g"].size == card.formula.parts.size
              raise InvalidFile, [GreenPlinth::Problem.new("/poured_g", "there are #{card.formula.parts.size} parts")]
            end

            Mixes::Poured.new(card, asked["poured_g"], settled: asked["settled"] || []).to_h
          end

          def paints(list)
            list.map do |one|
              strength = one["strength"] || desk.catalogue[one["material"]]&.[]("tinting")
              Colour::PaintMix::Paint.new(one["colour"], 1.0, strength&.positive? ? strength : nil)
            end
          end

          def matched(asked)
            found = Colour::Matching.new(asked["wanted"], paints(asked["paints"])).nearest(asked["count"] || 5)
            { "found" => found.map { |one|
              { "colour" => one.colour, "difference" => one.difference.round(2), "words" => Colour::Difference.words(one.difference),
                "parts" => one.parts.map { |index, parts| { "paint" => index, "parts" => parts } } }
            } }
          end

          def corrected(asked)
            found = Colour::Correction.new(*asked.values_at("wanted", "batch"), paints(asked["paints"] || []))
            { "difference" => found.difference.round(2), "same" => found.same?,
              "add" => found.additions.map { |one|
                { "paint" => one.part, "share" => one.share, "colour" => one.colour, "difference" => one.difference.round(2) }
              } }
          end
        end
      end
    end
  end
end
