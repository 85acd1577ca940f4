# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Planning beyond one build's dates: what each school costs, two builds side by side, a batch against one at a time, and
      # several builds sharing the hands.
      module Planning
        def self.registered(app)
          app.helpers Plans

          app.get("/api/builds/:id/schools") { inquired("schools") }
          app.get("/api/builds/:id/batch") { json_body(evaluation.batch) }

          app.post("/api/builds/:id/compare") do
            asked = body_as("Compare")
            other = asked["build"] ? desk.find(asked["build"]).then { |one|
 desk.evaluate(one.file, one.id) } : desk.try(id_in_path, asked["patch"] || [])
            json_body(Questions::Comparison.new(evaluation, other).to_h)
          end

          app.get("/api/weeks") { json_body(shared_weeks(desk.plans.wanted_first(desk.plans.dated(moment(nil))))) }
        end

        # All builds that are not ready yet by the clock, with what each would be alone.
        module Plans
          # @param dated [Plans::Dated]
          def shared_weeks(dated)
            shared = desk.plans.together(dated)
            { "builds" => shared.turns.map { |id| { "build" => id, "title" => dated.plans[id].title }.merge(shared.dates_of(id)) },
              "work" => shared.work.map { |one| work_as_data(one) }, "gain_min" => shared.gain_min, "undated" => dated.without,
              "unfinished" => dated.unfinished || !shared.finished? }
          end

          def work_as_data(one)
            { "build" => one.key, "step" => one.step, "title" => one.title, "start" => Moment.format(one.start),
              "finish" => Moment.format(one.finish) }
          end
        end
      end
    end
  end
end
