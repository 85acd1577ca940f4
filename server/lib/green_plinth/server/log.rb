# frozen_string_literal: true

module GreenPlinth
  module Server
    # What whoever runs the server reads of it, on standard error: the program's own mistakes with their traces, outages in a
    # line. Nothing of what makers compose.
    module Log
      TRACE = 12

      module_function

      # @param where [String] what was being done
      def mistake(where, error)
        warn "#{stamp} #{plain(where)}: #{error.class}: #{plain(error.message)}\n  #{(error.backtrace || []).first(TRACE).join("\n  ")}"
      end

      def outage(error) = warn("#{stamp} the database is away: #{plain(error.message)}")

      # One line, without what would move the cursor or begin another line.
      def plain(text) = text.to_s.scrub.lines.first.to_s.gsub(/[[:cntrl:]]+/, " ").strip[0, 300]

      def stamp = Time.now.strftime("%F %T")
      private_class_method :stamp
    end
  end
end
