# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The bulk: sheets stacked, solids shaped, fillers laid, recesses cut, all of it sealed.
      module FormWorks
        # Carved away when a solid is shaped from loose stock (typical, from memory).
        SHAPING_WASTE = 1.15
        # A skim of less than this is no work at all, mm³.
        LEAST_MM3 = 1

        private

        def form(form, index)
          stratum = @terrain.bulk.strata[index]
          return if stratum.area_mm2.zero?

          dm2 = stratum.area_mm2 / DM2
          send(:"form_#{form.shape}", form, stratum, dm2, ["forms", index])
          form.seal.each_with_index { |key, coat| seal(form, key, coat, dm2, ["forms", index + 0.1 + (coat * 0.01)]) }
        end

        def form_lift(form, stratum, dm2, stack)
          material = form.material
          return body(form, stratum, dm2, stack) if material&.sets?

          technique = sheet_technique(form)
          uses = [sheets_of(form, stratum), *@dose.held(technique, dm2 * form.sheets, 1, 0, glue: form.glue || technique.glue)]
          add(technique, form, id: "#{form.id}/stack", amount: dm2 * form.sheets, stack: stack, uses: uses.select(&:material),
            laid: Laid.new(material_key: form.material_key, glue: form.glue, ground: between(technique, material)))
        end

        # Glue between boards dries from the edges; under cork it leaves through the sheet.
        def between(technique, material) = technique.shut? ? :shut : (:absorbent if material&.trait?("porous"))

        def sheet_technique(form)
          own = @catalogue.technique(form.material&.technique)
          own&.phase == :bulk ? own : technique_of_kind(form)
        end

        def technique_of_kind(form, member = "technique") = @catalogue.technique(form.kind[member])

        def sheets_of(form, stratum)
          Quantities::Use.new(material: form.material_key, amount: stratum.area_mm2 * form.sheets, unit: "mm2",
            pieces: form.material_key ? [piece(form, stratum, form.sheet_mm, form.sheets)] : [])
        end

        def piece(form, stratum, sheet_mm, count)
          min_x, min_y, max_x, max_y = Plan::Geos.bounds(form.area)
          { width: max_x - min_x, depth: max_y - min_y, sheet_mm: sheet_mm, count: count, area: stratum.area_mm2 }
        end

        # Bulk by whatever it is made of: what is road or paving as a course is a filling here.
        def filling(form)
          own = @catalogue.technique(form.material.technique)
          own&.phase == :bulk ? own : @catalogue.usual_technique("form_filled")
        end

        def body(form, stratum, dm2, stack, technique: filling(form))
          thick = stratum.volume_mm3 / stratum.area_mm2
          add(technique, form, id: "#{form.id}/lay", amount: dm2, laid: Laid.new(material_key: form.material.key, thickness_mm: thick),
            stack: stack, uses: [@dose.body(form.material, stratum.volume_mm3)])
        end

        def form_cut(form, _stratum, dm2, stack)
          add(technique_of_kind(form), form, id: "#{form.id}/cut", amount: dm2, stack: stack)
        end

        # Cut through, and lined where its maker says of what.
        def form_bore(form, stratum, dm2, stack)
          uses = form.material_key ? [film_of_lining(form, stratum)] : []
          add(technique_of_kind(form), form, id: "#{form.id}/bore", amount: dm2, stack: stack, uses: uses,
            laid: Laid.new(material_key: form.material_key, glue: form.glue))
        end

        # Floor, sides and crown.
        def film_of_lining(form, stratum)
          long = Plan::Outline.size(form.outline).max
          round = 2 * ((stratum.area_mm2 / long) + form.clear_mm)
          Quantities::Use.new(material: form.material_key, amount: long * round, unit: "mm2", pieces: [{ width: long, depth: round,
            sheet_mm: LINING_MM, count: 1, area: long * round }])
        end

        # A lining is of sheet so thick (from memory), mm.
        LINING_MM = 0.5
        private_constant :LINING_MM

        alias form_cutting form_cut

        def form_skim(form, stratum, dm2, stack)
          return if stratum.volume_mm3 < LEAST_MM3
          return shaped(form, technique_of_kind(form, "solid_technique"), stratum, dm2, stack) unless form.material&.sets?

          body(form, stratum, dm2, stack, technique: technique_of_kind(form))
        end

        def solid(form, stratum, dm2, stack)
          return body(form, stratum, dm2, stack) if form.material&.sets?

          shaped(form, technique_of_kind(form), stratum, dm2, stack)
        end
        alias form_ramp solid
        alias form_mound solid
        alias form_bank solid

        def shaped(form, technique, stratum, dm2, stack)
          uses = form.material_key ? [stock(form, stratum)] : []
          glue = form.glue || @catalogue.kinds.work("solid_glue", "material")
          add(technique, form, id: "#{form.id}/shape", amount: dm2, stack: stack, uses: uses + @dose.held(technique, dm2, 1, 0, glue: glue),
            laid: Laid.new(material_key: form.material_key, glue: form.glue))
        end

        # What a solid is shaped from: boards stacked to its height where the material comes in sheets, else its volume.
        def stock(form, stratum)
          return loose_stock(form, stratum) unless form.material&.pack&.key?("size_mm")

          height = [stratum.tallest_mm, 0.1].max
          sheet = (form.material.stock_mm || [height]).then { |sizes| sizes.select { |mm| mm >= height }.min || sizes.max }
          count = (height / sheet).ceil
          Quantities::Use.new(material: form.material_key, amount: stratum.area_mm2 * count, unit: "mm2",
            pieces: [piece(form, stratum, sheet, count)])
        end

        def loose_stock(form, stratum)
          Quantities::Use.new(material: form.material_key, amount: stratum.volume_mm3 / 1000 * SHAPING_WASTE, unit: "ml")
        end

        def seal(form, key, coat, dm2, stack)
          add(@catalogue.usual_technique("form_sealed"), form, id: "#{form.id}/seal-#{coat + 1}", amount: dm2,
            laid: Laid.new(material_key: key), stack: stack, uses: [film(key, dm2)])
        end

        # One usual coat of a material over an area.
        def film(key, dm2)
          material = @catalogue[key]
          Quantities::Use.new(material: key, unit: "ml",
            amount: material && (dm2 * DM2 * (material.reference_mm || 0.1) / (1 - material.shrinkage) / 1000))
        end
      end
    end
  end
end
