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
            dated = desk.dated(at)
            work = Questions::Now.new(dated.plans, at)
            json_body({ "at" => Moment.format(at), "next_at" => work.next_at&.then { |next_at| Moment.format(next_at) },
                        "doable" => work.doable.map { |one| doable(one, dated.titles) },
                        "wet" => work.wet.map { |one| wet_part(one, dated.titles) }, "undated" => dated.without,
                        "unfinished" => dated.unfinished })
          end
        end

        # Work and wet parts as data.
        module WorkAsData
          def doable(one, titles)
            step = Files::StepFile.new(one.step, desk.catalogue).to_h
            { "build" => one.key, "build_title" => titles[one.key], "step" => step["id"], "planned" => Moment.format(one.planned),
              "spare_min" => one.spare_min }.merge(step.slice("title", "hands_on_min", "tail_min", "cautions"))
          end

          def wet_part(one, titles)
            { "build" => one.key, "build_title" => titles[one.key], "name" => one.name, "until" => Moment.format(one.until) }
          end
        end
      end
    end
  end
end
