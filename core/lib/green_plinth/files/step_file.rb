# frozen_string_literal: true

module GreenPlinth
  module Files
    # One step as JSON-ready data, its waits with their reasons and its drying with what makes it long.
    class StepFile
      def initialize(step, catalogue)
        @step = step
        @catalogue = catalogue
      end

      # @return [Hash]
      def to_h
        { "id" => @step.id, "title" => @step.title, "phase" => @step.phase.to_s, "technique" => @step.technique,
          "hands_on_min" => @step.hands_on_min, "tail_min" => @step.tail_min, "rig" => @step.rig, "material" => @step.material,
          "materials" => materials, "cautions" => @catalogue.caution_lines(@step.cautions),
          "look" => @step.inspection, "stay_min" => @step.stay_min,
          "mixes" => @step.mixes, "trouble" => @step.trouble, "notes" => @step.notes || [],
          "where" => @step.where, "places" => @step.places, "note" => @step.note,
          "copies" => [@step.copies.min, @step.copies.max], "drying" => drying, "after" => @step.after.map { |wait| waiting(wait) } }
      end

      private

      def materials = @step.uses.map(&:material).compact.uniq

      def drying
        stages = @step.stages
        { "material" => stages.material, "thickness_mm" => stages.thickness_mm, "open_min" => stages.open_min&.round(2),
          "handle_min" => stages.handle_min, "next_min" => stages.next_min, "dry_min" => stages.dry_min, "full_min" => stages.full_min,
          "factors" => stages.factors.map(&:to_h) }
      end

      def waiting(wait)
        { "step" => wait.first, "at_least_min" => wait.at_least_min, "at_most_min" => wait.at_most_min, "code" => wait.code,
          "strength" => wait.strength.to_s, "why" => wait.why }
      end
    end
  end
end
