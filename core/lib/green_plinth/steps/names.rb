# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Names for courses that have none, so that what happens to their steps stays with them when others are laid above. A step of a
    # course without a name is called by its place in its zone, feature, water or side and its material.
    class Names
      # Host, place and material in the id of such a step; what follows is a coat or a batch.
      UNNAMED = %r{\A(?<host>[^/]+)/(?<place>\d+)-(?<material>[^/]+)(?<rest>/.*)?\z}

      # @param design [Design]
      def initialize(design)
        @design = design
      end

      # @param ids [Enumerable<String>] of steps
      # @return [Array<Hash>] a patch that names the courses they are of; empty where all have names
      def patch(ids)
        courses = ids.filter_map { |id| course(id) }.uniq.reject(&:id)
        courses.zip(@design.fresh_ids("course").first(courses.size))
          .map { |course, name| { "op" => "add", "path" => "#{course.pointer}/id", "value" => name } }
      end

      # @param id [String] of a step, as it was called before its course had a name
      # @return [String] as it is called now
      def now(id)
        name = course(id)&.id or return id
        "#{name}#{UNNAMED.match(id)[:rest]}"
      end

      private

      # @return [Design::Course, nil] nil where the id is not made of a place, or another material lies there
      def course(id)
        match = UNNAMED.match(id.to_s) or return
        host = (@design.zones + @design.features + @design.waters + @design.sides).find { |one| one.id == match[:host] }
        course = host&.courses&.at(match[:place].to_i - 1) if match[:place].to_i.positive?
        course if course&.material_key&.delete_prefix("mix:") == match[:material]
      end
    end
  end
end
