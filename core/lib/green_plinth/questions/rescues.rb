# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Ways to be ready sooner, each tried on the whole build: what it gains, what it costs, whether it makes the date.
    class Rescues
      WARMER_C = 4
      WARMEST_C = 25
      DRIER_PCT = 40
      THINNER = 0.6
      # Gains of less are not worth a change, minutes.
      LEAST_MIN = 30
      # Drier by less is not worth a machine, percent.
      LEAST_DRIER_PCT = 5
      # Thinner relief than this is not laid any thinner, mm.
      LEAST_THICK_MM = 1

      Way = Struct.new(:label, :cost, :patch, :ready_at, :gain_min, :saves, keyword_init: true) do
        def to_h
          { "label" => label, "cost" => cost, "patch" => patch, "ready_at" => Moment.format(ready_at), "gain_min" => gain_min,
            "saves" => saves }
        end
      end

      # @param design [Design]
      # @param schedule [Answer] as it stands
      # @param evaluate [Proc] file → Evaluation
      # @param progress [#call, nil] told how many ways of how many are tried
      def initialize(design, schedule, evaluate, progress: nil)
        @design = design
        @file = design.to_h
        @schedule = schedule
        @evaluate = evaluate
        @progress = progress
        @tried = 0
      end

      # @return [Array<Way>] those that make the date first, then by what they gain; where none does alone, the best three
      #   together before all
      def call
        ways = [*candidates.filter_map { |way| tried(*way) }, evening].compact.sort_by { |way| [way.saves ? 0 : 1, -way.gain_min] }
        together = ways.none?(&:saves) && ways.size > 1 ? joined(ways.first(3)) : nil
        [together, *ways].compact
      end

      private

      def candidates = @candidates ||= [*air, *hands, *thinner, *water, *finish]

      # The last is all of the best together.
      def of = candidates.size + (weekly.empty? ? 0 : free_days.size) + 1

      def put(path, value) = { "op" => "add", "path" => path, "value" => value }

      # A member of an object that may not be there yet.
      def within(member, key, value) = [@file[member] ? put("/#{member}/#{key}", value) : put("/#{member}", { key => value })]

      def air
        climate = @design.climate
        ways = []
        quickest = @design.kinds["airs"].each_value.min_by { |air| air["factor"] }
        ways << [quickest["label"], quickest["cost"], within("climate", "airflow", quickest.key)] unless climate.air == quickest
        warm = [climate.temperature_c + WARMER_C, WARMEST_C].min
        ways << ["warm the room to #{format("%g", warm)} °C", "heating while it dries",
                 within("climate", "temperature_c", warm)] if warm > climate.temperature_c
        if climate.humidity_pct > DRIER_PCT + LEAST_DRIER_PCT
          ways << ["dry the air to #{DRIER_PCT} %", "a dehumidifier", within("climate", "humidity_pct", DRIER_PCT)]
        end
        ways
      end

      def weekly = @design.calendar.data["weekly"] || []

      def hands
        return [] if weekly.empty?

        [["ask a helper in", "another pair of hands at every sitting",
          [put("/calendar/helpers", (@design.calendar.data["helpers"] || 0) + 1)]]]
      end

      # One more sitting a week, like the first, on the free day that gains most.
      def evening
        return if weekly.empty?

        free_days.filter_map do |day|
          tried("take one more evening, #{Moment::DAYS[day]}", "an evening a week",
            [put("/calendar/weekly/-", weekly.first.merge("day" => day))])
        end.max_by(&:gain_min)
      end

      def free_days = Moment::DAYS.keys - weekly.map { |row| row["day"] }

      # The paste or filler whose drying holds most things up.
      def thinner
        thick = @design.zones.flat_map(&:courses).select { |course| (course.own_thickness_mm || 0) > LEAST_THICK_MM }
        slowest = thick.max_by { |course| longest_wait(course.pointer) } or return []
        thin = (slowest.own_thickness_mm * THINNER).round(1)
        [["lay #{slowest.name} #{format("%g", thin)} mm thick", "less relief there", [put("#{slowest.pointer}/thickness_mm", thin)]]]
      end

      def longest_wait(pointer)
        @waits ||= @evaluate.call(@file).steps.each_with_object(Hash.new(0)) do |step, waits|
          step.where.each { |where| waits[where] = [waits[where], step.tail_min || 0].max }
        end
        @waits[pointer]
      end

      def water
        @design.waters.filter_map do |water|
          quicker = @design.catalogue[water.medium&.[]("quicker")] or next
          patch = [put("#{water.pointer}/medium", quicker.key)]
          patch << { "op" => "remove", "path" => "#{water.pointer}/layers" } if water.own_layers
          patch << { "op" => "remove", "path" => "#{water.pointer}/max_layer_mm" } if water.max_layer_mm
          ["pour #{water.name} in #{quicker.key.tr("_", " ")}", "gloves and air, and it cannot be lifted out again", patch]
        end
      end

      def finish = [*without_finish, *by_school]

      # From the last to the first, so that the places of the others stay what they are.
      def without_finish
        spare = @design.zones.flat_map { |zone| zone.courses.select { |course| course.material&.trait?("spare") } }
        return [] if spare.empty?

        [["leave the last varnish and dust off", "a plainer finish",
          spare.reverse.map { |course| { "op" => "remove", "path" => course.pointer } }]]
      end

      # Sides of schools that are taken for the sake of time.
      def by_school
        @design.kinds["schools"].flat_map do |key, school|
          school["sides"].filter_map do |side, words|
            sooner = words["sooner"]
            [sooner["label"], sooner["cost"], within("schools", key, side)] if sooner && @design.schools[key] != side
          end
        end
      end

      def tried(label, cost, patch)
        answer = @evaluate.call(Patch.apply(@file, patch)).schedule
        gain = @schedule.ready_at - answer.ready_at
        return if gain < LEAST_MIN

        Way.new(label: label, cost: cost, patch: patch, ready_at: answer.ready_at, gain_min: gain, saves: in_time?(answer.ready_at))
      rescue Infeasible, InvalidFile
        nil
      ensure
        @progress&.call(@tried += 1, of)
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
