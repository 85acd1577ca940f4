# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Something that will go wrong or look wrong. severity: "stops" (the work cannot go on), "spoils" (it will show),
    # "advice". where: JSON pointer into the design. fixes: Array<Fix>.
    Snag = Struct.new(:code, :severity, :message, :where, :fixes, keyword_init: true) do
      def to_h = { "code" => code, "severity" => severity, "message" => message, "where" => where, "fixes" => fixes.map(&:to_h) }
    end
  end
end
