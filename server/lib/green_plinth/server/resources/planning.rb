# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Planning beyond one build's dates: what each school costs, two builds side by side, a batch against one at a time,
      # several builds sharing the hands, and what a maker marks on a step.
      module Planning
        def self.registered(app)
          app.helpers Plans

          app.get("/api/builds/:id/schools") { json_body(Schedule::SchoolCosts.new(evaluated, desk.method(:evaluate)).call) }
          app.get("/api/builds/:id/batch") { json_body(evaluated.batch) }

          app.post("/api/builds/:id/compare") do
            asked = body_as("Compare")
            other = asked["build"] ? desk.evaluate(desk.find(asked["build"]).file) : desk.try(build_id, asked["patch"] || [])
            json_body(Schedule::Comparison.new(evaluated, other).to_h)
          end

          app.post("/api/builds/:id/mark") do
            asked = body_as("StepMark")
            evaluation = evaluated
            marks = Steps::Marks.new(evaluation.design, step_named(evaluation, asked["step"]))
            json_body({ "patch" => asked["kind"] == "none" ? marks.clear : marks.set(asked["kind"], mark_moment(asked)) })
          end

          app.get("/api/plan") { json_body(shared_plan) }
        end

        # Plans as data.
        module Plans
          def evaluated = desk.evaluate(desk.find(build_id).file)

          def step_named(evaluation, id)
            evaluation.order.steps.find { |step| step.id == id } ||
              raise(InvalidFile, [GreenPlinth::Problem.new("/step", "there is no step #{id[0, 60]}")])
          end

          def mark_moment(asked)
            Moment.format(Moment.parse(asked["moment"]))
          rescue ArgumentError => e
            raise InvalidFile, [GreenPlinth::Problem.new("/moment", e.message)]
          end

          # All builds that are not ready yet by the clock, with what each would be alone.
          def shared_plan
            builds, undated = dated_builds(Moment.parse(now))
            evaluations = builds.transform_values(&:last)
            shared = Schedule::Shared.new(evaluations)
            { "builds" => shared.turns.map { |id| build_told(id, *builds[id], shared.answers[id]) },
              "work" => shared.work.map { |one| work_told(one, evaluations) }, "undated" => undated }
          end

          def build_told(id, title, evaluation, answer)
            alone = evaluation.schedule
            by = evaluation.design.calendar.finish_by
            { "build" => id, "title" => title, "finish_by" => by&.then { |at| Moment.format(at) }, "alone" => Moment.format(alone.ready_at),
              "shared" => answer&.then { |one| Moment.format(one.ready_at) }, "late_min" => answer && by && (answer.ready_at - by),
              "sittings" => (evaluation.design.calendar.sittings || []).take_while { |from, _| from < (answer || alone).ready_at }
                                                                       .map { |span| span.map { |at| Moment.format(at) } } }
          end

          def work_told(one, evaluations)
            step = evaluations[one[:key]].order.steps.find { |candidate| candidate.id == one[:step] }
            { "build" => one[:key], "step" => one[:step], "title" => step.title, "start" => Moment.format(one[:start]),
              "finish" => Moment.format(one[:finish]) }
          end
        end
      end
    end
  end
end
