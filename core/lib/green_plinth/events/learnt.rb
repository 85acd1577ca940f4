# frozen_string_literal: true

module GreenPlinth
  module Events
    # What forecasts have learnt from the benches of a workshop: each factor can be looked at, switched off and forgotten. How long
    # things dry counts at once; how long hands are on it, how much is used up and what goes wrong from the next day on, so that no plan
    # jumps within a sitting.
    class Learnt
      KINDS = { "drying" => "dries", "pace" => "takes", "use" => "is used up", "risk" => "has to be done again" }.freeze
      # One thing that was learnt. key: kind and what of; seen: how often; value: factor, or share of 1 for a risk; off: whether it counts.
      Finding = Struct.new(:key, :kind, :name, :seen, :value, :off, keyword_init: true)

      # @param logs [Hash{Object => Array<Hash>}] events by build; what came in twice, with two copies of a build, counts once
      # @param off [Array<String>] keys that are switched off
      # @param midnight [Integer] minute that this day began
      def initialize(logs, off, midnight)
        known = Set.new
        @logs = logs.values.map { |rows| Log.new(rows.map { |row| Event.of(row) }.select { |event| known.add?(event.id) }) }
        @off = off
        @midnight = midnight
      end

      # @return [Array<Dryings::Note>] the oldest first
      def notes
        @notes ||= remembered("drying", @logs.flat_map { |log| Dryings.new(log).notes }, &:material)
      end

      # @param all [Boolean] with what is switched off
      # @return [Drying::History]
      def history(all: false)
        seen = grouped("drying", notes, all, &:material)
        Drying::History.new(seen.transform_values { |list| list.map { |note| note.observed_min / note.foretold_min } })
      end

      # @return [Ratios]
      def pace(all: false)
        @paces ||= remembered("pace", before_today.flat_map { |log| Paces.new(log).paces }, &:technique)
        Ratios.new(grouped("pace", @paces, all, &:technique).transform_values { |list| list.map { |one| one.spent_min / one.planned_min } })
      end

      # @return [Ratios] used up ÷ reckoned, by material
      def consumption(all: false)
        @takings ||= remembered("use", before_today.flat_map { |log| Takings.new(log).takings }, &:material)
        Ratios.new(grouped("use", @takings, all, &:material).transform_values { |list| list.map { |one| one.used / one.planned } })
      end

      # @return [Risks]
      def risks(all: false)
        seen = before_today.map { |log| Paces.new(without_forgotten(log)).redos }
          .reduce({}) { |sum, one| sum.merge(one) { |_, a, b| a.zip(b).map(&:sum) } }
        Risks.new(all ? seen : seen.reject { |key, _| @off.include?("risk:#{key}") })
      end

      # @param catalogue [Catalogue]
      # @return [Array<Finding>] all of them, by kind and name
      def factors(catalogue)
        dry, pace, risk, use = history(all: true), pace(all: true), risks(all: true), consumption(all: true)
        list = dry.keys.map { |key| factor("drying", key, catalogue.name(key), dry.count(key), dry.factor(key)) } +
               pace.keys.map { |key| factor("pace", key, way(catalogue, key), pace.count(key), pace.factor(key)) } +
               use.keys.map { |key| factor("use", key, catalogue.name(key), use.count(key), use.factor(key)) } +
               risk.keys.select { |key| risk.again(key).positive? }
                 .map { |key| factor("risk", key, way(catalogue, key), risk.count(key), risk.share(key)) }
        list.sort_by { |one| [KINDS.keys.index(one.kind), one.name] }
      end

      # @return [Array] what forecasts go by: the same in every process that has read the same
      def fields
        ratios = [history, pace, consumption].map { |one| one.keys.sort.map { |key| [key, one.count(key), one.factor(key)] } }
        [*ratios, risks.keys.sort.map { |key| [key, risks.count(key), risks.share(key)] }]
      end

      private

      def factor(kind, key, name, seen, value)
        Finding.new(key: "#{kind}:#{key}", kind: kind, name: name, seen: seen, value: value, off: @off.include?("#{kind}:#{key}"))
      end

      def way(catalogue, key) = catalogue.technique(key)&.title({}) || key.tr("_", " ")

      def before_today
        @before_today ||= @logs.map { |log| Log.new(log.all.select { |event| event.minute < @midnight }) }
      end

      def grouped(kind, list, all)
        list.group_by { |one| yield(one) }.select { |key, _| all || !@off.include?("#{kind}:#{key}") }
      end

      # What was forgotten is left out, whatever was seen until then.
      def remembered(kind, list)
        list.reject { |one| forgotten?(kind, yield(one), one.id) }
      end

      def forgotten?(kind, key, id)
        at = forgotten["#{kind}:#{key}"] or return false
        (instants[id] || 0) <= at
      end

      def forgotten
        @forgotten ||= @logs.flat_map(&:events).select { |event| event.kind == "forgot" }.group_by { |event| event.data["factor"] }
          .transform_values { |events| events.map(&:instant).max }
      end

      def instants = @instants ||= @logs.flat_map(&:all).to_h { |event| [event.id, event.instant] }

      def without_forgotten(log)
        Log.new(log.all.reject { |event| event.of && (at = forgotten["risk:#{event.of["technique"]}"]) && event.instant <= at })
      end
    end
  end
end
