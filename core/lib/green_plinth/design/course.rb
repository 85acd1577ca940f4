# frozen_string_literal: true

module GreenPlinth
  class Design
    # One layer of one material in a zone or on a feature.
    class Course < Part
      attr_reader :host

      def self.of(host)
        (host.data["courses"] || []).each_with_index.map do |data, index|
          new(data, "#{host.pointer}/courses/#{index}", host)
        end
      end

      def initialize(data, pointer, host)
        super(data, pointer)
        @host = host
      end

      def material = data["material"]
      def coats = data["coats"] || 1
      def cover = (data["cover_pct"] || 100) / 100.0
      def name = data["name"] || material.tr("_", " ")

      # @return [String, nil] the id of the file's own mix
      def mix = material.start_with?("mix:") ? material.delete_prefix("mix:") : nil
    end
  end
end
