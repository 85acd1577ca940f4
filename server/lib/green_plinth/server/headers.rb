# frozen_string_literal: true

module GreenPlinth
  module Server
    # What every answer says to browsers about itself, refusals among them.
    module Headers
      ALWAYS = { "x-content-type-options" => "nosniff", "referrer-policy" => "same-origin",
                 "cross-origin-resource-policy" => "same-origin", "cross-origin-opener-policy" => "same-origin",
                 "permissions-policy" => "camera=(), geolocation=(), microphone=()" }.freeze

      module_function

      # @return [Hash] for an answer that some guard gives before the application
      def on_refusals(type) = { "content-type" => type, "cache-control" => "no-store" }.merge(ALWAYS)
    end
  end
end
