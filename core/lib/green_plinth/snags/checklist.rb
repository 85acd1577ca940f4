# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A building whose doors, gates and windows nobody has put down: they are forgotten, and added late.
    class Checklist < Check
      code "habit/checklist"
      severity "advice"
      weight 525

      def snags
        design.features.select { |feature| feature.kind.trait?("lifts_off") && !opened?(feature) }.map do |feature|
          task = { "id" => design.fresh_ids("doors").first, "title" => "Openings of #{feature.name}"[0, 80], "on" => feature.id,
                   "technique" => design.kinds.work("openings_cut"), "amount" => 1 }
          snag(feature.pointer, "Nothing is put down for the doors, gates and windows of #{feature.name}: list them before it is built.",
            Fix.new("put the openings down as work", [append("tasks", task)]))
        end
      end

      private

      # Put down as work, or cut into its faces.
      def opened?(feature)
        feature.data["openings"]&.any? ||
          design.tasks.any? { |task| task.on == feature.id && opens?(catalogue.technique(task.technique)) }
      end

      def opens?(technique) = technique&.phase == :openings || technique&.phase == :frames
    end
  end
end
