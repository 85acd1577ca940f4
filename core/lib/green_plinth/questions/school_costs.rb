# frozen_string_literal: true

module GreenPlinth
  module Questions
    # What each side of each school would cost this build: tried on the whole of it.
    class SchoolCosts
      # @param evaluation [Evaluation] as it stands
      # @param evaluate [Proc] file → Evaluation
      # @param progress [#call, nil] told how many sides of how many are tried
      def initialize(evaluation, evaluate, progress: nil)
        @evaluation = evaluation
        @design = evaluation.design
        @evaluate = evaluate
        @progress = progress
        @tried = 0
      end

      # @return [Array<Hash>] one for each school, its sides in the trade's order
      def call
        @design.kinds["schools"].map do |key, school|
          { "school" => key, "taken" => @design.schools[key], "sides" => school["sides"].map { |side, words| side(key, side, words) } }
        end
      end

      private

      def side(key, side, words)
        patch = side == @design.schools[key] ? [] : patch(key, side)
        { "side" => side, "gain" => words["gain"], "risk" => words["risk"], "patch" => patch }.merge(patch.empty? ? {} : differences(patch))
      ensure
        @progress&.call(@tried += 1, of)
      end

      def of = @of ||= @design.kinds["schools"].sum { |_, school| school["sides"].size }

      def patch(key, side)
        return [{ "op" => "add", "path" => "/schools/#{key}", "value" => side }] if @design.to_h["schools"]

        [{ "op" => "add", "path" => "/schools", "value" => { key => side } }]
      end

      # @return [Hash] later_min and hands_on_min: more than now; what is done besides and left out; snags that come and go
      def differences(patch)
        compared = Comparison.new(@evaluation, @evaluate.call(Patch.apply(@design.to_h, patch))).to_h
        now, then_ = compared["sides"]
        { "ready_at" => then_["ready_at"], "later_min" => later(now, then_), "hands_on_min" => then_["hands_on_min"] - now["hands_on_min"],
          "infeasible" => then_["infeasible"], "more" => compared["only_second"], "less" => compared["only_first"],
          "snags_new" => compared["snags_new"], "snags_gone" => compared["snags_gone"], "moved" => compared["moved"].size }
      end

      def later(now, other)
        return unless now["ready_at"] && other["ready_at"]

        Moment.parse(other["ready_at"]) - Moment.parse(now["ready_at"])
      end
    end
  end
end
