# frozen_string_literal: true

module GreenPlinth
  module Relief
    # A cut through a build of several bodies: each body's own, at the height that it has in the build.
    module JoinedSection
      module_function

      # @param section [Hash] of the body that the file describes, see Section#along
      # @param bodies [Array<Composition::PlacedBody>]
      # @return [Hash] the same with what the cut meets of the others
      def of(section, bodies)
        bodies.reduce(section) do |whole, placed|
          from, to = [section["from"], section["to"]].map { |point| placed.body.own_point(point) }
          own = placed.evaluation.section(from, to)
          whole.merge("strata" => whole["strata"] + own["strata"].map { |one| pointed(raised(one, placed.lift_mm), placed.body) },
            "waters" => whole["waters"] + own["waters"].map { |water| watered(water, placed) },
            "standing" => whole["standing"] + own["standing"].map { |one| pointed(stood(one, placed.lift_mm), placed.body) })
        end
      end

      def pointed(part, body) = part.merge("pointer" => body.pointer_of(part["pointer"]))
      private_class_method :pointed

      # Runs of [s, bottom, top].
      def raised(part, lift)
        part.merge("runs" => part["runs"].map { |run| run.map { |s, low, high| [s, (low + lift).round(3), (high + lift).round(3)] } })
      end
      private_class_method :raised

      def stood(one, lift)
        one.merge("low" => (one["low"] + lift).round(2), "high" => (one["high"] + lift).round(2),
          "rings" => one["rings"].map { |ring| ring.map { |along, up| [along, (up + lift).round(2)] } })
      end
      private_class_method :stood

      # A body's water is told by the body's name, too: ids are each body's own.
      def watered(water, placed)
        courses = water["courses"].map { |course| pointed(raised(course, placed.lift_mm), placed.body) }
        raised(water, placed.lift_mm).merge("id" => "#{placed.body.id}/#{water["id"]}", "courses" => courses)
      end
      private_class_method :watered
    end
  end
end
