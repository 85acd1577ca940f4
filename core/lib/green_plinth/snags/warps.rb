# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Thin wood that is wetted on one face cups.
    class Warps < Check
      code "compat/warps"
      severity "advice"
      weight 560
      def snags = [plinth, *features, *courses].compact

      private

      def plinth
        plinth = design.plinth
        return unless plinth.material&.trait?("cups") && !plinth.sealed? && wet?

        snag("/plinth/material", "#{plinth.material_name.capitalize} cups when one face is wetted: paste and flood above, nothing below.",
          put("seal both faces", "/plinth/key", sealed.key), put(*flat))
      end

      # A part of thin wood or card that is painted or pasted.
      def features
        painted = design.features.select { |feature| feature.courses.any? { |course| water?(course.material) } }
        painted.select { |feature| bends?(feature.material) }.map do |feature|
          told = "#{feature.name.capitalize} is of #{feature.material_name}, which curls when one face is wetted"
          snag(feature.pointer, "#{told}: coat both, and weigh it down.",
put("build it of #{stiff.name}", "#{feature.pointer}/material", stiff.key))
        end
      end

      # A sheet of it laid as a course, with something wet on it.
      def courses
        zone_courses.each_cons(2).filter_map do |sheet, wet|
          next unless sheet.host == wet.host && bends?(sheet.material) && water?(wet.material)

          snag(sheet.pointer, "#{sheet.name.capitalize} curls when #{wet.name} wets one face of it: seal it, or lay it of plastic.",
            put("lay #{stiff.name}", "#{sheet.pointer}/material", stiff.key))
        end
      end

      def bends?(material) = material&.trait?("curls") || material&.trait?("cups") || false

      # Whatever dries by giving off water, and is no glue that holds the sheet down.
      def water?(material) = material&.mechanism == "evaporation" && !material.trait?("holds") && !material.trait?("mist")
      def stiff = catalogue.usual_material("stiff_sheet")
      def sealed = design.kinds["faces"].each_value.find { |face| face.trait?("sealed") }
      def flat = [design.kinds.work("flat_board", "label"), "/plinth/material", design.kinds.work("flat_board", "material")]
      def wet? = zone_courses.any? { |course| course.material&.trait?("wets") }
    end
  end
end
