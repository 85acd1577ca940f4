# frozen_string_literal: true

module GreenPlinth
  module Server
    module Helpers
      # How heavy questions are answered: with the answer where it is there, else with how far it has come (202).
      module Inquired
        # @param kind [String] see Heavy
        # @param asked [Hash]
        def inquired(kind, asked = {})
          inquiry = desk.inquire(build, kind, asked)
          raise Refusal.from(inquiry.problem) if inquiry.problem
          return json_body(inquiry.answer) if inquiry.answer

          status 202
          headers "Location" => "/api/inquiries/#{inquiry.id}"
          json_body(inquiry.to_h)
        end
      end
    end
  end
end
