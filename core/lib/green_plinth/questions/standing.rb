# frozen_string_literal: true

module GreenPlinth
  module Questions
    # A design as far as it has come by a moment: what is not begun by then is left out. What no step makes was always there.
    class Standing
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
        zones = @file["zones"]&.each_with_index&.map do |zone, index|
          zone.merge("courses" => kept(zone["courses"] || [], "/zones/#{index}/courses", moment))
        end
        # Groups, wishes and marks name parts that may not be there yet.
        @file.except("order", "progress", "groups").merge(lists, { "zones" => zones }.compact)
      end

      private

      def kept(list, pointer, moment)
        list.each_with_index.select { |_, index| (@spans["#{pointer}/#{index}"]&.begun || moment) <= moment }.map(&:first)
      end
    end
  end
end
