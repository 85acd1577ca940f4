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
