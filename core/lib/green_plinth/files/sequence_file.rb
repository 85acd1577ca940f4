# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth-sequence/1: a bare network of steps.
    class SequenceFile
      FORMAT = "green-plinth-sequence/1"

      # @param text [String] JSON
      # @return [Schedule::Network]; raises InvalidFile with every problem found
      def self.read(text) = new.read(text)

      def read(text)
        @problems = []
        data = Json.parse(text)
        return refuse("", "the file must be an object like {\"format\": \"#{FORMAT}\", …}") unless data.is_a?(Hash)

        problem("/format", "must be \"#{FORMAT}\"") unless data["format"] == FORMAT
        start = moment(data["start"], "/start")
        sittings = sittings(data["sittings"])
        steps = steps(data["steps"])
        known(steps)
        raise InvalidFile, @problems unless @problems.empty?

        Schedule::Network.new(start: start, sittings: sittings && trimmed(sittings, start), hands: 1, steps: steps)
      end

      private

      def problem(pointer, message)
        @problems << Problem.new(pointer, message)
        nil
      end

      def refuse(pointer, message)
        problem(pointer, message)
        raise InvalidFile, @problems
      end

      def moment(value, pointer)
        Moment.parse(value)
      rescue ArgumentError
        problem(pointer, "must be a moment like 2027-03-01T19:30")
      end

      def sittings(value)
        return if value.nil?
        return problem("/sittings", "must be a list of {\"from\", \"to\"}, or null for an always open bench") unless value.is_a?(Array)

        value.each_with_index.filter_map { |row, index| sitting(row, "/sittings/#{index}") }
      end

      def sitting(row, pointer)
        return problem(pointer, "must be {\"from\": …, \"to\": …}") unless row.is_a?(Hash)

        from = moment(row["from"], "#{pointer}/from")
        to = moment(row["to"], "#{pointer}/to")
        return unless from && to

        to > from ? [from, to] : problem("#{pointer}/to", "must be later than from")
      end

      # In order, overlaps joined, nothing before the start.
      def trimmed(sittings, start)
        joined = sittings.sort.each_with_object([]) do |(from, to), out|
          out.any? && from <= out.last[1] ? out.last[1] = [out.last[1], to].max : out << [from, to]
        end
        joined.filter_map { |from, to| [[from, start].max, to] if to > start }
      end

      def steps(value)
        return problem("/steps", "must be a list of steps") || [] unless value.is_a?(Array)

        value.each_with_index.filter_map { |row, index| step(row, "/steps/#{index}") }
      end

      def step(row, pointer)
        return problem(pointer, "must be an object with an id") unless row.is_a?(Hash)

        problem("#{pointer}/id", "must be a name of its own") unless row["id"].is_a?(String) && !row["id"].empty?
        Schedule::Node.new(id: row["id"], hands_on_min: minutes(row, "hands_on_min", pointer), tail_min: minutes(row, "tail_min", pointer),
          after: waits(row["after"] || [], "#{pointer}/after"))
      end

      def minutes(row, key, pointer, optional: false)
        value = row[key]
        return (optional ? nil : 0) if value.nil?
        return value.ceil if value.is_a?(Numeric) && value >= 0 && value < 1e8

        problem("#{pointer}/#{key}", "must be a number of minutes, 0 or more") || 0
      end

      def waits(value, pointer)
        return problem(pointer, "must be a list") || [] unless value.is_a?(Array)

        value.each_with_index.filter_map do |row, index|
          at = "#{pointer}/#{index}"
          next problem(at, "must be an object that names a step") unless row.is_a?(Hash) && row["step"].is_a?(String)

          Wait.new(first: row["step"], at_least_min: minutes(row, "at_least_min", at),
            at_most_min: minutes(row, "at_most_min", at, optional: true)&.floor)
        end
      end

      def known(steps)
        ids = steps.map(&:id)
        ids.tally.each do |id, count|
          problem("/steps/#{ids.rindex(id)}/id", "#{id} is used #{count} times; each step needs an id of its own") if count > 1
        end
        steps.each_with_index do |step, index|
          step.after.each_with_index do |wait, at|
            problem("/steps/#{index}/after/#{at}/step", "there is no step #{wait.first}") unless ids.include?(wait.first)
          end
        end
      end
    end
  end
end
