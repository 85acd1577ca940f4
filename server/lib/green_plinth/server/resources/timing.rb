# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # Questions of time: what a change would do to the date, how sure the date is, what would save it, and why one step
      # cannot come before another.
      module Timing
        def self.registered(app)
          app.post("/api/builds/:id/forecast") do
            dates = Questions::Dates.new(desk.try(id_in_path, body_as("Try")["patch"]))
            json_body(dates.to_h.merge("pours" => dates.pours))
          end

          app.get("/api/builds/:id/chance") { inquired("chance") }
          app.post("/api/builds/:id/busy") { json_body(Questions::BusyTimes.new(evaluation.design, body_as("BusyFile")["text"]).to_h) }

          app.get("/api/builds/:id/rescues") { inquired("rescues") }
          app.get("/api/builds/:id/longer-search") { inquired(Heavy::LONGER_SEARCH) }

          app.get("/api/builds/:id/why-not") do
            first, later = %w[first later].map { |name| step_named(params[name], name) }
            chain = Questions::WhyNot.new(evaluation.steps).chain(first.id, later.id)
            json_body({ "reasons" => chain.map(&:to_h),
                        "patch" => chain.empty? ? Steps::Wishes.patch(evaluation.design, first, later) : [] })
          end
        end
      end
    end
  end
end
