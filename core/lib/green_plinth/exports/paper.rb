# frozen_string_literal: true

require "prawn"
Prawn::Fonts::AFM.hide_m17n_warning = true

module GreenPlinth
  module Exports
    # What every export on paper goes by.
    module Paper
      # Points for each mm. Source: PDF, ISO 32000-1: a unit is 1/72 inch.
      PT = 72 / 25.4
      # Page sizes, mm. Source: ISO 216 (A4, A3); ANSI/ASME Y14.1 (Letter, 8½ × 11 in).
      PAGES = { "a4" => [210.0, 297.0], "a3" => [297.0, 420.0], "letter" => [215.9, 279.4] }.freeze
      # What printers leave white, mm.
      MARGIN = 10.0

      # The built-in fonts know Western European letters only.
      def plain(text) = text.to_s.encode("Windows-1252", invalid: :replace, undef: :replace, replace: "?").encode("UTF-8")
    end
  end
end
