# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth-catalogue/1: materials, techniques, recipes and stacks of courses of a maker's own, to keep and to share. Held to the
    # same checks as those that ship.
    class CatalogueFile
      FORMAT = "green-plinth-catalogue/1"
      KINDS = %w[materials techniques recipes stacks].freeze
      RANGES = %w[open_min handle_h next_h dry_h full_h grain_mm cure_s_per_mm].freeze
      # Drying goes through these in turn: none is over before the one before it. Next work may come at any of them.
      STAGES = %w[handle_h dry_h full_h].freeze
      # What a material can do without, whatever others of its family have.
      SPARE = %w[pack note hazards sources what traits window_note windows school least_share chips_on holds_on quicker instead
                 lifts_from over_greenery treated mix_parts least_batch_g tinting hiding keeps_months].freeze

      # @param catalogue [Catalogue] what the entries may name besides each other
      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param text [String] JSON
      # @return [Hash] "materials", "techniques", "recipes" and "stacks" by key; raises InvalidFile with every problem found
      def read(text)
        file = Json.parse(text)
        found = problems(file)
        raise InvalidFile, found unless found.empty?

        KINDS.to_h { |kind| [kind, file[kind] || {}] }
      end

      # @return [Array<Problem>]
      def problems(file)
        return [Problem.new("", "the file must be an object like {\"format\": \"#{FORMAT}\", …}")] unless file.is_a?(Hash)

        found = Schema.of(Schema::CATALOGUE_FILE, @catalogue.kinds).problems(file)
        found.empty? ? sense(file) : found
      end

      # @param entries [Hash] as read
      # @return [String]
      def self.write(entries) = ::JSON.pretty_generate({ "format" => FORMAT }.merge(entries.slice(*KINDS)))

      private

      def sense(file)
        @own = KINDS.to_h { |kind| [kind, file[kind] || {}] }
        @problems = []
        @own["materials"].each { |key, data| material(data, "/materials/#{key}") }
        @own["techniques"].each { |key, data| technique(data, "/techniques/#{key}") }
        @own["recipes"].each { |key, data| recipe(Catalogue::Recipe.new(key, data), "/recipes/#{key}") }
        @own["stacks"].each { |key, data| stack(data, "/stacks/#{key}") }
        @problems
      end

      def problem(pointer, message) = @problems << Problem.new(pointer, message)

      def material(data, pointer)
        ordered(data, pointer)
        stages(data, pointer)
        complete(data, pointer)
        tags(data["hazards"], "#{pointer}/hazards")
        %w[technique over_greenery].each { |name| known("techniques", data[name], "#{pointer}/#{name}") }
        %w[quicker instead].each { |name| known("materials", data[name], "#{pointer}/#{name}") }
        data["windows"]&.each { |name, (from, to)| problem("#{pointer}/windows/#{name}", "must end after it begins") if to <= from }
      end

      def technique(data, pointer)
        %w[glue dries_as].each { |name| known("materials", data[name], "#{pointer}/#{name}") }
        %w[sprayed_as with_grain].each { |name| known("techniques", data[name], "#{pointer}/#{name}") }
        %w[also also_each].each { |name| data[name]&.each_key { |key| known("materials", key, "#{pointer}/#{name}/#{key}") } }
        tags(data["cautions"], "#{pointer}/cautions")
        blanks(data["title"], "#{pointer}/title")
      end

      def recipe(recipe, pointer)
        recipe.materials.each_with_index do |key, index|
          at = "#{pointer}/parts/#{index}/material"
          next if key == Catalogue::Stirred::WATER

          mix = key.start_with?(Catalogue::Stirred::PREFIX)
          known(mix ? "recipes" : "materials", mix ? key.delete_prefix(Catalogue::Stirred::PREFIX) : key, at)
        end
        problem("#{pointer}/parts", "goes in a circle: a recipe cannot be a part of itself") if circular?(recipe)
        problem("#{pointer}/parts", "there is nothing in it but water") if recipe.materials.uniq == [Catalogue::Stirred::WATER]
      end

      # Its courses are held to what holds for courses of a plinth file, on ground of its own.
      def stack(data, pointer)
        kinds = @catalogue.kinds
        ground = { "id" => "stack", "ground" => kinds["grounds"].keys.first, "outline" => { "kind" => "rest" },
                   "courses" => data["courses"] }
        file = { "format" => PlinthFile::FORMAT, "title" => data["name"], "purpose" => kinds.usual("purposes").key, "scale" => 35,
                 "plinth" => { "outline" => { "kind" => "round", "diameter_mm" => 100 } }, "zones" => [ground] }
        file["mixes"] = data["mixes"] if data["mixes"]
        PlinthFile.new(with_own).problems(file).each { |one| problem(pointer + one.pointer.sub("/zones/0", ""), one.message) }
        data["courses"].each_with_index { |course, index| laid(course, data["mixes"] || [], "#{pointer}/courses/#{index}/material") }
      end

      # Courses may be of what comes with them.
      def with_own = @catalogue.with(@own["materials"], @own["techniques"])

      def laid(course, mixes, pointer)
        key = course["material"].to_s
        known("materials", key, pointer) unless mixes.any? { |mix| Catalogue::Stirred::PREFIX + mix["id"].to_s == key }
      end

      def circular?(recipe, above = [])
        return true if above.include?(recipe.id)

        recipe.mixes.any? { |key| recipe_of(key)&.then { |inner| circular?(inner, [*above, recipe.id]) } }
      end

      def recipe_of(key) = @own["recipes"][key]&.then { |data| Catalogue::Recipe.new(key, data) } || @catalogue.recipes[key]

      # Low, typical, high.
      def ordered(data, pointer)
        RANGES.each do |name|
          low, typical, high = data[name]
          problem("#{pointer}/#{name}", "must be low, typical, high, in this order") if low && !(low <= typical && typical <= high)
        end
      end

      def stages(data, pointer)
        STAGES.each_cons(2) do |before, after|
          next unless data[before] && data[after] && data[after][1] < data[before][1]

          problem("#{pointer}/#{after}", "is over before #{before} is")
        end
      end

      # A material says what all of its family that ship say, or nothing could be computed with it.
      def complete(data, pointer)
        missing = usual(data["family"], data["mechanism"] == "none") - data.keys
        problem(pointer, "is missing #{missing.join(", ")}, which every #{data["family"]} has") if missing.any?
      end

      def usual(family, inert)
        alike = @catalogue.materials.values.select { |one| one.family.key == family && one.sets? != inert }
        alike = @catalogue.materials.values.select(&:sets?) if alike.empty? && !inert
        alike.map { |one| one.to_h.keys }.reduce(:&).to_a - SPARE - ["key"]
      end

      def tags(list, pointer)
        (list || []).each_with_index do |tag, index|
          problem("#{pointer}/#{index}", "#{tag} is none of #{@catalogue.cautions.keys.join(", ")}") unless @catalogue.cautions.key?(tag)
        end
      end

      def known(kind, key, pointer)
        return if key.nil? || @own[kind].key?(key) || @catalogue.public_send(kind).key?(key)

        guess = DidYouMean::SpellChecker.new(dictionary: @catalogue.public_send(kind).keys + @own[kind].keys).correct(key).first
        problem(pointer, "#{key} is not among the #{kind}#{"; did you mean #{guess}?" if guess}")
      end

      def blanks(title, pointer)
        strange = title.scan(/%\{(\w*)\}/).flatten - %w[place material detail treatment]
        problem(pointer, "has a blank for #{strange.first}; there are place, material and detail") if strange.any?
      end
    end
  end
end
