# frozen_string_literal: true

module GreenPlinth
  # The materials, techniques, kinds and reference things that the computation speaks of: data, each value with a source.
  class Catalogue
    REFERENCE = %w[things sizes railways figures sea_states presets currencies].freeze

    # So many sets of mixes are remembered, as builds and their edits come by.
    MOST_MIXED = 60

    # The members of a kind that name a way of working.
    MADE_BY = %w[technique dressed_by solid_technique].freeze

    attr_reader :materials, :techniques, :kinds, :cautions, :things, :sizes, :railways, :figures, :sea_states, :presets, :currencies

    # @return [Catalogue] the one that ships, read once
    def self.default = @default ||= load(DATA)

    # @param folder [String] laid out as core/data
    def self.load(folder)
      read = ->(path) { YAML.safe_load_file(File.join(folder, path)) }
      materials = Dir[File.join(folder, "materials", "*.yml")].sort.map { |path| YAML.safe_load_file(path) }.reduce(:merge)
      notes = read["notes.yml"]
      techniques = read["techniques.yml"].to_h { |key, technique| [key, (notes[key] || {}).merge(technique)] }
      new(materials: materials, techniques: techniques, cautions: read["cautions.yml"], kinds: Kinds.load(folder),
        reference: REFERENCE.to_h { |name| [name, read["reference/#{name}.yml"]] })
    end

    # @param materials [Hash{String => Hash}]
    # @param techniques [Hash{String => Hash}]
    # @param kinds [Kinds]
    # @param cautions [Hash{String => Hash}]
    # @param reference [Hash{String => Hash, Array}] by the names in REFERENCE
    def initialize(materials:, techniques:, kinds:, cautions:, reference:)
      @kinds = kinds
      @materials = materials_of(materials).freeze
      @techniques = techniques_of(techniques).freeze
      @cautions = cautions.freeze
      @things, @sizes, @railways, @figures, @sea_states, @presets, @currencies = reference.values_at(*REFERENCE).map(&:freeze)
    end

    # @return [Drying::History] what the maker has seen of these materials
    def history = @history ||= Drying::History.new

    # @return [Ratios] how long the maker really is at each way of working
    def pace = @pace ||= Ratios.new

    # @return [Risks] how often each way of working had to be done again
    def risks = @risks ||= Risks.new

    # @return [Ratios] how much of a material is really used up, of what was reckoned
    def consumption = @consumption ||= Ratios.new

    # The same with a maker's own entries, which stand before those that ship, and with what they have seen dry.
    # @param materials [Hash{String => Hash}]
    # @param techniques [Hash{String => Hash}]
    # @param history [Drying::History]
    # @param recipes [Hash{String => Hash}]
    # @param stacks [Hash{String => Hash}] of courses, as a catalogue file has them
    # @param pace [Ratios]
    # @param risks [Risks]
    # @param consumption [Ratios]
    # @return [Catalogue]
    def with(materials, techniques, history = self.history, recipes: {}, stacks: {}, pace: self.pace, risks: self.risks,
             consumption: self.consumption)
      dup.tap do |copy|
        copy.instance_exec do
          forget_mixes
          @history, @pace, @risks, @consumption = history, pace, risks, consumption
          @stacks = stacks
          @recipes = recipes.to_h { |key, data| [key, Recipe.new(key, data)] }.freeze
          @materials = @materials.merge(materials_of(materials)).freeze
          @techniques = @techniques.merge(techniques_of(techniques)).transform_values { |one| one.at_pace(pace.factor(one.key)) }.freeze
        end
      end
    end

    # @return [Hash{String => Recipe}] of the maker's own, by key
    def recipes = @recipes || {}

    # @return [Hash{String => Hash}] of the maker's own: courses that are laid together, lowest first
    def stacks = @stacks || {}

    # The same with mixes, each as a material computed from its parts, which may be others of them. What goes in a circle, or has
    # a part that is not known, is no material.
    # @param mixes [Array<Stirred>]
    # @return [Catalogue] the same one for the same mixes
    def with_mixes(mixes)
      @mixed ||= Kept.new(MOST_MIXED)
      @mixed.fetch(mixes.map { |mix| [mix.id, mix.data] }) { mixed(mixes) }
    end

    # @return [Catalogue] with the recipes of the stores as materials
    def stirred = @stirred ||= with_mixes(recipes.values)

    # @return [Material, nil]
    def [](key) = materials[key]

    # @return [Technique, nil]
    def technique(key) = techniques[key]

    # @return [Hash{String => Array<String>}] of each way of working, by key: the families of materials that are laid by it, and the
    #   kinds of part ("features", "forms") that are made by it
    def used_on
      laid = materials.each_value.flat_map { |material| ways_of(material).map { |key| [key, material.family.key] } }
      (laid + %w[features forms].flat_map { |list| made_by(list) }).uniq.group_by(&:first)
        .transform_values { |pairs| pairs.map(&:last) }
    end

    # The way of working, or the material, that comes by itself with a part of a design: see works.yml.
    # @return [Technique]
    def usual_technique(purpose) = techniques.fetch(kinds.work(purpose))

    # @return [Material]
    def usual_material(purpose) = materials.fetch(kinds.work(purpose, "material"))

    # @return [String] for sentences; a mix or an unknown key speaks for itself
    def name(key) = materials[key]&.name || key.to_s.delete_prefix("mix:").tr("_", " ")

    # @param tags [Array<String>] of cautions.yml
    # @return [Array<String>] sentences
    def caution_lines(tags) = tags.filter_map { |tag| cautions[tag]&.fetch("line") }

    protected

    # @param more [Array<Material>]
    # @return [Catalogue]
    def having(more)
      return self if more.empty?

      dup.tap do |copy|
        copy.instance_exec do
          forget_mixes
          @materials = @materials.merge(more.to_h { |material| [material.key, material] }).freeze
        end
      end
    end

    private

    # The usual one, and those of the school that its makers are of.
    def ways_of(material)
      sides = material.school ? kinds.of("schools", material.school)["sides"].each_value.map { |side| side["technique"] } : []
      [material.technique, *sides].compact
    end

    # Ways of working that kinds of a list are made by, each with the list.
    def made_by(list) = kinds[list].values.flat_map { |kind| MADE_BY.filter_map { |of| kind[of] && [kind[of], list] } }

    # Those of another catalogue.
    def forget_mixes
      @mixed = @stirred = nil
    end

    def mixed(mixes)
      left = mixes.dup
      found = self
      until left.empty?
        made, left = left.partition { |mix| (mix.mixes - left.map(&:id)).size == mix.mixes.size }
        break if made.empty?

        found = found.having(made.filter_map { |mix| Mixture.of(mix, found) })
      end
      found
    end

    def materials_of(entries) = entries.to_h { |key, data| [key, Material.new(key, data, kinds.of("families", data["family"]))] }
    def techniques_of(entries) = entries.to_h { |key, data| [key, Technique.new(key, data, kinds.of("phases", data["phase"]))] }
  end
end
