# frozen_string_literal: true

module GreenPlinth
  module Server
    # The catalogue as this workshop has it: what ships, and over it the maker's own materials and techniques.
    class Workshop
      # @param store [Store]
      # @param shipped [Materials::Catalogue]
      def initialize(store, shipped: Materials::Catalogue.default)
        @store = store
        @shipped = shipped
        read
      end

      # @return [Materials::Catalogue]
      attr_reader :catalogue

      # @return [Hash] "materials" and "techniques" of the maker's own, by key
      attr_reader :own

      # @param entries [Hash] of the same shape, added to or put in place of what is there
      # @return [void]; raises InvalidFile
      def put(entries)
        whole = Formats::CatalogueFile::KINDS.to_h { |kind| [kind, own[kind].merge(entries[kind] || {})] }
        problems = Formats::CatalogueFile.new(@shipped).problems(whole.merge("format" => Formats::CatalogueFile::FORMAT))
        raise InvalidFile, problems unless problems.empty?

        entries.each { |kind, list| list.each { |key, data| @store.put_own(kind, key, data) } }
        read
      end

      # @return [void]; raises Problem (404, or 409 where builds or own entries use it)
      def delete(kind, key)
        raise Problem.not_found("#{kind.chomp("s")} of your own called #{key}") unless own[kind]&.key?(key)

        users = users_of(kind, key)
        raise Problem.new(409, "Still in use", "#{key} is used by #{users.join(", ")}: change that first.") if users.any? && !shipped?(kind, key)

        @store.delete_own(kind, key)
        read
      end

      private

      def read
        @own = Formats::CatalogueFile::KINDS.to_h { |kind| [kind, @store.own(kind)] }.freeze
        @catalogue = @shipped.with(own["materials"], own["techniques"])
      end

      # What ships under the same name comes back when the own one goes.
      def shipped?(kind, key) = @shipped.public_send(kind).key?(key)

      def users_of(kind, key)
        quoted = JSON.generate(key)
        builds = @store.all.select { |build| JSON.generate(@store.find(build.id).file).include?(quoted) }.map { |build| "“#{build.summary["title"]}”" }
        entries = own.flat_map { |other, list| list.select { |name, data| [other, name] != [kind, key] && JSON.generate(data).include?(quoted) }.keys }
        builds + entries
      end
    end
  end
end
