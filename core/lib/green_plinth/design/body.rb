# frozen_string_literal: true

module GreenPlinth
  class Design
    # A further body of a build, beside the one that the file describes: a base of its own, with its own plinth, ground and waters,
    # composed by itself, made on the same evenings and joined to the others at the end.
    class Body < Part
      # What a body has of its own; all else is the build's.
      OWN = %w[plinth forms zones features subjects waters sides].freeze
      # What belongs to the build as a whole.
      WHOLE = %w[bodies variants formation tasks groups eye limits progress].freeze

      # @return [Kinds::Kind] where it is
      def how = kinds.of("body_places", place["how"]) || kinds.usual("body_places")

      # @return [Array(Float, Float)] mm, where its middle is on the plan of the build
      def at_mm = (place["at_mm"] || [0, 0]).map(&:to_f)

      # @return [Float] degrees, counter-clockwise
      def turn_deg = (place["turn_deg"] || 0).to_f

      # @return [Float] mm from what lies under it to its underside
      def gap_mm = how.trait?("over") ? (place["gap_mm"] || 0).to_f : 0.0

      # @return [Boolean] whether it is carried by the body that the file describes
      def carried? = !how["technique"].nil?

      # @param file [Hash] of the build
      # @return [Hash] of this body, as a build of its own
      def file_of(file)
        own = OWN.to_h { |member| [member, data[member]] }.compact
        file.except(*OWN, *WHOLE, "order").merge(own, "order" => wishes(file)).reject { |member, value| member == "order" && value.empty? }
      end

      # @param design [Design] the build
      # @return [Design] of this body
      def design_of(design) = Design.new(file_of(design.to_h), design.catalogue)

      # @return [Array<String>] ids of its parts
      def ids
        lists = (OWN - ["plinth"]).flat_map { |member| data[member] || [] }
        lists.flat_map { |part| [part, *part["courses"]] }.filter_map { |part| part["id"] }
      end

      # A place of its own drawing on the plan of the build.
      # @param shape [RGeo geometry]
      # @return [RGeo geometry]
      def placed(shape) = Plan::Outline.moved(shape, at_mm, turn_deg)

      # A point of the build's plan on its own.
      # @param point [Array(Float, Float)]
      # @return [Array(Float, Float)]
      def own_point((x, y))
        angle = -turn_deg * Math::PI / 180
        dx, dy = x - at_mm[0], y - at_mm[1]
        [(dx * Math.cos(angle)) - (dy * Math.sin(angle)), (dx * Math.sin(angle)) + (dy * Math.cos(angle))]
      end

      # @param path [String] a pointer of its own file
      # @return [String] the same in the build's, where the member is its own
      def pointer_of(path)
        OWN.include?(path.split("/")[1]) ? "#{pointer}#{path}" : path
      end

      private

      def place = data["place"] || {}

      # Wishes between its own parts.
      def wishes(file) = (file["order"] || []).select { |wish| wish.values_at("first", "then").all? { |id| ids.include?(id) } }
    end
  end
end
