# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # What is on the shelf of the workshop.
      module Jars
        NOTED = [:id, :data, Sequel.lit("extract(epoch FROM updated_at)::float8").as(:noted)].freeze
        private_constant :NOTED

        # @return [Array<Array(Integer, Hash, Float)>] id, jar as a stores file has it, and the instant at which that was said, seconds; the
        #   oldest first
        def jars = jars_ds.order(:id).select_map(NOTED)

        # @return [Hash, nil] one jar
        def jar(id) = jars_ds.where(id: id).get(:data)

        # @param jars [Array<Hash>] all of them, or none
        # @return [Array<Integer>] their ids
        def add_jars(jars)
          @db.transaction { jars.map { |jar| jars_ds.insert(data: json(jar)) } }.tap { stored }
        end

        # @return [Boolean] whether there was one
        def put_jar(id, jar)
          jars_ds.where(id: id).update(data: json(jar), updated_at: Sequel::CURRENT_TIMESTAMP).positive?.tap { stored }
        end

        # @return [Boolean] whether there was one
        def delete_jar(id) = jars_ds.where(id: id).delete.positive?.tap { stored }

        # Several at once, while nobody else changes them.
        # @yield [Array<Array(Integer, Hash, Float)>] see jars; answers with those that change, by id, and those that are new
        def change_jars
          @db.transaction do
            changed, fresh = yield(jars_ds.order(:id).for_update.select_map(NOTED))
            changed.each { |id, jar| jars_ds.where(id: id).update(data: json(jar), updated_at: Sequel::CURRENT_TIMESTAMP) }
            fresh.each { |jar| jars_ds.insert(data: json(jar)) }
          end
          stored
        end

        # @param reading [String] JSON, as the scales tell it
        def tell_scales(reading) = @db.notify(SCALES, payload: reading)

        private

        def stored = @db.notify(STORED, payload: "")
        def jars_ds = @db[:jars]
      end
    end
  end
end
