# frozen_string_literal: true

module GreenPlinth
  module Server
    # The catalogue as this workshop has it: what ships, over it the maker's own materials, techniques and recipes, and how long
    # things have been seen to dry here.
    class Workshop
      # @param store [Store]
      # @param shipped [Catalogue]
      # @param clock [#call] → Time
      def initialize(store, shipped: Catalogue.default, clock: -> { Time.now })
        @store = store
        @shipped = shipped
        @clock = clock
        read
      end

      # @return [Catalogue]
      attr_reader :catalogue

      # @return [String] of what the maker has added, the same in every process that has read the same
      attr_reader :fingerprint

      # @return [Hash] "materials", "techniques", "recipes" and "stacks" of the maker's own, by key
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

      # @return [Array<Events::Dryings::Note>] how long things were seen to dry, the newest first
      def notes = @learnt.notes.reverse

      # @return [Array<Events::Learnt::Finding>] what forecasts have learnt
      def factors = @learnt.factors(catalogue)

      # @return [Boolean] whether what was read is of another day: what was learnt on it counts from now on
      def of_another_day? = today != @day

      # @return [Hash{String => Array<Hash>}] what went wrong before, by technique, see Events::Troubles
      def troubles
        logs = @store.troubles.values.map { |rows| Events::Log.new(rows.map { |row| Events::Event.of(row) }) }
        Events::Troubles.of(logs)
      end

      # Reads anew what the database has.
      # @return [Boolean] whether it was something else than is known here
      def read
        @day = today
        own = Files::CatalogueFile::KINDS.to_h { |kind| [kind, @store.own(kind)] }.freeze
        learnt = Events::Learnt.new(@store.learnt_events, @store.learnt_off, Moment.parse("#{@day}T00:00"))
        stock = [own, learnt.fields, learnt.notes.map(&:to_a)]
        return false if stock == @stock

        @stock, @own, @learnt = stock, own, learnt
        @fingerprint = Digest::SHA256.hexdigest(JSON.generate(stock.first(2)))[0, 16]
        @catalogue = @shipped.with(own["materials"], own["techniques"], learnt.history, recipes: own["recipes"],
          stacks: own["stacks"], pace: learnt.pace, risks: learnt.risks, consumption: learnt.consumption)
        true
      end

      private

      def today = @clock.call.strftime("%Y-%m-%d")

      # What ships under the same name comes back when the own one goes.
      def shipped?(kind, key) = @shipped.public_send(kind).key?(key)

      def users_of(kind, key)
        # A file that uses a recipe or a stack has a copy of its own.
        stands_alone = %w[recipes stacks].include?(kind)
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
