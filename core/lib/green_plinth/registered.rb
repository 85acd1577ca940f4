# frozen_string_literal: true

module GreenPlinth
  # A family of small classes, one file each, that the loader finds in a folder: rules, checks, judgements. Extended by
  # their common ancestor; a further member is a further file.
  module Registered
    # Where nothing is declared; ties go by code.
    USUAL_WEIGHT = 500

    # Declares or reads where it stands among the others: the lightest first.
    def weight(value = nil) = value ? @weight = value : (@weight || USUAL_WEIGHT)

    # Declares, on the ancestor, the namespace its members are found in.
    # @param namespace [Module]
    def found_in(namespace) = @namespace = namespace

    # @return [Array<Class>] every member, by weight, then by code
    def all
      @all ||= begin
        LOADER.eager_load_namespace(@namespace)
        members = @namespace.constants.map { |name| @namespace.const_get(name) }.select { |one| one.is_a?(Class) && one < self }
        members.sort_by { |one| [one.weight, one.code] }.freeze
      end
    end
  end
end
