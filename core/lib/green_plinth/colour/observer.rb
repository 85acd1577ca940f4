# frozen_string_literal: true

module GreenPlinth
  module Colour
    # What each band of light, 10 nm wide, brings to XYZ when it is reflected whole. The bands end at 730 nm: what lies beyond
    # is less than a thousandth, and the sums are set to white.
    module Observer
      TABLE = YAML.safe_load_file(File.join(DATA, "reference", "observer.yml")).freeze
      BANDS = TABLE["d65"].size
      # XYZ of a perfect white are the sums of these rows.
      ROWS = %w[x y z].zip(Light::WHITE).map do |name, white|
        powers = TABLE[name].zip(TABLE["d65"]).map { |eye, light| eye * light }
        powers.map { |power| power * white / powers.sum }.freeze
      end.freeze

      module_function

      # @param bands [Array<Float>] shares of the light that come back, 0..1, of each band
      # @return [Array(Float, Float, Float)] XYZ
      def xyz(bands) = Light.times(ROWS, bands)
    end
  end
end
