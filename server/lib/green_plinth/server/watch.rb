# frozen_string_literal: true

require "fiddle"

module GreenPlinth
  module Server
    # Watches over computations: each may take so much processor time and no more, and is given up, too, when whoever asked has
    # gone. Where the process grows too large, what it remembers is forgotten. One thread looks round ten times a second.
    class Watch
      # Processor time for one answer, seconds; the largest base that the format allows takes less.
      SECONDS = Float(ENV.fetch("GREEN_PLINTH_SECONDS", "3.5"))
      # By the clock, seconds: where others are computed beside it an answer takes longer than its own share of the processor.
      WAIT = Float(ENV.fetch("GREEN_PLINTH_WAIT", "4"))
      # Of the whole process, MB: over it, what was computed is forgotten.
      MEGABYTES = Integer(ENV.fetch("GREEN_PLINTH_MEGABYTES", "500"))
      STOPPING = "the server stops"
      GONE = "whoever asked has gone"
      BUSY = "other computations are under way"
      # Between two looks, seconds; and between two clearings.
      TICK = 0.1
      REST = 2
      # What clearing could not free is no reason to clear again: the process has to grow by so much first.
      GROWTH = 1.2

      # Gives freed memory back to the system, where the C library can (glibc, malloc_trim(3)).
      TRIM = begin
        Fiddle::Function.new(Fiddle::Handle::DEFAULT["malloc_trim"], [Fiddle::TYPE_SIZE_T], Fiddle::TYPE_INT)
      rescue Fiddle::DLError
        nil
      end
      private_constant :TRIM

      # One computation. tid: of its thread as the kernel counts; began: its processor time then, s; gone: whether its asker is;
      # most: processor time that it has, s; ends: when it is over by the clock, s.
      Task = Struct.new(:thread, :tid, :began, :gone, :most, :ends)

      # @param seconds [Numeric] of processor time
      # @param wait [Numeric] seconds by the clock
      # @param on_full [#call] frees memory
      def initialize(seconds: SECONDS, wait: WAIT, megabytes: MEGABYTES, on_full: -> {})
        @seconds = seconds
        @wait = wait
        @megabytes = megabytes
        @on_full = on_full
        @tasks = []
        @lock = Mutex.new
        @cleared = now
        @left = 0
      end

      # Runs the block under watch. Raises GivenUp in it.
      # @param gone [#call] whether the asker has gone
      # @param times [Integer] as much as for one answer, where many are worked on
      def over(gone = -> { false }, times: 1)
        start
        task = Task.new(Thread.current, Thread.current.native_thread_id, nil, gone, @seconds * times, now + (@wait * [times, 1].max))
        task.began = spent(task)
        Thread.handle_interrupt(GivenUp => :never) do
          @lock.synchronize { @tasks << task }
          begin
            Thread.handle_interrupt(GivenUp => :immediate) { yield }
          ensure
            @lock.synchronize { @tasks.delete(task) }
          end
        end
      end

      # No computation is under way and none begins: those that are, are given up.
      def stop = @lock.synchronize { @tasks.dup.each { |task| give_up(task, STOPPING) } }

      private

      def start = @lock.synchronize { @thread = Thread.new { look_round } unless @thread&.alive? }

      def look_round
        loop do
          sleep(TICK)
          @lock.synchronize { @tasks.dup.each { |task| look_at(task) } }
          clear if now - @cleared > REST && resident_mb > [@megabytes, @left * GROWTH].max
        end
      end

      def look_at(task)
        if spent(task) - task.began > task.most then give_up(task, "it takes more than #{task.most.round} s to compute")
        elsif now > task.ends then give_up(task, BUSY)
        elsif task.gone.call then give_up(task, GONE)
        end
      end

      def give_up(task, why)
        @tasks.delete(task)
        task.thread.raise(GivenUp, why)
      end

      def clear
        @cleared = now
        @on_full.call
        GC.start
        TRIM&.call(0)
        @left = resident_mb
      end

      # Nanoseconds on the processor (Linux kernel documentation, sched-stats), as seconds; by the clock where there is no such.
      def spent(task)
        File.read("/proc/self/task/#{task.tid}/schedstat").to_i / 1e9
      rescue SystemCallError
        now
      end

      # Of the whole process (Linux, proc(5)); 0 where that cannot be read.
      def resident_mb
        File.read("/proc/self/statm").split[1].to_i * 4096 / 1e6
      rescue SystemCallError
        0
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
