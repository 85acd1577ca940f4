# frozen_string_literal: true

module GreenPlinth
  module Server
    # Answers heavy questions, beside the processes that serve pages. What nobody waits for any more, since it was dropped or the
    # build has moved on, is given up within a moment.
    class Answerer
      # Processor time for one answer, and by the clock, seconds.
      SECONDS = 120
      WAIT = 600
      # Between two words of how far it has come, seconds.
      PAUSE = 0.25

      # Raised where the process stops: the question goes back into the queue.
      class Stopping < StandardError; end

      # @param database [Sequel::Database]
      # @param stopping [#call] whether this process is to stop
      # @return [Answerer] for a process of its own
      def self.over(database, stopping: -> { Que.locker&.stopping? })
        store = Store.new(database)
        desk = Desk.new(store)
        new(store, desk, Listener.of(store), Watch.new(seconds: SECONDS, wait: WAIT, on_full: desk.method(:lighten)), stopping)
      end

      # @param desk [Desk]
      # @param listener [Listener]
      # @param watch [Watch]
      def initialize(store, desk, listener, watch, stopping)
        @store = store
        @desk = desk
        @listener = listener
        @watch = watch
        @stopping = stopping
        @gone = {}
        @lock = Mutex.new
        listener.on_inquiry { |inquiry| gone(inquiry["id"]) if inquiry["state"] == "gone" }
      end

      # @param id [Integer] of an inquiry
      # @return [void]; raises Stopping, or Outage: then it is asked again later
      def call(id)
        @lock.synchronize { @gone = {} }
        inquiry = @store.inquiry(id)
        return if inquiry.nil? || inquiry.answer || inquiry.problem

        @watch.over(-> { given_up?(inquiry) }) { answer(inquiry) }
      rescue GivenUp => e
        raise Stopping, e.message if @stopping.call

        @store.refuse_inquiry(id, e.refusal.to_h) if e.too_much?
      end

      private

      def answer(inquiry)
        @desk.restock
        @store.proceed_inquiry(inquiry.id, 0, 0)
        build = @desk.find(inquiry.build_id)
        found = Heavy::ANSWERS.fetch(inquiry.kind)
          .call(@desk.evaluate(build.file, build.id), inquiry.asked, @desk.looks_aside(build.id), progress(inquiry.id))
        @desk.keep_starts(build, found.starts) if found.is_a?(Questions::LongerSearch::Found) && found.gain_min.positive?
        @store.answer_inquiry(inquiry.id, found.is_a?(Array) ? found : found.to_h)
      rescue StandardError => e
        raise if Outage === e

        refused(inquiry, e)
      end

      def refused(inquiry, error)
        refusal = Refusal.of(error)
        Log.mistake("#{inquiry.kind} of build #{inquiry.build_id}", error) unless refusal
        refusal ||= Refusal.new(422, "Something broke here", "This question was not answered: the program's log says more.")
        @store.refuse_inquiry(inquiry.id, refusal.to_h)
      end

      def progress(id)
        told = 0
        lambda do |done, of|
          next if now - told < PAUSE

          told = now
          @store.proceed_inquiry(id, done, of)
        end
      end

      def gone(id) = @lock.synchronize { @gone[id] = true }

      def given_up?(inquiry)
        @stopping.call || @lock.synchronize { @gone[inquiry.id] } || moved_on?(inquiry)
      end

      def moved_on?(inquiry)
        latest = @listener.latest(inquiry.build_id)
        latest && latest > inquiry.version
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
