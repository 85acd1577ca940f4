# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # How the parts of an evaluation are remembered from one edit to the next: by the members of the file that they are named to
    # depend on, by those that they turn out to look at, or by what they are made of.
    module Remembering
      # @param of [Array<Object>] all that the value is made of, told apart by what they are, not by what they hold
      # @return the block's value, the same object for the same
      def made_of(name, *of, &) = @memo.fetch(name, *of, &)

      private

      # Remembered under the digests of the file's members named, and whatever else it depends on.
      def part(name, members, *more, &)
        Reads.note(*members)
        @memo.fetch(name, *members.map { |member| digest(member) }, *more, &)
      end

      # Remembered by what it turns out to look at, for what is whole when it is made. Mixes are behind every material.
      def recalled(name)
        @memo.recall(name, method(:digest)) do
          Reads.note("mixes")
          yield
        end
      end

      def digest(member) = @digests[member] ||= Memo.digest([member, member == Reads::ALL ? file : file[member]])
    end
  end
end
