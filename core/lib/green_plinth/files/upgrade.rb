# frozen_string_literal: true

module GreenPlinth
  module Files
    # Brings a plinth file of an older format to the one of this program, step by step: what stands keeps its meaning. A step
    # knows the format it begins from and changes a copy; further ones are added to STEPS with their specs. green-plinth/1 is the
    # first format, so that there is none yet.
    class Upgrade
      NAME = %r{\Agreen-plinth/(\d{1,4})\z}
      # Number of the format a step begins from → what it does to the file (a hash of its own, to be changed).
      STEPS = {}.freeze

      # @param steps [Hash{Integer => #call}]
      # @param present [String] the format they lead to
      def initialize(steps: STEPS, present: PlinthFile::FORMAT)
        @steps = steps
        @present = present
        @newest = number(present)
      end

      # @param file [Object] parsed JSON
      # @return [Object] the same file where it is of the present format, or of none that is known; else one that is brought up
      def call(file)
        at = number(file["format"]) if file.is_a?(Hash)
        return file unless at && at < @newest && (at...@newest).all? { |from| @steps.key?(from) }

        copy = Marshal.load(Marshal.dump(file))
        (at...@newest).each { |from| @steps[from].call(copy) }
        copy.merge("format" => @present)
      end

      # @return [Array<Problem>] one for a file that a newer program made
      def problems(file)
        at = number(file["format"])
        return [] unless at && at > @newest

        [Problem.new("/format", "is #{file["format"]}: a newer Green Plinth made this file; this one reads #{@present} at the latest")]
      end

      private

      def number(format) = NAME.match(format.to_s)&.[](1)&.to_i
    end
  end
end
