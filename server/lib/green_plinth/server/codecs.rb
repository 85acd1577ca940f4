# frozen_string_literal: true

require "rbconfig"

module GreenPlinth
  module Server
    # Ruby (3.1) loads the parts that translate between encodings when they are first asked for. A computation that is given up
    # within such a loading takes the whole process with it ("cfp consistency error": what is raised there is not unwound), so all
    # are loaded before the first request.
    module Codecs
      LIBRARIES = File.join(RbConfig::CONFIG.fetch("rubyarchdir"), "enc", "**", "*.#{RbConfig::CONFIG.fetch("DLEXT")}")

      # Some 60 small libraries: about 15 ms and 3 MB.
      def self.load_all = Dir[LIBRARIES].each { |path| require path }
    end
  end
end
