# frozen_string_literal: true

module GreenPlinth
  module Files
    # What outlines, lines and falls of a plinth file may get wrong: crossed, closed to nothing, without a length.
    class ShapeSense
      # An outline smaller than this is a slip of the hand, mm².
      LEAST_MM2 = 0.01
      # No base is narrower, mm: it would be less than a cell of its own relief.
      NARROWEST_MM = 1

      # @param design [Design]
      def initialize(design)
        @design = design
      end

      # @return [Array<Problem>]
      def problems
        @problems = []
        [:along_lines, :outlines, :levels, :cables].each { |check| send(check) }
        @problems
      end

      private

      def problem(pointer, message) = @problems << Problem.new(pointer, message)

      # Every outline of the file, with its pointer.
      def all_outlines
        own = { "/plinth/outline" => @design.plinth.outline, "/plinth/top_outline" => @design.plinth.data["top_outline"] }
        parts = @design.forms + @design.zones + @design.features + @design.waters
        parts.each { |part| own["#{part.pointer}/outline"] = part.outline }
        @design.subjects.each do |subject|
          own["#{subject.pointer}/footprint"] = subject.footprint
          own["#{subject.pointer}/silhouette"] = subject.silhouette
          own["#{subject.pointer}/disc/outline"] = subject.disc&.fetch("outline")
          planes_of(subject).each { |at, outline| own["#{subject.pointer}/#{at}/outline"] = outline }
        end
        @design.waters.flat_map(&:courses).each { |course| own["#{course.pointer}/outline"] = course.outline }
        own.compact
      end

      # What a hull has below its waterline.
      def planes_of(subject)
        %w[immersed appendages].flat_map do |list|
          (subject.data[list] || []).each_with_index.map { |plane, index| ["#{list}/#{index}", plane["outline"]] }
        end
      end

      def outlines
        all_outlines.each do |pointer, outline|
          if outline["kind"] == "rest"
            problem(pointer, "'rest' is for zones only; give this part an outline of its own") unless pointer.start_with?("/zones/")
          else
            drawn(pointer, outline)
          end
        end
      end

      # What runs along a line has one.
      def along_lines
        @design.forms.select { |form| form.along_a_line? && form.line.nil? }.each do |form|
          problem("#{form.pointer}/outline", "must be a strip: #{form.kind.name}s run along a line")
        end
      end

      def drawn(pointer, outline)
        return line(pointer, outline) if outline["kind"] == "strip"

        shape = Plan::Outline.polygon(outline)
        return problem(pointer, "crosses or touches itself: move or take out a corner") unless shape.valid?

        return problem(pointer, "encloses no area: draw it larger") if shape.area < LEAST_MM2
        return unless pointer == "/plinth/outline" && Plan::Outline.size(outline).min < NARROWEST_MM

        problem(pointer, "is narrower than #{NARROWEST_MM} mm: no base is")
      rescue RGeo::Error::RGeoError
        problem(pointer, "is no closed outline: give it three corners or more that are apart")
      end

      def line(pointer, outline)
        problem(pointer, "has no length: give its line two points that are apart") if outline["points_mm"].uniq.size < 2
      end

      # Level and falling at once is neither.
      def levels
        @design.waters.each do |water|
          still(water) if water.fall&.length_mm&.zero?
          both = water.data["fall"] && water.data["level_mm"]
          problem("#{water.pointer}/level_mm", "#{water.name} falls, so that it has no one level: leave out level_mm, or its fall") if both
        end
      end

      def cables
        @design.features.select { |feature| feature.cable && feature.cable.uniq.size < 2 }.each do |feature|
          problem("#{feature.pointer}/cable_mm", "has no length: lead it somewhere")
        end
      end

      def still(water)
        problem("#{water.pointer}/fall", "has no length: give it two marks that are apart")
      end
    end
  end
end
