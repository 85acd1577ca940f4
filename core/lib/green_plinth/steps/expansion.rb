# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Expands a design into works: the plinth, forms, courses, features, subjects, waters, the finish and the maker's
    # own tasks, each by the technique the catalogue has for it. What each kind of part
    # comes to stands in a file of its own, in expansion/.
    class Expansion
      DM = 100.0
      DM2 = 10_000.0

      include FormWorks
      include CourseWorks
      include StandingWorks
      include WaterWorks

      # @param terrain [Relief::Terrain]
      # @param pools [Array<Water::Pool>]
      def initialize(design, catalogue, terrain, pools)
        @design = design
        @catalogue = catalogue
        @terrain = terrain
        @pools = pools
        @dose = Quantities::Dose.new(catalogue)
        @forecast = Drying::Forecast.new(design.climate, catalogue.history)
      end

      # @return [Array<Work>]
      def works
        @works = []
        plinth
        @design.forms.each_with_index { |form, index| form(form, index) }
        subjects_tried
        @design.zones.each_with_index { |zone, index| zone(zone, index) }
        @design.features.each { |feature| feature(feature) }
        @pools.each { |pool| water(pool) }
        @design.subjects.each { |subject| subject(subject) }
        rim
        @design.tasks.each { |task| task(task) }
        @works
      end

      # @return [Places]
      def places
        areas = { "/plinth" => @terrain.ground.top }
        @design.zones.each_with_index { |zone, index| areas[zone.pointer] = @terrain.ground.area(index) }
        [@design.forms, @design.waters].flatten.each { |part| areas[part.pointer] = area_of(part) }
        @design.features.each { |part| areas[part.pointer] = area_of(part) if part.outline && part.outline["kind"] != "rest" }
        @design.subjects.each { |part| areas[part.pointer] = Composition::Standing.footprint(part) }
        Places.new(areas)
      end

      private

      def area_of(part) = Plan::Outline.polygon(part.outline)

      # @param technique [String] key
      def add(technique, part, id:, amount:, material: nil, words: {}, places: [part.pointer], where: [part.pointer], thickness: nil,
              ground: nil, uses: [], stack: nil, coats: 1, glue: nil, **more)
        technique = @catalogue.technique(technique)
        dries = drying_material(technique, material, glue)
        stages = more.delete(:stages) || stages(technique, dries, thickness, ground)
        (1..coats).each do |coat|
          @works << Work.new(id: coats > 1 ? "#{id}/coat-#{coat}" : id, technique: technique, material: material, dries: dries&.key,
            words: { place: part.name, material: @catalogue.name(material) }.merge(words), amount: amount, places: places,
            where: where, stack: stack, coat: coat, coats: coats, uses: uses.map { |use| use * (1.0 / coats) },
            rig: more[:rig] || technique.rig, grain_mm: more[:grain_mm], length_mm: more[:length_mm], stages: stages,
            minutes: more[:minutes], note: more[:note], splittable: more.fetch(:splittable) {
                                                          splittable?(technique, amount)
                                                        }, part: part)
        end
      end

      # Work counted by area, length or many pieces may be left and taken up again; one piece may not.
      def splittable?(technique, amount) = technique.splittable? || technique.per != "each" || amount > 1

      def drying_material(technique, material, glue)
        own = @catalogue[material]
        return @catalogue[technique["dries_as"]] if technique["dries_as"]
        return own if own&.sets?

        @catalogue[glue || technique.glue]
      end

      def stages(technique, dries, thickness, ground)
        return Drying::Stages.none.dup.tap { |s| s.next_min = s.dry_min = s.full_min = technique["wait_min"] }.freeze if technique["wait_min"]

        ground ||= technique.shut? ? :shut : :sealed
        @forecast.call(dries, thickness_mm: thickness, ground: ground)
      end

      def plinth
        return if %w[plastic_base].include?(@design.plinth.material)

        add("prepare_plinth", @design.plinth, id: "plinth/prepare", amount: Plan::Geos.area(@terrain.ground.top) / DM2)
      end

      def rim
        side = @design.schools["rim"]
        return if side == "bare"

        length = Plan::Geos.polygons(@terrain.ground.foot).sum { |polygon| polygon.exterior_ring.length }
        paint = @catalogue["acrylic_paint"]
        ml = length * [@design.plinth.thickness_mm, 3].max / 1e6 / paint["spread_m2_per_l"][1] * 1000 * 2
        add("paint_rim", @design.plinth, id: "plinth/rim", amount: length / DM, material: "acrylic_paint", coats: 2,
          uses: [Quantities::Use.new(material: "acrylic_paint", amount: ml, unit: "ml")])
      end

      # The maker's own work: by a technique of the catalogue, on a part or on the whole, or just so many minutes of whatever it is.
      def task(task)
        technique = @catalogue.technique(task["technique"])
        return by_technique(task, technique) if technique

        tail = task["tail_min"] || 0
        stages = Drying::Stages.new(open_min: nil, handle_min: tail, next_min: tail, dry_min: tail, full_min: tail, factors: []).freeze
        add("own_task", task, id: task.id, amount: 1, minutes: task["hands_on_min"].to_f, places: [], words: { place: task["title"] }, stages: stages,
          rig: task["rig"], splittable: task["splittable"] == true)
      end

      def by_technique(task, technique)
        on = @design.placed.find { |part| part.id == task["on"] }
        on ||= @design.subjects.find { |subject| subject.id == task["on"] }
        amount = (task["amount"] || 1).to_f
        add(technique.key, on || @design.plinth, id: task.id, amount: amount, minutes: task["hands_on_min"]&.to_f, rig: task["rig"] || technique.rig,
          words: { place: on ? on.name : task["title"] }, places: [on ? on.pointer : "/plinth"], where: [*on&.pointer, task.pointer],
          uses: @dose.held(technique, technique.per == "dm2" ? amount : 0, technique.per == "each" ? amount : 1, 0),
          splittable: task["splittable"] == true)
      end
    end
  end
end
