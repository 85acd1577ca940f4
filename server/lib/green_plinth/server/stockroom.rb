# frozen_string_literal: true

module GreenPlinth
  module Server
    # The stores of the workshop: what is on the shelf, told with what is to be said of it, and what builds make of it.
    class Stockroom
      # @param store [Store]
      # @param desk [Desk]
      def initialize(store, desk)
        @store = store
        @desk = desk
      end

      # @return [Stores::Shelves] as they are now
      def shelves = Stores::Shelves.new(left(@store.jars).map { |id, data| jar(id, data) }, @desk.catalogue.stirred)

      # @param jars [Array<Hash>] as a stores file has them; raises InvalidFile
      # @return [Array<Integer>] their ids
      def add(jars)
        checked(jars)
        @store.add_jars(jars)
      end

      # @return [void]; raises InvalidFile, or Refusal (404)
      def put(id, jar)
        checked([jar])
        @store.put_jar(id, jar) || raise(Refusal.not_found("jar #{id}"))
      end

      def delete(id) = @store.delete_jar(id) || raise(Refusal.not_found("jar #{id}"))

      # @return [Array<Hash>] as a stores file has them
      def data = left(@store.jars).values

      # Puts full packs on the shelf: into the jar of the same thing and size, else into a new one. What was paid for it stays, unless
      # another price is told.
      # @param bought [Array<Hash>] material, colour, pack, unit, packs, and price_minor where it is known, of each
      # @param today [Date]
      def buy(bought, today)
        @store.change_jars do |noted|
          jars = left(noted)
          changed = {}
          fresh = bought.filter_map do |one|
            id, jar = jars.find { |_, other| same?(other, one) }
            next new_jar(one, today) unless id

            jar = changed[id] || jar
            changed[id] = jar.merge("full" => (jar["full"] || 0) + one["packs"], "bought_on" => today.iso8601,
              "price_minor" => one["price_minor"] || jar["price_minor"]).compact
            nil
          end
          [changed, fresh]
        end
      end

      private

      # @return [Hash{Integer => Hash}] what is in jars, by id, after what was used at the bench
      def left(jars)
        Stores::UsedUp.new(@store.used, @desk.catalogue.stirred).left(jars.map { |row| Stores::UsedUp::Looked.new(*row) })
      end

      def jar(id, data) = Stores::Jar.new(id, data, @desk.catalogue.stirred)

      def checked(jars)
        problems = Files::StoresFile.new(@desk.catalogue).problems({ "format" => Files::StoresFile::FORMAT, "jars" => jars })
        raise InvalidFile, problems unless problems.empty?
      end

      def same?(jar, bought)
        jar["material"] == bought["material"] && jar["colour"]&.downcase == bought["colour"]&.downcase && jar["unit"] == bought["unit"] &&
          jar["pack"].to_f == bought["pack"].to_f
      end

      def new_jar(bought, today)
        bought.slice("material", "colour", "pack", "unit", "price_minor")
          .merge("full" => bought["packs"], "bought_on" => today.iso8601).compact
      end
    end
  end
end
