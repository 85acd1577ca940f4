# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The bulk: sheets stacked, solids shaped, fillers laid, recesses cut, all of it sealed.
      module FormWorks
        # Carved away when a solid is shaped from loose stock (typical, from memory).
        SHAPING_WASTE = 1.15

        private

        def form(form, index)
          stratum = @terrain.bulk.strata[index]
          return if stratum.area_mm2.zero?

          dm2 = stratum.area_mm2 / DM2
          send(:"form_#{form.kind}", form, stratum, dm2, ["forms", index])
          (form["seal"] || []).each_with_index { |key, coat| seal(form, key, coat, dm2, ["forms", index + 0.1 + (coat * 0.01)]) }
        end

        def form_lift(form, stratum, dm2, stack)
          material = @catalogue[form.material]
          technique = material&.sets? ? material.technique : sheet_technique(material)
          technique_data = @catalogue.technique(technique)
          if material&.sets?
            body(form, material, technique, stratum, dm2, stack)
          else
            uses = [Quantities::Use.new(material: form.material, amount: stratum.area_mm2 * form.sheets, unit: "mm2", pieces: pieces(form, stratum))]
            uses += @dose.held(technique_data, dm2 * form.sheets, 1, 0, glue: form.glue || technique_data.glue)
            add(technique, form, id: "#{form.id}/stack", amount: dm2 * form.sheets, material: form.material, glue: form.glue, stack: stack,
              uses: uses.select(&:material), ground: porous_shut(technique_data, material))
          end
        end

        # Glue between boards dries from the edges; under cork it leaves through the sheet.
        def porous_shut(technique, material) = technique.shut? ? :shut : (:absorbent if material&.trait?("porous"))

        def sheet_technique(material)
          key = material&.technique
          @catalogue.technique(key)&.phase == :bulk ? key : "stack_sheet"
        end

        def pieces(form, stratum)
          return [] unless form.material

          min_x, min_y, max_x, max_y = Plan::Geos.bounds(area_of(form))
          [{ width: max_x - min_x, depth: max_y - min_y, sheet_mm: form.sheet_mm, count: form.sheets, area: stratum.area_mm2 }]
        end

        def body(form, material, technique, stratum, dm2, stack)
          thick = stratum.volume_mm3 / stratum.area_mm2
          add(technique, form, id: "#{form.id}/lay", amount: dm2, material: material.key, thickness: thick, stack: stack,
            uses: [@dose.body(material, stratum.volume_mm3)])
        end

        def form_cut(form, _stratum, dm2, stack)
          add("cut_recess", form, id: "#{form.id}/cut", amount: dm2, stack: stack)
        end

        def form_skim(form, stratum, dm2, stack)
          return if stratum.volume_mm3 < 1

          material = @catalogue[form.material]
          return shaped(form, "shape_ramp", stratum, dm2, stack) unless material&.sets?

          body(form, material, "skim_paste", stratum, dm2, stack)
        end

        def form_ramp(form, stratum, dm2, stack) = solid(form, "shape_ramp", stratum, dm2, stack)
        def form_mound(form, stratum, dm2, stack) = solid(form, "shape_mound", stratum, dm2, stack)

        def solid(form, technique, stratum, dm2, stack)
          material = @catalogue[form.material]
          return body(form, material, material.technique, stratum, dm2, stack) if material&.sets?

          shaped(form, technique, stratum, dm2, stack)
        end

        def shaped(form, technique, stratum, dm2, stack)
          uses = form.material ? [stock(form, stratum)] : []
          add(technique, form, id: "#{form.id}/shape", amount: dm2, material: form.material, glue: form.glue, stack: stack,
            uses: uses + @dose.held(@catalogue.technique(technique), dm2, 1, 0, glue: form.glue || "wood_glue"))
        end

        # What a solid is shaped from: boards stacked to its height where the material comes in sheets, else its volume.
        def stock(form, stratum)
          material = @catalogue[form.material]
          return Quantities::Use.new(material: form.material, amount: stratum.volume_mm3 / 1000 * SHAPING_WASTE,
            unit: "ml") unless material&.pack&.key?("size_mm")

          height = [stratum.tallest_mm, 0.1].max
          sheet = (material.stock_mm || [height]).then { |stock| stock.select { |mm| mm >= height }.min || stock.max }
          count = (height / sheet).ceil
          min_x, min_y, max_x, max_y = Plan::Geos.bounds(area_of(form))
          piece = { width: max_x - min_x, depth: max_y - min_y, sheet_mm: sheet, count: count, area: stratum.area_mm2 }
          Quantities::Use.new(material: form.material, amount: stratum.area_mm2 * count, unit: "mm2", pieces: [piece])
        end

        def seal(form, key, coat, dm2, stack)
          material = @catalogue[key]
          use = Quantities::Use.new(material: key, amount: material && (dm2 * DM2 * (material.reference_mm || 0.1) / (1 - material.shrinkage) / 1000),
            unit: "ml")
          add("seal_foam", form, id: "#{form.id}/seal-#{coat + 1}", amount: dm2, material: key, stack: stack, uses: [use])
        end
      end
    end
  end
end
