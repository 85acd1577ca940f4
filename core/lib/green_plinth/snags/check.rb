# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One thing to look for. Subclasses are one small file each, say their code and severity, and answer with snags;
    # a check looks only at what it needs of the evaluation.
    class Check
      SEVERITIES = %w[stops spoils advice].freeze

      class << self
        # Declares or reads the code, e.g. "scale/grain_too_coarse".
        def code(value = nil) = value ? @code = value : @code

        # Declares or reads how bad it is.
        def severity(value = nil) = value ? @severity = value : @severity

        # @return [Array<Class>] every check, by file name
        def checks
          @checks ||= Dir[File.join(__dir__, "*.rb")].sort.filter_map do |path|
            check = Snags.const_get(File.basename(path, ".rb").split("_").map(&:capitalize).join)
            check if check.is_a?(Class) && check < Check
          end
        end

        # @param evaluation [Evaluation]
        # @param families [Array<String>, nil] only those whose code begins so
        # @return [Array<Snag>] the worst first, then in the order of the file
        def all(evaluation, families: nil)
          checks.select { |check| families.nil? || families.include?(check.code.split("/").first) }.flat_map { |check| check.new(evaluation).snags }
            .sort_by.with_index { |snag, index| [SEVERITIES.index(snag.severity), index] }
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

      # A patch that puts a value at a pointer, whether or not one is there: "add" does both on objects.
      def put(label, pointer, value) = Fix.new(label, [{ "op" => "add", "path" => pointer, "value" => value }])

      def take_out(label, pointer) = Fix.new(label, [{ "op" => "remove", "path" => pointer }])

      def mm(value) = "#{number(value)} mm"

      # Appends to a list of the file that may not be there yet.
      def append(list, value)
        design.to_h[list] ? { "op" => "add", "path" => "/#{list}/-", "value" => value } : { "op" => "add", "path" => "/#{list}", "value" => [value] }
      end

      # @return [String] an id that no part has
      def fresh(stem) = design.fresh_ids(stem).first

      # Short enough to read at the bench: 12.34 → 12.3, 140.2 → 140.
      def number(value) = format("%g", value.abs >= 100 ? value.round : value.round(1))

      # Each course with its zone or feature's index and material.
      def zone_courses
        design.zones.flat_map { |zone| zone.courses.map { |course| [zone, course, catalogue[course.material]] } }
      end
    end
  end
end
