# frozen_string_literal: true

module GreenPlinth
  module Screens
    # The order of work drawn part by part: a row for each part, in the order in which they lie on each other, with its steps.
    class OrderRows
      PART = %r{\A(?<within>/bodies/\d+|/variants/\d+/with)?/(?<list>[a-z]+)(?:/(?<index>\d+))?}
      # From the foot up: what is done on the bench, the plinth, what is built up on it, what stands, what hangs over.
      LAID = %w[tasks plinth sides forms zones waters features subjects].freeze
      # Words that lead from what is done to where: what is left without the place is told in the row of the place.
      TO = /(?:on|in|into|to|from|of|over|round|for|with)/

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @design = evaluation.design
        @steps = evaluation.steps
      end

      # @return [Array<Hash>] {pointer, others, name, steps: [{id, told}]}, the lowest first; a step that works on several parts stands in
      #   the row of each; what has no part stands on the bench, with no pointer. Numbered parts that go through the same steps share a
      #   row: others are the pointers of all but the first
      def to_a
        rows = Hash.new { |all, part| all[part] = [] }
        @steps.each { |step| parts(step).each { |part| rows[part] << { "id" => step.id, "told" => told(step, part) } } }
        sorted = rows.sort_by.with_index { |(part, _), index| [*rank(part), index] }
        sorted.group_by { |part, steps| [name(part).sub(NUMBER, ""), steps, (part unless name(part).match?(NUMBER))] }
          .map { |(stem, steps, _), alike| row(stem, steps, alike.map(&:first)) }
      end

      private

      # The number of one of several parts of one name.
      NUMBER = / \d+\z/
      private_constant :NUMBER

      def row(stem, steps, parts)
        numbers = parts.map { |part| name(part)[NUMBER].to_i }
        told = numbers.each_cons(2).all? { |a, b| b == a + 1 } ? "#{numbers.first}–#{numbers.last}" : numbers.join(", ")
        { "pointer" => parts.first, "others" => parts.drop(1), "steps" => steps,
          "name" => parts.one? ? name(parts.first) : "#{stem} #{told}" }
      end

      def parts(step)
        found = step.where.filter_map { |where| where[PART] }.uniq
        found.empty? ? [nil] : found
      end

      # The main body first, crowns above all that stands.
      def rank(part)
        match = PART.match(part.to_s) or return [0, -1, 0]
        crowned = match[:list] == "features" && !match[:within] && @design.features[match[:index].to_i]&.kind&.trait?("crowned")
        [match[:within] ? 1 + match[:within][/\d+/].to_i : 0, crowned ? LAID.size : LAID.index(match[:list]) || LAID.size,
match[:index].to_i]
      end

      def name(part)
        return "at the bench" unless part

        match = PART.match(part)
        called(part) + (match[:within] ? " (#{called(match[:within].delete_suffix("/with"))})" : "")
      end

      def called(pointer)
        data = pointer.delete_prefix("/").split("/").reduce(@design.to_h) { |at, key| at.is_a?(Array) ? at[key.to_i] : at&.fetch(key, nil) }
        words = data.is_a?(Hash) ? data["name"] || data["title"] || data["id"]&.tr("_-", "  ") : nil
        words || PART.match(pointer)[:list]
      end

      # "Spread earth paste on turf" in the row of the turf: "Spread earth paste"; "Paint lane and house, the walls" in that of the lane:
      # "Paint", in that of the house "Paint the walls".
      def told(step, part)
        return step.title unless part

        within = PART.match(part)[:within]
        title = within ? step.title.sub(" (#{called(within.delete_suffix("/with"))})", "") : step.title
        # The longest first: a lane may lie beside a lane to the village.
        name = /#{Regexp.union(parts(step).map { |one| called(one) }.sort_by { |one| -one.size })}(?:, #{spots})?/
        without(title, /,?:?\s+(?<to>#{TO}\s+)?(?:the\s+)?#{name}(?:(?:,| and)\s+#{name})*(?=[\s,)]|\z)/i, called(part))
      end

      # The last place where it is found is taken out, since grass may be laid on grass; where on the part it is stays.
      def without(title, words, part)
        found = title.enum_for(:scan, words).map { Regexp.last_match }.last or return title
        spot = found[0][/\b#{Regexp.escape(part)}, (#{spots})/i, 1]
        "#{found.pre_match}#{"#{"," if found[:to]} #{spot}" if spot}#{found.post_match}"
      end

      def spots
        @spots ||= Regexp.union(@design.catalogue.kinds.then { |kinds| kinds["face_spots"].values + kinds["water_spots"].values }
          .map { |spot| spot["name"] })
      end
    end
  end
end
