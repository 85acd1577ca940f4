# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One thing to look for. Subclasses are one small file each, say their code and severity, and answer with snags;
    # a check looks only at what it needs of the evaluation.
    class Check
      SEVERITIES = %w[stops spoils advice].freeze

      extend Registered
      include Fixing
      found_in Snags

      class << self
        # Declares or reads the code, e.g. "scale/grain_too_coarse".
        def code(value = nil) = value ? @code = value : @code

        # Declares or reads how bad it is.
        def severity(value = nil) = value ? @severity = value : @severity

        # @return [String] the part of its code that tells which kind of trouble it looks for, e.g. "scale"
        def family = code.split("/").first

        # @param evaluation [Evaluation]
        # @param families [Array<String>, nil] only those of these families
        # @yield [check] what it finds, where that is remembered
        # @return [Array<Snag>] the worst first, then in the order in which the checks look
        def snags(evaluation, families: nil)
          checks = all.select { |check| families.nil? || families.include?(check.family) }
          found = checks.flat_map { |check| block_given? ? yield(check) : check.looked(evaluation) }
          worst_first(found)
        end

        # @param found [Array<Snags::Snag>]
        # @return [Array<Snags::Snag>] the worst first, else as they were
        def worst_first(found) = found.sort_by.with_index { |snag, index| [SEVERITIES.index(snag.severity), index] }

        # @return [Array<Snag>] what it finds; that it is missing where it breaks down
        def looked(evaluation) = Failures.guard("the check #{code}", [missing]) { new(evaluation).snags }

        private

        def missing
          Snag.new(code: "program/check_missing", severity: "advice", where: "", fixes: [],
            message: "The check #{code} broke down here: what it looks for is not looked for. The program's log says more.")
        end
      end

      def initialize(evaluation)
        @evaluation = evaluation
      end

      # @return [Array<Snag>]
      def snags = raise(NotImplementedError)

      private

      def design = @evaluation.design
      def catalogue = @evaluation.catalogue
      def terrain = @evaluation.terrain

      def snag(where, message, *fixes, severity: self.class.severity)
        Snag.new(code: self.class.code, severity: severity, message: message, where: where, fixes: fixes.compact)
      end

      # @return [String] an id that no part has
      def fresh(stem) = design.fresh_ids(stem).first

      # @return [Array<Design::Course>] of zones
      def zone_courses = design.zones.flat_map(&:courses)

      # Areas that share less only touch, mm².
      TOUCH_MM2 = 1
      private_constant :TOUCH_MM2

      # @return [Array<Design::Zone>] those that keep ground within an area
      def zones_in(area)
        touched = ->(index) { Plan::Geos.area(@evaluation.ground.area(index).intersection(area)) > TOUCH_MM2 }
        design.zones.each_with_index.select { |_, index| touched[index] }.map(&:first)
      end

      # @param sealed [Boolean] whether forms that are sealed count
      # @return [Catalogue::Material, nil] of the topmost form that a zone lies on
      def bulk_under(zone, sealed: true)
        area = @evaluation.ground.area(design.zones.index(zone))
        design.forms.reverse.find { |form| !form.cut? && (sealed || form.seal.empty?) && form.area.intersects?(area) }&.material
      end

      # As it will be laid: what is left to a school is worked as the maker's school has it.
      # @return [Catalogue::Technique, nil]
      def technique_of(course)
        school = course.material&.school
        catalogue.technique(course.technique || (school ? design.schools.side(school)["technique"] : course.material&.technique))
      end

      # @return [Scale::Things::Thing, nil] the real thing of this key
      def real_thing(key) = Scale::Things.new(catalogue)[key]

      # @param parts [Array<Design::Part, Catalogue::Material>] from below
      # @return [Hash] a figure of them as layers, where one does not go with what lies under it
      def over_another(parts, low, high)
        Figure.layers(parts.map { |part| [part.name, part.colour || (part.material&.colour if part.is_a?(Design::Part))] }, low, high)
      end

      # @param own [Numeric] mm
      # @return [Hash] a figure of it beside what the thing has at this scale
      def of_life(own, thing)
        low, high = thing.model_mm(design.scale)
        Figure.measure(own, "mm", least: low, most: high)
      end
    end
  end
end
