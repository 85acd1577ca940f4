# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth/1 in and out. A file is taken whole or refused whole, with every problem found.
    class PlinthFile
      FORMAT = "green-plinth/1"

      # @param catalogue [Catalogue] whose materials the file may name
      def initialize(catalogue)
        @catalogue = catalogue
        @memo = Memo.new
      end

      # @param text [String] JSON
      # @return [Design]; raises InvalidFile
      def read(text) = build(Json.parse(text))

      # @param file [Object] parsed JSON
      # @return [Design]; raises InvalidFile
      def build(file)
        file = Upgrade.new.call(file)
        problems = problems(file)
        raise InvalidFile, problems unless problems.empty?

        Design.new(file, @catalogue)
      end

      # @return [Array<Problem>] empty for a valid file. Sense is only asked of what has the right shape.
      def problems(file)
        return [Problem.new("", "the file must be an object like {\"format\": \"#{FORMAT}\", …}")] unless file.is_a?(Hash)

        [Text, Upgrade.new, Schema.of(Schema::PLINTH_FILE, @catalogue.kinds)].each do |check|
          found = check.problems(file)
          return found unless found.empty?
        end
        senseless(file)
      end

      # Where nothing has changed that sense was asked of, the answer stands.
      def senseless(file)
        digests = Hash.new { |known, member| known[member] = Memo.digest(file[member]) }
        @memo.recall(:sense, digests.method(:[])) { Sense.new(@catalogue).problems(file) }
      end
      private :senseless

      # @return [String] the file, every key in it, as people like to read it
      def self.write(design) = ::JSON.pretty_generate(design.to_h)
    end
  end
end
