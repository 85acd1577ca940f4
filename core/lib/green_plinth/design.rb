# frozen_string_literal: true

module GreenPlinth
  # One build as the maker composed it: a plinth file with names for its parts. Immutable; `to_h` is the file, whole,
  # so a round trip loses nothing. Built by Files::PlinthFile, which has checked it.
  class Design
    # Tells what is looked at of the file.
    module Noted
      { title: "title", purpose: "purpose", scale: "scale", copies: "copies", plinth: "plinth", climate: "climate", calendar: "calendar",
        progress: "progress", schools: "schools", forms: "forms", zones: "zones", features: "features", subjects: "subjects",
        waters: "waters", sides: "sides", tasks: "tasks", mixes: "mixes", wishes: "order", groups: "groups",
        limits: "limits", variants: "variants",
        bodies: "bodies" }.each do |reader, member|
        define_method(reader) do
          Reads.note(member)
          super()
        end
      end
    end
    prepend Noted

    attr_reader :catalogue

    # @return [Hash] the file, for what keeps book itself of what it looks at
    attr_reader :file

    # @param file [Hash] a valid plinth file, string keys
    # @param catalogue [Catalogue] that its keys are of
    def initialize(file, catalogue = Catalogue.default)
      @file = Design.deep_freeze(file)
      @catalogue = (@file["mixes"] || []).empty? ? catalogue : catalogue.with_mixes(own_mixes(catalogue))
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

    # @return [Hash] the file
    def to_h
      Reads.note(Reads::ALL)
      file
    end

    # @param key [String]
    # @return [Object, nil] one member of the file, as it stands there
    def member(key)
      Reads.note(key)
      file[key]
    end

    # The same design with one member of its file replaced.
    # @return [Design]
    def with(member, value) = Design.new(file.merge(member => value), catalogue)

    def kinds = catalogue.kinds
    def title = file["title"]
    def purpose = @purpose ||= kinds.of("purposes", file["purpose"])
    def scale = file["scale"].to_f
    def copies = file["copies"] || 1
    def plinth = @plinth ||= Plinth.new(file["plinth"], "/plinth", catalogue)
    def climate = @climate ||= Climate.of(file["climate"] || {}, kinds)
    def calendar = @calendar ||= Calendar.new(file["calendar"] || {}, kinds)
    def progress = @progress ||= Progress.new(file["progress"] || {})
    def schools = @schools ||= Schools.new(file["schools"] || {}, purpose, kinds["schools"])
    def forms = @forms ||= parts("forms", Form)
    def zones = @zones ||= parts("zones", Zone)
    def features = @features ||= parts("features", Feature)
    # @return [Array<Subject>] each held as it says itself, else as its group is
    def subjects
      @subjects ||= (file["subjects"] || []).each_with_index.map { |data, index| Subject.new(held(data), "/subjects/#{index}", catalogue) }
    end
    def waters = @waters ||= parts("waters", Water)
    def sides = @sides ||= parts("sides", Side)
    def tasks = @tasks ||= parts("tasks", Task)

    # @return [Hash{String => Mix}] by id
    def mixes = @mixes ||= stirred.to_h { |mix| [mix.id, mix] }

    # @return [Array<Mix>] as they stand in the file
    def stirred = @stirred ||= parts("mixes", Mix)

    def wishes = @wishes ||= parts("order", Wish)
    def groups = @groups ||= parts("groups", Group)

    # @return [Array<Variant>] copies that differ from the others; all others are as the file has them
    def variants = @variants ||= parts("variants", Variant)

    # @return [Array<Body>] further ones beside the one that the file describes
    def bodies = @bodies ||= parts("bodies", Body)

    # @return [Integer] copies that are as the file has them
    def plain_copies = copies - variants.sum(&:count)

    # @return [Float, nil] degrees, counter-clockwise from the plan's right, that the wind of the scene comes from
    def wind_from_deg = member("wind")&.fetch("from_deg")&.to_f

    def limits = @limits ||= Limits.new(file["limits"] || {})

    # What has its place on the base.
    # @return [Array<Part>]
    def placed = forms + zones + features + subjects + waters

    # @return [Array<Subject>] those that stand on the ground; what lies in water does not
    def standing = subjects.reject(&:set_in_water?)

    # @return [Array<Feature>] those with a place of their own
    def outlined_features = features.select(&:outlined?)

    # @return [Array<Course>] of zones and features
    def courses = (zones + features).flat_map(&:courses)

    # @return [Array<Course>] of waters and of the plinth's sides
    def outer_courses = (waters + sides).flat_map(&:courses)

    # Each part with an id, courses included; of two with the same, the first keeps it.
    # @return [Array<Part>]
    def identified
      forms + coursed(zones) + coursed(features) + subjects + coursed(waters) + coursed(sides) + tasks
    end

    # @return [Hash] the JSON Patch operation that appends to a list of the file, which may not be there yet
    def append(list, value)
      return { "op" => "add", "path" => "/#{list}", "value" => [value] } unless member(list)

      { "op" => "add", "path" => "/#{list}/-", "value" => value }
    end

    # @return [Enumerator::Lazy<String>] ids that no part has yet
    def fresh_ids(stem)
      taken = (identified + stirred + groups + bodies + variants).filter_map(&:id)
      (1..).lazy.map { |i| "#{stem}-#{i}" }.reject { |id| taken.include?(id) }
    end

    private

    def held(data)
      mount = data["mount"] ? nil : groups.find { |group| group.mount && group.members.include?(data["id"]) }&.mount
      mount ? data.merge("mount" => mount) : data
    end

    def coursed(list) = list + list.flat_map(&:courses)

    def own_mixes(catalogue)
      file["mixes"].each_with_index.map { |data, index| Mix.new(data, "/mixes/#{index}", catalogue) }
    end

    def parts(key, type)
      (file[key] || []).each_with_index.map { |data, index| type.new(data, "/#{key}/#{index}", catalogue) }
    end
  end
end
