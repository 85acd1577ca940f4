# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # Works that would be called alike: told apart by what is laid, or by which layer of the pile they are.
      module ToldApart
        private

        # @param works [Array<Work>]
        # @return [Array<Work>] the same ones
        def tell_apart(works)
          works.group_by(&:title).each_value do |alike|
            marks = alike.size > 1 ? marks(alike) : nil
            alike.zip(marks) { |work, mark| work.words = work.words.merge(apart: mark) } if marks
          end
          works
        end

        # @return [Array<String>, nil] one for each; nil where nothing tells them apart
        def marks(works)
          each_its_own(works.map { |work| work.material_key && "with #{work.words[:material]}" }) ||
            each_its_own(works.map { |work| work.stack && "layer #{work.stack.last + 1}" })
        end

        def each_its_own(marks) = marks.all? && marks.uniq.size == marks.size ? marks : nil
      end
    end
  end
end
