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
      include Bindings
      include CourseWorks
      include StandingWorks
      include WaterWorks
      include SideWorks
      include BodyWorks
      include WayWorks
      include CableWorks
      include OwnWorks
      include ToldApart

      # @param terrain [Relief::Terrain]
      # @param pools [Array<Waters::Pool>]
      # @param survey [Plan::Survey] what is known of areas already
      def initialize(design, terrain, pools, survey = Plan::Survey.new)
        @survey = survey
        @design = design
        @catalogue = design.catalogue
        @terrain = terrain
        @pools = pools
        @dose = Quantities::Dose.new(@catalogue)
        @forecast = Drying::Forecast.new(design.climate, @catalogue.history)
      end

      # @return [Array<Work>]
      def works = @works || expand

      # @return [Places]
      def places
        areas = { "/plinth" => @terrain.ground.top }
        @design.zones.each_with_index { |zone, index| areas[zone.pointer] = @terrain.ground.area(index) }
        (@design.forms + @design.waters + @design.outlined_features).each { |part| areas[part.pointer] = part.area }
        @design.subjects.each { |part| areas[part.pointer] = part.footprint_area }
        Places.new(areas, @survey)
      end

      private

      def expand
        @works = []
        plinth
        @design.forms.each_with_index { |form, index| form(form, index) }
        cables
        subjects_tried
        @design.zones.each_with_index { |zone, index| zone(zone, index) }
        @design.features.each { |feature| feature(feature) }
        markings
        @pools.each { |pool| water(pool) }
        @design.subjects.each { |subject| subject(subject) }
        sides
        @design.bodies.each { |one| joined(one) }
        @design.tasks.each { |task| task(task) }
        tell_apart(@works)
      end

      # One piece of work on a part, once for each coat. What is not said follows from the technique and the part.
      # @param technique [Catalogue::Technique]
      # @param part [Design::Part]
      # @param id [String]
      # @param amount [Float] of what the technique counts
      # @param laid [Laid] what is laid, and how it dries
      # @param coats [Integer]
      # @param members [Hash] further members of Work
      def add(technique, part, id:, amount:, laid: Laid::NOTHING, coats: 1, words: {}, uses: [], **members)
        dries = dries(technique, laid)
        common = { technique: technique, material_key: laid.material_key, material: @catalogue[laid.material_key], dries: dries,
                   amount: amount, words: { place: part.name, material: @catalogue.name(laid.material_key) }.merge(words),
                   places: [part.pointer], where: [part.pointer], rig: technique.rig, part: part, coats: coats,
                   splittable: splittable?(technique, amount),
                   stages: laid.stages || stages(technique, dries, laid) }.merge(members.compact)
        (1..coats).each do |coat|
          @works << Work.new(**common, id: coats > 1 ? "#{id}/coat-#{coat}" : id, coat: coat, sprayed: sprayed?(common[:rig]),
            uses: uses.map { |use| use * (1.0 / coats) })
        end
      end

      # Work counted by area, length or many pieces may be left and taken up again; one piece may not.
      def splittable?(technique, amount) = technique.splittable? || technique.per != "each" || amount > 1

      def sprayed?(rig) = @catalogue.kinds["rigs"][rig]&.trait?("sprays") || false

      # @return [Catalogue::Material, nil] what dries when a work is done: what is laid, or what holds it
      def dries(technique, laid)
        return @catalogue[technique["dries_as"]] if technique["dries_as"]

        own = @catalogue[laid.material_key]
        own&.sets? ? own : @catalogue[laid.glue || technique.glue]
      end

      def stages(technique, dries, laid)
        return Drying::Stages.waiting(technique["wait_min"]) if technique["wait_min"]

        @forecast.call(dries, thickness_mm: laid.thickness_mm, ground: laid.ground || (technique.shut? ? :shut : :sealed))
          .left(technique["leave_min"])
      end

      def plinth
        return if @design.plinth.material&.trait?("ready_made")

        add(@catalogue.usual_technique("plinth_prepared"), @design.plinth, id: "plinth/prepare",
          amount: Plan::Geos.area(@terrain.ground.top) / DM2)
      end
    end
  end
end
