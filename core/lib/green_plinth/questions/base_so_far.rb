# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What one base of a build holds by a moment: its parts that are begun, and the courses on them. What no step makes was always there.
    class BaseSoFar
      LISTS = %w[forms features subjects].freeze
      # Parts that are there for the courses on them; a ground that nothing is laid on yet is not, since the bare forms are seen.
      COURSED = %w[zones waters sides].freeze

      # @param members [Hash] of the base, as in the file
      # @param root [String] where in the file they are: "" or "/bodies/0"
      # @param spans [Hash{String => Timeline::Span}]
      # @param moment [Integer] minutes
      def initialize(members, root, spans, moment)
        @members = members
        @root = root
        @spans = spans
        @moment = moment
      end

      # @return [Hash] its members as they are by then
      def members
        plain = LISTS.select { |name| @members[name] }.to_h { |name| [name, kept(@members[name], "/#{name}")] }
        coursed = COURSED.select { |name| @members[name] }.to_h { |name| [name, indices(name).map { |index| with_courses(name, index) }] }
        plain.merge(coursed)
      end

      # @return [Hash{String => String}] pointers within the whole base, by those of its members so far
      def pointers
        named = LISTS.flat_map { |name| renamed(@members[name] || [], "/#{name}", "/#{name}") }
        (named + features_courses + COURSED.flat_map { |name| of_coursed(name) }).to_h
      end

      private

      def indices(name)
        list = @members[name] || []
        return there(list, "/#{name}") if name == "waters"

        list.each_index.select do |index|
          courses = list[index]["courses"] || []
          courses.empty? || there(courses, "/#{name}/#{index}/courses").any?
        end
      end

      def there(list, pointer)
        list.each_index.select { |index| (@spans["#{@root}#{pointer}/#{index}"]&.begun || @moment) <= @moment }
      end

      def kept(list, pointer) = there(list, pointer).map { |index| list[index] }

      def with_courses(name, index)
        part = @members[name][index]
        part.key?("courses") ? part.merge("courses" => kept(part["courses"], "/#{name}/#{index}/courses")) : part
      end

      # @return [Array<Array(String, String)>] pointers of parts and of their courses, now and in the whole
      def of_coursed(name)
        indices(name).each_with_index.flat_map do |index, now|
          at = "/#{name}/#{index}"
          [["/#{name}/#{now}", at], *renamed(@members[name][index]["courses"] || [], "#{at}/courses", "/#{name}/#{now}/courses")]
        end
      end

      def renamed(list, pointer, to)
        there(list, pointer).each_with_index.map { |old, now| ["#{to}/#{now}", "#{pointer}/#{old}"] }
      end

      # Courses of features go with their features.
      def features_courses
        features = @members["features"] || []
        there(features, "/features").each_with_index.flat_map do |old, now|
          (features[old]["courses"] || []).each_index.map { |at| ["/features/#{now}/courses/#{at}", "/features/#{old}/courses/#{at}"] }
        end
      end
    end
  end
end
