# frozen_string_literal: true

module GreenPlinth
  module Server
    # A Rack application that each process begins for itself: what is loaded may be shared between processes that are forked, its
    # connections to the database and its threads not.
    class EachProcess
      # @yield begins it
      # @yieldreturn [#call]
      def initialize(&begun)
        @begun = begun
        @lock = Mutex.new
      end

      def call(env) = app.call(env)

      # @return [#call] the one of this process, begun when first asked for
      def app
        @lock.synchronize do
          @app, @pid = @begun.call, Process.pid unless @pid == Process.pid
          @app
        end
      end
    end
  end
end
