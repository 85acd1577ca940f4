# frozen_string_literal: true

module GreenPlinth
  module Batching
    # Fits works into sittings: work on many copies is cut into batches, work on a large area into parts, each no
    # longer than the longest sitting. One piece that cannot be left stays whole, however long.
    class Portions
      # @param longest_min [Integer, nil] the longest sitting; nil: the bench is always open
      # @param batches [Hash{String => Array<Range>}] copies of each batch by work, where they are settled already
      def initialize(longest_min, copies, batches: {})
        @longest = longest_min
        @copies = copies
        @batches = batches
      end

      # @param least [Integer] at least so many parts or batches
      # @return [Array<Step>] without their `after`
      def of(work, least: 1)
        settled = @batches[work.id]
        return settled.map { |copies| batch(work, copies) } if settled && settled.size >= least

        all = all(work)
        whole = minutes(work, all.size)
        return [step(work, whole, all)] if least == 1 && (@longest.nil? || whole <= @longest)
        return batches(work, least) if all.size > 1 && (@longest.nil? || minutes(work, 1) <= @longest)

        work.splittable ? parts(work, whole, least) : [step(work, whole, all)]
      end

      # @return [Range] the copies that a work is done on
      def all(work) = work.bases || (1..@copies)

      # @return [Float] hands-on minutes for so many copies, with every mix
      def minutes(work, copies) = work.hands_on(copies) + ((mixes(work, copies) - 1) * Mixing::AGAIN_MIN)

      private

      def mixes(work, copies)
        Mixing.times(work.material, work.stages.open_min, work.each_min * copies)
      end

      def batches(work, least)
        copies = all(work).size
        most = @longest && (1..copies).to_a.bsearch { |count| minutes(work, count) > @longest }
        size = most ? most - 1 : copies
        count = [(copies / size.to_f).ceil, least].max
        even = (copies / count.to_f).ceil
        all(work).each_slice(even).map { |copies| batch(work, copies.first..copies.last) }
      end

      def batch(work, copies)
        return step(work, minutes(work, copies.size), copies) if copies == all(work)

        words = copies.size == 1 ? "base #{copies.min}" : "bases #{copies.min}–#{copies.max}"
        step(work, minutes(work, copies.size), copies, "bases-#{copies.min}-#{copies.max}", words)
      end

      def parts(work, whole, least)
        set_up = work.minutes ? 0 : work.technique.setup_min
        room = @longest ? [@longest - set_up, 1].max : whole
        count = [((whole - set_up) / room.to_f).ceil, least].max
        each = ((whole - set_up) / count) + set_up
        (1..count).map { |number| step(work, each, all(work), "part-#{number}", "part #{number} of #{count}", 1.0 / count) }
      end

      def step(work, minutes, copies, suffix = nil, words = nil, share = 1.0)
        Steps::Step.new(id: [work.id, suffix].compact.join("/"), title: [work.title, words].compact.join(", "), phase: work.phase,
          technique: work.technique.key, hands_on_min: [minutes.round, 1].max, each_min: work.each_min * share,
          tail_min: work.stages.dry_min, stages: work.stages, rig: work.rig, material: work.material_key,
          uses: work.uses.map { |use| use * (copies.size * share) }, cautions: cautions(work), inspection: work.technique.look,
          trouble: work.technique.trouble, notes: work.technique.notes, where: work.where, places: work.places, copies: copies,
          after: [], note: work.note, stay_min: stay(work, minutes), mixes: mixes(work, copies.size * share), unseen: work.does?("unseen"))
      end

      # No longer than the longest sitting leaves.
      def stay(work, minutes)
        stay = work.technique["stay_min"] || 0
        @longest ? [stay, @longest - minutes.round].min.clamp(0..) : stay
      end

      # Hazards of the technique, of the material and of what holds it, each told once. Spraying makes any coat a mist.
      def cautions(work)
        tags = work.technique.cautions + [work.material, work.dries].compact.flat_map(&:hazards)
        tags |= [MIST] if work.sprayed?
        tags -= [MIST] unless work.sprayed? || work.of?("aerosol")
        tags.uniq
      end

      # The caution that goes with whatever is sprayed.
      MIST = "aerosol"
      private_constant :MIST
    end
  end
end
