# frozen_string_literal: true

module GreenPlinth
  # Every kind the trade knows: of features, subjects, forms, mounts, schools, purposes, families of material, phases of
  # work, grounds and more. Each is a record in core/data/kinds, a file for each list of them; the rest of the core asks
  # for traits and members, never for keys, so that a further kind is a further record.
  #
  #   kinds["features"]["hedge"].trait?("bars_feet") → true
  class Kinds
    FOLDER = "kinds"

    # @return [Kinds] those that ship, read once
    def self.default = @default ||= load(DATA)

    # @param folder [String] that holds a folder `kinds`
    def self.load(folder)
      new(Dir[File.join(folder, FOLDER, "*.yml")].sort.to_h { |path| [File.basename(path, ".yml"), YAML.safe_load_file(path)] })
    end

    # @param lists [Hash{String => Hash{String => Hash}}] records by list and key
    def initialize(lists)
      @lists = lists.to_h { |list, records| [list, records.to_h { |key, data| [key, Kind.new(key, data)] }.freeze] }.freeze
    end

    # @param list [String] e.g. "features"
    # @return [Hash{String => Kind}] in the order of the file; raises KeyError for a list that is not there
    def [](list) = @lists.fetch(list)

    # @return [Kind, nil] nil only where no key is given; raises KeyError for one that is not there
    def of(list, key) = key && self[list].fetch(key)

    # @return [Kind] the one that holds where nobody says
    def usual(list) = self[list].each_value.find(&:usual?)

    # @return [Kind] the first that has the trait, e.g. a ragged edge
    def with(list, trait) = self[list].each_value.find { |kind| kind.trait?(trait) }

    # @param shape [String] how its ground is computed, see Design::Form#shape
    # @return [Kind] the first form of this shape
    def form(shape) = self["forms"].each_value.find { |kind| kind["shape"] == shape }

    # What the trade reaches for, by what it is for: see works.yml.
    # @param purpose [String] e.g. "sealer"
    # @param member [String] of its record
    def work(purpose, member = "technique") = self["works"].fetch(purpose)[member]

    # @return [Hash{String => Array<Hash>}] every record with its key, for the pages
    def to_h = @lists.transform_values { |records| records.each_value.map(&:to_h) }
  end
end
