# frozen_string_literal: true

module GreenPlinth
  module Server
    # Looks at the thermometer each half hour, in que's queue: one such job at a time, whichever process takes it.
    class AirJob < Que::Job
      EVERY_S = 1800
      # A lock of PostgreSQL that whoever begins it holds.
      BEGINNING = 4_711_014

      class << self
        # @return [AirWatch] of this process
        attr_accessor :watch

        # Begins it, where it is not in the queue.
        # @param database [Sequel::Database]
        def begin(database)
          database.transaction do
            database.get(Sequel.function(:pg_advisory_xact_lock, BEGINNING))
            enqueue(job_options: { run_at: Time.now + EVERY_S }) if database[:que_jobs].where(job_class: name, finished_at: nil).empty?
          end
        end
      end

      # What goes wrong over a build is logged; where the database is away que runs this one again.
      def run
        note
        self.class.enqueue(job_options: { run_at: Time.now + EVERY_S })
      end

      private

      def note
        self.class.watch.call
      rescue GivenUp, InvalidFile, Refusal => e
        Log.mistake("the air of the room", e)
      end
    end
  end
end
