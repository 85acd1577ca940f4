# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # The maker's own work: by a technique of the catalogue, on a part or on the whole, or just so many minutes of whatever
      # it is.
      module OwnWorks
        private

        def task(task)
          technique = @catalogue.technique(task.technique)
          technique ? by_technique(task, technique) : by_the_clock(task)
        end

        def by_the_clock(task)
          add(@catalogue.usual_technique("own_work"), task, id: task.id, amount: 1, minutes: task.hands_on_min.to_f, places: [],
            words: { place: task.title }, laid: Laid.new(stages: waiting(task.tail_min || 0)), rig: task.rig,
            splittable: task.splittable?)
        end

        def waiting(minutes) = Drying::Stages.waiting(minutes, handle_min: minutes)

        def by_technique(task, technique)
          on = @design.placed.find { |part| part.id == task.on }
          amount = (task.amount || 1).to_f
          add(technique, on || @design.plinth, id: task.id, amount: amount, minutes: task.hands_on_min&.to_f, rig: task.rig,
            words: { place: on ? on.name : task.title }, places: [on ? on.pointer : "/plinth"], where: [*on&.pointer, task.pointer],
            uses: @dose.held(technique, technique.per == "dm2" ? amount : 0, technique.per == "each" ? amount : 1, 0),
            splittable: task.splittable?)
        end
      end
    end
  end
end
