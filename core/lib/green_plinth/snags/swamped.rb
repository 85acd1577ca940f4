# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Subjects that fill the top or are lost on it, by the share that suits the purpose.
    class Swamped < Check
      code "composition/share"
      severity "advice"
      weight 510
      # Beyond these another plinth is another build.
      FACTORS = (0.6..1.7)

      def snags
        low, usual, high = design.purpose["shares_pct"]
        return [] if low.nil? || design.subjects.empty?

        share = @evaluation.layout.share_pct
        return [] if share.between?(low, high)

        word = share < low ? "are lost on it" : "swamp it"
        suits = "about #{usual} % suits a #{design.purpose.name} (#{low}–#{high} %)"
        [snag("/plinth/outline", "The subjects stand on #{number(share)} % of the top and #{word}: #{suits}.", resized(share, usual))]
      end

      private

      # The same shape, larger or smaller, to the nearest 5 mm.
      def resized(share, usual)
        outline = design.plinth.outline
        keys = %w[diameter_mm width_mm depth_mm].select { |key| outline.key?(key) }
        return if keys.empty? || outline["kind"] == "strip" || design.plinth.bevelled?

        factor = Math.sqrt(share / usual)
        return unless FACTORS.cover?(factor)

        sizes = keys.to_h { |key| [key, [(outline[key] * factor / 5).round * 5, 10].max] }
        Fix.new("make the plinth #{sizes.values.map { |size| number(size) }.join(" × ")} mm",
          sizes.map { |key, size| { "op" => "replace", "path" => "/plinth/outline/#{key}", "value" => size } })
      end
    end
  end
end
