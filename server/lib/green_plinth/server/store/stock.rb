# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # The workshop's own materials, techniques and recipes.
      module Stock
        # @param kind [String] "materials" or "techniques"
        # @return [Hash{String => Hash}] the maker's own, by key
        def own(kind) = own_ds.where(kind: kind).order(:key).to_h { |row| [row[:key], row[:data]] }

        # Puts entries in place of those of the same key: all of them or none.
        # @param entries [Hash{String => Hash{String => Hash}}] by kind and key
        def put_own(entries)
          @db.transaction do
            entries.each { |kind, list| list.each { |key, data| put_entry(kind, key, data) } }
            restocked
          end
        end

        def delete_own(kind, key) = own_ds.where(kind: kind, key: key).delete.tap { restocked }

        private

        def put_entry(kind, key, data)
          own_ds.insert_conflict(target: %i[kind key], update: { data: json(data), updated_at: Sequel::CURRENT_TIMESTAMP })
                .insert(kind: kind, key: key, data: json(data))
        end

        def restocked = @db.notify(RESTOCKED, payload: "")

        def own_ds = @db[:own_entries]
      end
    end
  end
end
