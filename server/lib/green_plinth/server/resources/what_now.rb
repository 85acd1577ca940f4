# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What can be done at a moment over all builds, what must not be touched, and which builds have no dates.
      module WhatNow
        def self.registered(app)
          app.helpers WorkAsData

          app.get("/api/now") do
            at = moment(params["at"])
            dated = desk.plans.dated(at)
            work = Questions::Now.new(dated.plans, at)
            json_body({ "at" => Moment.format(at), "next_at" => work.next_at&.then { |next_at| Moment.format(next_at) },
                        "in_hand" => work.in_hand.map { |one| doable(one, dated.plans).merge("begun" => Moment.format(one.step.begun)) },
                        "doable" => work.doable.map { |one| doable(one, dated.plans) },
                        "wet" => work.wet.map { |one| wet_part(one, dated.plans) }, "undated" => dated.without,
                        "unfinished" => dated.unfinished })
          end
        end

        # Work and wet parts as data.
        module WorkAsData
          def doable(one, plans)
            step = one.step
            { "build" => one.key, "build_title" => plans[one.key].title, "step" => step.id, "planned" => Moment.format(step.start),
              "spare_min" => one.spare_min, "title" => step.title, "hands_on_min" => step.hands_on_min, "tail_min" => step.tail_min,
              "cautions" => step.cautions }
          end

          def wet_part(one, plans)
            { "build" => one.key, "build_title" => plans[one.key].title, "name" => one.name, "until" => Moment.format(one.until) }
          end
        end
      end
    end
  end
end
