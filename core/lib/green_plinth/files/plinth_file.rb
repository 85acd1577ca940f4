# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth/1 in and out. A file is taken whole or refused whole, with every problem found.
    class PlinthFile
      FORMAT = "green-plinth/1"

      # @return [String] the file, every key in it, as people like to read it
      def self.write(design) = text(design.to_h)

      # @param file [Hash]
      # @return [String] its members in the order of the format
      def self.text(file) = ::JSON.pretty_generate(InOrder.new.call(file))

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

        Design.new(Events::Written.settled(file), @catalogue)
      end

      # @return [Array<Problem>] empty for a valid file. Sense is only asked of what has the right shape.
      def problems(file)
        return [Problem.new("", "the file must be an object like {\"format\": \"#{FORMAT}\", …}")] unless file.is_a?(Hash)

        misshapen = misshapen(file)
        misshapen.empty? ? senseless(file) : misshapen
      end

      private

      # A part that is known to be right is looked at again only for where the others stand.
      def misshapen(file)
        unknown = known.unknown(file)
        checks = [Text, Upgrade.new, schema]
        return checks.lazy.map { |check| check.problems(file) }.find(&:any?) if checks.any? { |check| check.problems(unknown).any? }

        known.take(unknown)
        []
      end

      def schema = Schema.of(Schema::PLINTH_FILE, @catalogue.kinds)
      def known = @known ||= KnownParts.new(schema.lists)

      # Where nothing has changed that sense was asked of, the answer stands.
      def senseless(file)
        digests = Hash.new { |known, member| known[member] = Memo.digest(file[member]) }
        @memo.recall(:sense, digests.method(:[])) { Sense.new(@catalogue, self).problems(file) }
      end
    end
  end
end
