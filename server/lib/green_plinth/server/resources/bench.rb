# frozen_string_literal: true

module GreenPlinth
  module Server
    module Resources
      # What can be done at a moment over all builds, what must not be touched, and which builds have no dates.
      module Bench
        def self.registered(app)
          app.helpers Work

          app.get("/api/now") do
            at = moment_of(params["at"])
            builds, undated = dated_builds(at)
            work = Schedule::Now.new(builds.transform_values(&:last), at)
            titles = builds.transform_values { |title, _| title }
            json_body({ "at" => Moment.format(at), "next_at" => work.next_at&.then { |next_at| Moment.format(next_at) },
                        "doable" => work.doable.map { |one| doable(one, titles) }, "wet" => work.wet.map { |one| wet_part(one, titles) },
                        "undated" => undated })
          end
        end

        # Work and wet parts as data.
        module Work
          def moment_of(text)
            Moment.parse(text.to_s.empty? ? now : text)
          rescue ArgumentError => e
            raise InvalidFile, [GreenPlinth::Problem.new("/at", e.message)]
          end

          # Builds that are ready by then have nothing left to do.
          # @return [Array(Hash{Integer => Array(String, Evaluation)}, Array<Hash>)]
          def dated_builds(moment)
            open = desk.shelf.reject { |build| build.summary["ready_at"]&.then { |ready| Moment.parse(ready) < moment } }
            undated = []
            builds = open.each_with_object({}) do |build, dated|
              evaluation = desk.evaluate(desk.find(build.id).file)
              evaluation.schedule
              dated[build.id] = [build.summary["title"], evaluation]
            rescue Infeasible => e
              undated << { "build" => build.id, "build_title" => build.summary["title"], "detail" => e.message }
            end
            [builds, undated]
          end

          def doable(one, titles)
            step = Formats::StepFile.new(one.step, desk.catalogue).to_h
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
