# frozen_string_literal: true

module GreenPlinth
  # One build as the maker composed it: a plinth file with names for its parts. Immutable; `to_h` is the file, whole,
  # so a round trip loses nothing. Built by Files::PlinthFile, which has checked it.
  class Design
    attr_reader :to_h, :catalogue

    # @param file [Hash] a valid plinth file, string keys
    # @param catalogue [Catalogue] that its keys are of
    def initialize(file, catalogue = Catalogue.default)
      @to_h = Design.deep_freeze(file)
      @catalogue = (@to_h["mixes"] || []).empty? ? catalogue : catalogue.with_mixes(own_mixes(catalogue))
    end

    def self.deep_freeze(value)
      # What is frozen was frozen here, and whole.
      return value if value.frozen? && (value.is_a?(Hash) || value.is_a?(Array))

      case value
      when Hash then value.each { |key, inner| [key.freeze, deep_freeze(inner)] }
      when Array then value.each { |inner| deep_freeze(inner) }
      end
      value.freeze
    end

    # The same design with one member of its file replaced.
    # @return [Design]
    def with(member, value) = Design.new(to_h.merge(member => value), catalogue)

    def kinds = catalogue.kinds
    def title = to_h["title"]
    def purpose = @purpose ||= kinds.of("purposes", to_h["purpose"])
    def scale = to_h["scale"].to_f
    def copies = to_h["copies"] || 1
    def plinth = @plinth ||= Plinth.new(to_h["plinth"], "/plinth", catalogue)
    def climate = @climate ||= Climate.of(to_h["climate"] || {}, kinds)
    def calendar = @calendar ||= Calendar.new(to_h["calendar"] || {}, kinds)
    def progress = @progress ||= Progress.new(to_h["progress"] || {})
    def schools = @schools ||= Schools.new(to_h["schools"] || {}, purpose, kinds["schools"])
    def forms = @forms ||= parts("forms", Form)
    def zones = @zones ||= parts("zones", Zone)
    def features = @features ||= parts("features", Feature)
    def subjects = @subjects ||= parts("subjects", Subject)
    def waters = @waters ||= parts("waters", Water)
    def tasks = @tasks ||= parts("tasks", Task)
    def mixes = @mixes ||= parts("mixes", Mix).to_h { |mix| [mix.id, mix] }
    def wishes = @wishes ||= parts("order", Wish)
    def groups = @groups ||= parts("groups", Group)
    def limits = @limits ||= Limits.new(to_h["limits"] || {})

    # What has its place on the base.
    # @return [Array<Part>]
    def placed = forms + zones + features + subjects + waters

    # @return [Array<Subject>] those that stand on the ground; what lies in water does not
    def standing = subjects.reject(&:set_in_water?)

    # @return [Array<Feature>] those with a place of their own
    def outlined_features = features.select(&:outlined?)

    # @return [Array<Course>] of zones and features
    def courses = (zones + features).flat_map(&:courses)

    # Each part with an id, courses included; of two with the same, the first keeps it.
    # @return [Array<Part>]
    def identified
      forms + zones + zones.flat_map(&:courses) + features + features.flat_map(&:courses) + subjects + waters + tasks
    end

    # @return [Hash] the JSON Patch operation that appends to a list of the file, which may not be there yet
    def append(list, value)
      return { "op" => "add", "path" => "/#{list}", "value" => [value] } unless to_h[list]

      { "op" => "add", "path" => "/#{list}/-", "value" => value }
    end

    # @return [Enumerator::Lazy<String>] ids that no part has yet
    def fresh_ids(stem)
      taken = identified.filter_map(&:id)
      (1..).lazy.map { |i| "#{stem}-#{i}" }.reject { |id| taken.include?(id) }
    end

    private

    def own_mixes(catalogue)
      to_h["mixes"].each_with_index.map { |data, index| Mix.new(data, "/mixes/#{index}", catalogue) }
    end

    def parts(key, type)
      (to_h[key] || []).each_with_index.map { |data, index| type.new(data, "/#{key}/#{index}", catalogue) }
    end
  end
end
