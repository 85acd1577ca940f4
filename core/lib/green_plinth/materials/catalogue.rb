# frozen_string_literal: true

module GreenPlinth
  module Materials
    # The materials, techniques and reference things that the computation speaks of: data, each value with a source.
    class Catalogue
      attr_reader :materials, :techniques, :things, :grounds, :cautions, :sizes, :railways, :figures, :sea_states, :presets, :schools

      # @return [Catalogue] the one that ships, read once
      def self.default = @default ||= load(DATA)

      # @param folder [String]
      def self.load(folder)
        read = ->(path) { YAML.safe_load_file(File.join(folder, path)) }
        materials = Dir[File.join(folder, "materials", "*.yml")].sort.map { |path| YAML.safe_load_file(path) }.reduce(:merge)
        new(materials: materials, techniques: read["techniques.yml"], cautions: read["cautions.yml"],
          things: read["reference/things.yml"], grounds: read["reference/grounds.yml"], sizes: read["reference/sizes.yml"],
          railways: read["reference/railways.yml"], figures: read["reference/figures.yml"], sea_states: read["reference/sea_states.yml"],
          presets: read["reference/presets.yml"], schools: read["schools.yml"])
      end

      def initialize(materials:, techniques:, things:, grounds:, cautions:, sizes:, railways:, figures:, sea_states:, presets:, schools:)
        @materials = materials.to_h { |key, data| [key, Material.new(key, data)] }.freeze
        @techniques = techniques.to_h { |key, data| [key, Steps::Technique.new(key, data)] }.freeze
        @things = things.freeze
        @grounds = grounds.freeze
        @cautions = cautions.freeze
        @sizes = sizes.freeze
        @railways = railways.freeze
        @figures = figures.freeze
        @sea_states = sea_states.freeze
        @presets = presets.freeze
        @schools = schools.freeze
      end

      # @return [Drying::History] what the maker has seen of these materials
      def history = @history ||= Drying::History.new

      # The same with a maker's own entries, which stand before those that ship, and with what they have seen dry.
      # @param materials [Hash{String => Hash}]
      # @param techniques [Hash{String => Hash}]
      # @param history [Drying::History]
      # @return [Catalogue]
      def with(materials, techniques, history = self.history)
        dup.tap do |copy|
          copy.instance_exec do
            @history = history
            @materials = @materials.merge(materials.to_h { |key, data| [key, Material.new(key, data)] }).freeze
            @techniques = @techniques.merge(techniques.to_h { |key, data| [key, Steps::Technique.new(key, data)] }).freeze
          end
        end
      end

      # @return [Material, nil]
      def [](key) = materials[key]

      # @return [Steps::Technique, nil]
      def technique(key) = techniques[key]

      # @return [String] for sentences; a mix or an unknown key speaks for itself
      def name(key) = materials[key]&.name || key.to_s.delete_prefix("mix:").tr("_", " ")
    end
  end
end
