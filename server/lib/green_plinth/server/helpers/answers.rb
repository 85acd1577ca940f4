# frozen_string_literal: true

module GreenPlinth
  module Server
    module Helpers
      # How every resource answers.
      module Answers
        def json_body(data, type = "application/json")
          content_type(type)
          JSON.generate(data)
        end

        # @param since [String, nil] name of what the page was told last, see Telling
        # @param answer [Hash] with its name: told whole, or as what is different
        def told(since, answer)
          patch = since && desk.telling.difference(since, answer)
          patch ? json_body(patch, "application/json-patch+json") : json_body(answer)
        end

        def problem(problem)
          status problem.status
          json_body(problem.to_h, "application/problem+json")
        end

        # @param build [Store::Build]
        # @return [Hash] how the shelf tells it
        def shelved(build)
          Screens::ShelfCard.at(build.summary, now).merge("id" => build.id, "version" => build.version, "sample" => !build.sample_key.nil?,
            "updated_at" => build.updated_at.iso8601)
        end
      end
    end
  end
end
