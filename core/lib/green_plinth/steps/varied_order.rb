# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The order of work of copies that differ: what is done alike on all is one work, whatever it comes to on each; what is other is work
    # of its own, on the bases that it is done on. Has what an OrderOfWork has.
    class VariedOrder
      # order: OrderOfWork of some bases; bases: Range of their numbers; suffix: of ids, and name: in words, nil for those that are as
      # the file has them; pointers: Design::VariantPointers that tell where the build has its parts, nil for those.
      Tray = Struct.new(:order, :bases, :suffix, :name, :pointers, keyword_init: true)

      attr_reader :works, :waits, :conflicts, :missing

      # @param trays [Array<Tray>] in the order of their bases, those that are as the file has them last
      def initialize(trays)
        @trays = trays
        @all = trays.first.bases.min..trays.last.bases.max
        @conflicts = trays.last.order.conflicts
        @missing = trays.flat_map { |tray| tray.order.missing }.uniq
        united || apart
      end

      # @return [Array] what makes it what it is
      def fields
        [@works.map(&:fields), @waits.map { |wait| [wait.first.id, wait.later.id, *wait.to_a.drop(2)] }, @missing]
      end

      private

      # Where the orders of the variants, taken together, come round in a circle, they are kept apart.
      def united
        take(->(work) { [work.id, *alike(work)] })
        graph = Graph.new(@works)
        @waits.each { |wait| graph.add(wait.first, wait.later) }
        graph.order
      end

      def apart = take(->(work) { work.object_id })

      # What makes works the same work; not how much there is to do.
      def alike(work)
        [work.technique.key, work.material_key, work.dries&.key, work.rig, work.coat, work.coats, work.stages.thickness_mm&.round(2)]
      end

      # @param key [#call] what is the same for works that become one
      def take(key)
        @one = {}.compare_by_identity
        pairs = @trays.each_with_index.flat_map { |tray, index| tray.order.works.map { |work| [work, index] } }
        runs = pairs.group_by { |work, _| key[work] }.values.flat_map { |same| same.slice_when { |a, b| b[1] > a[1] + 1 }.to_a }
        runs.each { |run| unite(run) }
        @works = in_turn
        @waits = joined
      end

      def unite(run)
        work, last = run.last
        bases = @trays[run.first[1]].bases.min..@trays[last].bases.max
        made = work.dup
        made.bases = bases unless bases == @all
        made.id = "#{work.id}@#{@trays[last].suffix}" if @trays[last].suffix
        made.words = work.words.merge(variant: words(run)) if @trays[last].suffix
        made.where, made.places = %i[where places].map { |member| pointed(run, member) }
        average(made, run) if run.size > 1
        run.each { |one, _| @one[one] = made }
      end

      def pointed(run, member)
        run.flat_map { |work, index| work[member].map { |pointer| @trays[index].pointers&.place(pointer) || pointer } }.uniq
      end

      def words(run) = run.map { |_, index| @trays[index].name }.uniq.join(" and ")

      # So much for each of its bases in the mean: together they come to what each of them takes.
      def average(made, run)
        weights = run.map { |_, index| @trays[index].bases.size }
        whole = weights.sum.to_f
        made.amount = run.zip(weights).sum { |(work, _), weight| work.amount * weight } / whole
        minutes = run.map { |work, _| work.minutes }
        made.minutes = minutes.zip(weights).sum { |each, weight| each * weight } / whole if minutes.all?
        return if run.map { |work, _| work.uses }.uniq.size == 1

        made.uses = run.zip(weights).flat_map { |(work, _), weight| work.uses.map { |use| use * (weight / whole) } }
      end

      # Those of the plain bases in their order, what only variants have where it comes in theirs.
      def in_turn
        @trays.reverse.flat_map { |tray| tray.order.works.map { |work| @one[work] } }.uniq(&:object_id)
      end

      def joined
        between = @trays.flat_map { |tray| tray.order.waits.map { |wait| wait.between(@one[wait.first], @one[wait.later]) } }
        between.group_by { |wait| [wait.first.object_id, wait.later.object_id, wait.code] }.map { |_, same| strictest(same) }
      end

      def strictest(same)
        least = same.map(&:at_least_min).max
        same.first.lasting(least, same.filter_map(&:at_most_min).min&.then { |most| [most, least].max })
      end
    end
  end
end
