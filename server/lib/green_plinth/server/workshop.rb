# frozen_string_literal: true

module GreenPlinth
  module Server
    # The catalogue as this workshop has it: what ships, over it the maker's own materials, techniques and recipes, and how long
    # things have been seen to dry here.
    class Workshop
      # @param store [Store]
      # @param shipped [Catalogue]
      def initialize(store, shipped: Catalogue.default)
        @store = store
        @shipped = shipped
        read
      end

      # @return [Catalogue]
      attr_reader :catalogue

      # @return [String] of what the maker has added, the same in every process that has read the same
      attr_reader :fingerprint

      # @return [Hash] "materials", "techniques" and "recipes" of the maker's own, by key
      attr_reader :own

      # @param entries [Hash] of the same shape, added to or put in place of what is there
      # @return [void]; raises InvalidFile
      def put(entries)
        whole = Files::CatalogueFile::KINDS.to_h { |kind| [kind, own[kind].merge(entries[kind] || {})] }
        problems = Files::CatalogueFile.new(@shipped).problems(whole.merge("format" => Files::CatalogueFile::FORMAT))
        raise InvalidFile, problems unless problems.empty?

        @store.put_own(entries)
        read
      end

      # @return [void]; raises Refusal (404, or 409 where builds or own entries use it)
      def delete(kind, key)
        raise Refusal.not_found("#{kind.chomp("s")} of your own called #{key}") unless own[kind]&.key?(key)

        users = users_of(kind, key)
        raise Refusal.new(409, "Still in use", "#{key} is used by #{users.join(", ")}: change that first.") if users.any? &&
          !shipped?(kind, key)

        @store.delete_own(kind, key)
        read
      end

      # @return [Array<Hash>] the newest first
      def notes = @store.dryings

      # Notes how long a step's coat really took. What was foretold is taken without what earlier notes had changed.
      # @param stages [Drying::Stages] of the step
      # @param observed_min [Float]
      # @return [Integer] id of the note
      def note(stages, observed_min, words)
        foretold = stages.dry_min / catalogue.history.factor(stages.material)
        id = @store.note_drying(material: stages.material, foretold_min: foretold, observed_min: observed_min, note: words)
        read
        id
      end

      # @return [void]; raises Refusal (404)
      def strike(id)
        @store.delete_drying(id) or raise Refusal.not_found("note #{id}")
        read
      end

      # Reads anew what the database has.
      # @return [Boolean] whether it was something else than is known here
      def read
        stock = [Files::CatalogueFile::KINDS.to_h { |kind| [kind, @store.own(kind)] }.freeze, notes]
        return false if stock == @stock

        @stock = stock
        @own = stock.first
        @fingerprint = Digest::SHA256.hexdigest(JSON.generate(stock))[0, 16]
        @catalogue = @shipped.with(own["materials"], own["techniques"], history(stock.last), recipes: own["recipes"])
        true
      end

      private

      def history(notes)
        Drying::History.new(notes.group_by { |row| row[:material] }
          .transform_values { |rows| rows.map { |row| row[:observed_min] / row[:foretold_min] } })
      end

      # What ships under the same name comes back when the own one goes.
      def shipped?(kind, key) = @shipped.public_send(kind).key?(key)

      def users_of(kind, key)
        # A file that uses a recipe has a copy of its own.
        stands_alone = kind == "recipes"
        quoted = JSON.generate(stands_alone ? Catalogue::Stirred::PREFIX + key : key)
        builds = stands_alone ? [] : builds_with(quoted)
        entries = own.flat_map do |other, list|
          list.select { |name, data| [other, name] != [kind, key] && JSON.generate(data).include?(quoted) }.keys
        end
        builds + entries
      end

      def builds_with(quoted)
        @store.all.select { |build| JSON.generate(@store.find(build.id).file).include?(quoted) }
          .map { |build| "“#{build.summary["title"]}”" }
      end
    end
  end
end
