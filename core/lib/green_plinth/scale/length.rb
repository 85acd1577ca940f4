# frozen_string_literal: true

module GreenPlinth
  module Scale
    # A length, in mm, as makers type and read it.
    module Length
      MM = { "mm" => 1.0, "cm" => 10.0, "m" => 1000.0, "in" => 25.4, "\"" => 25.4, "″" => 25.4, "ft" => 304.8, "'" => 304.8,
             "′" => 304.8 }.freeze
      PIECE = %r{(\d+(?:[.,]\d+)?)(?:\s*/\s*(\d+))?\s*(mm|cm|m|in|ft|["'″′])?}
      WHOLE = /\A\s*(?:#{PIECE}\s*){1,3}\z/
      INCH = 25.4
      FOOT = 304.8

      module_function

      # "6.3 m", "20 ft 8 in", "3/8 in", "5'4\"", "120" → mm.
      # @param unit [String] what a bare number means
      # @return [Float, nil] nil for what is no length
      def parse(text, unit = "mm")
        return unless text.to_s.match?(WHOLE)

        text.scan(PIECE).sum do |number, divisor, given|
          number.tr(",", ".").to_f / (divisor ? [divisor.to_f, 1].max : 1) * MM.fetch(given || unit)
        end
      end

      # @return [String] metric, short enough for the bench
      def metric(mm)
        return "#{short(mm / 1000)} m" if mm.abs >= 1000

        "#{short(mm)} mm"
      end

      # @return [String] feet and inches from a foot up, else inches
      def imperial(mm)
        return "#{short(mm / INCH)} in" if mm.abs < FOOT

        feet, inches = (mm / INCH).round(1).divmod(12)
        "#{feet} ft#{inches.zero? ? "" : " #{short(inches)} in"}"
      end

      # Three figures that matter.
      def short(value)
        return "0" if value.zero?

        digits = [2 - Math.log10(value.abs).floor, 0].max
        format("%.#{[digits, 3].min}f", value).then { |text| text.include?(".") ? text.sub(/\.?0+\z/, "") : text }
      end
    end
  end
end
