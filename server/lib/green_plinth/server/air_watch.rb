# frozen_string_literal: true

module GreenPlinth
  module Server
    # Notes the air of the workshop in the log of each build of which something is drying, where the maker wants it so.
    class AirWatch
      KINDS = { "temperature" => "temperature_c", "humidity" => "humidity_pct" }.freeze

      # @param database [Sequel::Database]
      # @return [AirWatch] for a process of its own
      def self.over(database)
        store = Store.new(database)
        new(store, Desk.new(store))
      end

      # @param store [Store]
      # @param desk [Desk]
      # @param thermometer [Thermometer]
      # @param clock [#call] → Time on the wall
      def initialize(store, desk, thermometer: Thermometer.new, clock: -> { Time.now })
        @store = store
        @desk = desk
        @thermometer = thermometer
        @clock = clock
      end

      # @return [Array<Integer>] ids of the builds that it was noted for
      def call
        reading = wanted? && @thermometer.read or return []
        now = @clock.call
        drying(Moment.parse(now.strftime("%Y-%m-%dT%H:%M"))).each { |id| @desk.record(id, events(reading, now)) }
      end

      private

      def wanted? = @store.preferences["note_air"] == "on"

      # What was only planned dries in no air that there was.
      def drying(minute)
        @desk.restock
        told = @desk.plans.dated(minute).plans.select { |_, plan| plan.told? }
        Questions::Now.new(told, minute).wet.map(&:key).uniq
      end

      def events(reading, now)
        KINDS.map do |what, name|
          { "id" => SecureRandom.uuid, "kind" => "measured", "at" => now.strftime("%Y-%m-%dT%H:%M:%S%:z"), "device" => "thermometer",
            "data" => { "what" => what, "value" => reading[name], "simulated" => reading["simulated"] } }
        end
      end
    end
  end
end
