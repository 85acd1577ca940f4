# frozen_string_literal: true

module GreenPlinth
  module Questions
    # A design as far as it has come by a moment: what is not begun by then is left out. What no step makes was always there.
    class SoFar
      LISTS = %w[forms features subjects waters].freeze

      # @param design [Design]
      # @param timeline [Timeline]
      def initialize(design, timeline)
        @file = design.to_h
        @spans = timeline.spans
      end

      # @param moment [Integer] minutes
      # @return [Hash] a plinth file
      def file(moment)
        lists = LISTS.filter_map { |name| [name, kept(@file[name], "/#{name}", moment)] if @file[name] }.to_h
        zones = begun(moment).map { |index| with_courses("zones", index, moment) }
        lists["waters"] = there(@file["waters"], "/waters", moment).map { |index| with_courses("waters", index, moment) } if @file["waters"]
        # Groups, wishes and marks name parts that may not be there yet.
        @file.except("order", "progress", "groups").merge(lists, @file["zones"] ? { "zones" => zones } : {})
      end

      # @param moment [Integer] minutes
      # @return [Hash{String => String}] pointers of the whole design, by those of the file so far
      def pointers(moment)
        named = LISTS.flat_map { |name| renamed(@file[name] || [], "/#{name}", "/#{name}", moment) }
        zones = coursed("zones", begun(moment), moment)
        (named + features_courses(moment) + zones + coursed("waters", there(@file["waters"] || [], "/waters", moment), moment)).to_h
      end

      private

      # Where nothing is laid yet the bare forms are seen, not the ground that is to come.
      # @return [Array<Integer>] indices of zones
      def begun(moment)
        (@file["zones"] || []).each_index.select do |index|
          courses = @file["zones"][index]["courses"] || []
          courses.empty? || there(courses, "/zones/#{index}/courses", moment).any?
        end
      end

      def there(list, pointer, moment)
        list.each_index.select { |index| (@spans["#{pointer}/#{index}"]&.begun || moment) <= moment }
      end

      def with_courses(list, index, moment)
        part = @file[list][index]
        part.key?("courses") ? part.merge("courses" => kept(part["courses"], "/#{list}/#{index}/courses", moment)) : part
      end

      # @return [Array<Array(String, String)>] pointers of parts and of their courses, now and in the whole
      def coursed(list, indices, moment)
        indices.each_with_index.flat_map do |index, now|
          at = "/#{list}/#{index}"
          [["/#{list}/#{now}", at], *renamed(@file[list][index]["courses"] || [], "#{at}/courses", "/#{list}/#{now}/courses", moment)]
        end
      end

      def kept(list, pointer, moment) = there(list, pointer, moment).map { |index| list[index] }

      def renamed(list, pointer, to, moment)
        there(list, pointer, moment).each_with_index.map { |old, now| ["#{to}/#{now}", "#{pointer}/#{old}"] }
      end

      # Courses of features go with their features.
      def features_courses(moment)
        there(@file["features"] || [], "/features", moment).each_with_index.flat_map do |old, now|
          courses = @file["features"][old]["courses"] || []
          courses.each_index.map { |at| ["/features/#{now}/courses/#{at}", "/features/#{old}/courses/#{at}"] }
        end
      end
    end
  end
end
