# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Steps to be placed: minutes since the epoch of Moment; sittings nil: the bench is always open.
    Network = Struct.new(:start, :sittings, :hands, :steps, keyword_init: true) do
      # @return [Hash{String => Node}]
      def by_id = @by_id ||= steps.to_h { |step| [step.id, step] }

      # @return [Array<Node>] each after all it waits for; raises Infeasible naming the shortest circle
      def sorted
        @sorted ||= begin
          left = steps.to_h { |step| [step.id, step.after.size] }
          following = Hash.new { |hash, id| hash[id] = [] }
          steps.each { |step| step.after.each { |link| following[link.step] << step } }
          ready = steps.select { |step| left[step.id].zero? }
          out = []
          while (step = ready.shift)
            out << step
            following[step.id].each { |later| ready << later if (left[later.id] -= 1).zero? }
          end
          out.size == steps.size ? out : raise(circle(left.select { |_, count| count.positive? }.keys))
        end
      end

      private

      def circle(ids)
        names = Circle.new(by_id, ids).shortest
        Infeasible.new("These steps wait for each other in a circle: #{[*names, names.first].join(" → ")}.", steps: names)
      end
    end
  end
end
