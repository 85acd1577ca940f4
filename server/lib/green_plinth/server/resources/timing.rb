# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Questions of time: what a change would do to the date, how sure the date is, what would save it, and why one step
      # cannot come before another.
      module Timing
        # Busy times are read so far ahead, days.
        MOST_DAYS = 400

        def self.registered(app)
          app.helpers Dates

          app.post("/api/builds/:id/forecast") { json_body(dated(desk.try(build_id, body_as("Try")["patch"]))) }
          app.get("/api/builds/:id/chance") { json_body(desk.evaluate(desk.find(build_id).file).chance.to_h) }

          app.post("/api/builds/:id/busy") { json_body(busy(desk.find(build_id).file, body_as("BusyFile")["text"])) }

          app.get("/api/builds/:id/rescues") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            json_body(Schedule::Rescues.new(evaluation.design, evaluation.schedule, desk.method(:evaluate)).call.map(&:to_h))
          end

          app.get("/api/builds/:id/why-not") do
            evaluation = desk.evaluate(desk.find(build_id).file)
            first, later = %w[first later].map { |name| step_of(evaluation, name) }
            chain = Steps::WhyNot.new(evaluation.order.steps).chain(first.id, later.id)
            json_body({ "reasons" => chain.map(&:to_h), "patch" => chain.empty? ? Steps::Wishes.patch(evaluation.design, first, later) : [] })
          end
        end

        # Dates as data, and steps by their ids.
        module Dates
          def dated(evaluation)
            answer = evaluation.schedule
            finish_by = evaluation.design.calendar.finish_by
            { "ready_at" => Moment.format(answer.ready_at), "late_min" => finish_by && (answer.ready_at - finish_by),
              "hands_on_min" => answer.network.steps.sum(&:hands_on_min), "sittings" => Schedule::Sittings.of(answer).size,
              "pours" => evaluation.pools.to_h { |pool| [pool.id, pool.layers.size] } }
          end

          # What in a maker's own calendar falls into their sittings, and the change that shuts the bench then.
          def busy(file, text)
            calendar = Formats::PlinthFile.new(desk.catalogue).build(file).calendar
            spans = calendar.met_by(Formats::BusyIcs.new(text, from: calendar.start, to: calendar.start + (MOST_DAYS * Moment::DAY)).spans)
            away = spans.map { |from, to| { "from" => Moment.format(from), "to" => Moment.format(to) } }
            all = ((calendar.data["away"] || []) + away).uniq
            operation = file["calendar"] ? { "path" => "/calendar/away", "value" => all } : { "path" => "/calendar", "value" => { "away" => all } }
            { "away" => away, "patch" => away.empty? ? [] : [{ "op" => "add" }.merge(operation)] }
          end

          def step_of(evaluation, name)
            evaluation.order.steps.find { |step| step.id == params[name] } ||
              raise(InvalidFile, [GreenPlinth::Problem.new("/#{name}", "there is no step #{params[name].to_s[0, 60]}")])
          end
        end
      end
    end
  end
end
