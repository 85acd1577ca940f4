# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Ways to be ready sooner, each tried on the whole build: what it gains, what it costs, whether it makes the date.
    class Rescues
      WARMER_C = 4
      WARMEST_C = 25
      DRIER_PCT = 40
      THINNER = 0.6
      # Gains of less are not worth a change, minutes.
      LEAST_MIN = 30
      DAYS = { "mon" => "Monday", "tue" => "Tuesday", "wed" => "Wednesday", "thu" => "Thursday", "fri" => "Friday", "sat" => "Saturday", "sun" => "Sunday" }.freeze
      # Media that set sooner than the one planned, the quickest last.
      QUICKER_WATER = { "acrylic_water" => "two_part_resin", "water_gel" => "two_part_resin", "two_part_resin" => "uv_resin" }.freeze
      # Courses a maker can do without.
      FINISH = %w[matt_varnish gloss_varnish dry_pigment pastel_dust].freeze

      Way = Struct.new(:label, :cost, :patch, :ready_at, :gain_min, :saves, keyword_init: true) do
        def to_h = { "label" => label, "cost" => cost, "patch" => patch, "ready_at" => Moment.format(ready_at), "gain_min" => gain_min, "saves" => saves }
      end

      # @param design [Design]
      # @param schedule [Answer] as it stands
      # @param evaluate [Proc] file → Evaluation
      def initialize(design, schedule, evaluate)
        @design = design
        @file = design.to_h
        @schedule = schedule
        @evaluate = evaluate
      end

      # @return [Array<Way>] those that make the date first, then by what they gain; where none does alone, the best three
      #   together before all
      def call
        ways = [*candidates.filter_map { |way| tried(*way) }, evening].compact.sort_by { |way| [way.saves ? 0 : 1, -way.gain_min] }
        together = ways.none?(&:saves) && ways.size > 1 ? joined(ways.first(3)) : nil
        [together, *ways].compact
      end

      private

      def candidates = [*air, *hands, *thinner, *water, *finish]

      def put(path, value) = { "op" => "add", "path" => path, "value" => value }

      # A member of an object that may not be there yet.
      def within(member, key, value) = [@file[member] ? put("/#{member}/#{key}", value) : put("/#{member}", { key => value })]

      def air
        climate = @design.climate
        ways = []
        ways << ["set a fan on it", "a fan on the bench, and dust off wet coats", within("climate", "airflow", "fan")] unless climate.airflow == "fan"
        warm = [climate.temperature_c + WARMER_C, WARMEST_C].min
        ways << ["warm the room to #{format("%g", warm)} °C", "heating while it dries", within("climate", "temperature_c", warm)] if warm > climate.temperature_c
        ways << ["dry the air to #{DRIER_PCT} %", "a dehumidifier", within("climate", "humidity_pct", DRIER_PCT)] if climate.humidity_pct > DRIER_PCT + 5
        ways
      end

      def weekly = @design.calendar.data["weekly"] || []

      def hands
        return [] if weekly.empty?

        [["ask a helper in", "another pair of hands at every sitting", [put("/calendar/helpers", (@design.calendar.data["helpers"] || 0) + 1)]]]
      end

      # One more sitting a week, like the first, on the free day that gains most.
      def evening
        return if weekly.empty?

        free = DAYS.keys - weekly.map { |row| row["day"] }
        free.filter_map do |day|
          tried("take one more evening, #{DAYS[day]}", "an evening a week", [put("/calendar/weekly/-", weekly.first.merge("day" => day))])
        end.max_by(&:gain_min)
      end

      # The paste or filler whose drying holds most things up.
      def thinner
        thick = @design.zones.flat_map(&:courses).select { |course| (course["thickness_mm"] || 0) > 1 }
        slowest = thick.max_by { |course| longest_wait(course.pointer) } or return []
        thin = (slowest["thickness_mm"] * THINNER).round(1)
        [["lay #{slowest.name} #{format("%g", thin)} mm thick", "less relief there", [put("#{slowest.pointer}/thickness_mm", thin)]]]
      end

      def longest_wait(pointer)
        @waits ||= @evaluate.call(@file).order.steps.each_with_object(Hash.new(0)) do |step, waits|
          step.where.each { |where| waits[where] = [waits[where], step.tail_min || 0].max }
        end
        @waits[pointer]
      end

      def water
        @design.waters.filter_map do |water|
          quicker = QUICKER_WATER[water.medium] or next
          patch = [put("#{water.pointer}/medium", quicker)]
          patch << { "op" => "remove", "path" => "#{water.pointer}/layers" } if water.own_layers
          patch << { "op" => "remove", "path" => "#{water.pointer}/max_layer_mm" } if water.max_layer_mm
          ["pour #{water.name} in #{quicker.tr("_", " ")}", "gloves and air, and it cannot be lifted out again", patch]
        end
      end

      # From the last to the first, so that the places of the others stay what they are.
      def finish
        spare = @design.zones.flat_map { |zone| zone.courses.select { |course| FINISH.include?(course.material) } }
        ways = []
        ways << ["leave the last varnish and dust off", "a plainer finish", spare.reverse.map { |course| { "op" => "remove", "path" => course.pointer } }] if spare.any?
        ways << ["leave the rim bare", "no frame round the scene", within("schools", "rim", "bare")] unless @design.schools["rim"] == "bare"
        ways << ["fix grains with thin superglue", "fumes, and no second thoughts", within("schools", "fixing", "thin_superglue")] unless @design.schools["fixing"] == "thin_superglue"
        ways
      end

      def tried(label, cost, patch)
        answer = @evaluate.call(Formats::Patch.apply(@file, patch)).schedule
        gain = @schedule.ready_at - answer.ready_at
        return if gain < LEAST_MIN

        Way.new(label: label, cost: cost, patch: patch, ready_at: answer.ready_at, gain_min: gain, saves: in_time?(answer.ready_at))
      rescue Infeasible, InvalidFile
        nil
      end

      # Removals of courses go last, or the places named after them would shift.
      def joined(ways)
        patch = ways.flat_map(&:patch).sort_by.with_index { |operation, index| [operation["op"] == "remove" ? 1 : 0, index] }
        tried("all of these: #{ways.map(&:label).join("; ")}", ways.map(&:cost).join("; "), patch)
      end

      # @return [Boolean, nil] nil where no date is wanted
      def in_time?(ready_at) = @design.calendar.finish_by&.then { |by| ready_at <= by }
    end
  end
end
