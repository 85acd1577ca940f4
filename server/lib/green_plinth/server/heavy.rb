# frozen_string_literal: true

module GreenPlinth
  module Server
    # Questions that take longer than a page waits for, by kind: how each is answered.
    module Heavy
      # What follows an edit by itself; it begins when the maker has rested for so long, seconds, and after what somebody waits for.
      LONGER_SEARCH = "longer-search"
      REST = 1
      AFTERWARDS = 200

      # Evaluation, what is asked, what looks at changes (see Desk#looks_aside), progress (done, of) → the answer as data.
      ANSWERS = {
        "chance" => ->(evaluation, _asked, _looks, progress) { evaluation.chance(progress: progress).to_h },
        "rescues" => lambda do |evaluation, _asked, looks, progress|
          Questions::Rescues.new(evaluation.design, evaluation.schedule, looks, progress: progress).call.map(&:to_h)
        end,
        "schools" => lambda do |evaluation, _asked, looks, progress|
          Questions::SchoolCosts.new(evaluation, looks, progress: progress).call
        end,
        "arrangements" => lambda do |evaluation, asked, _looks, progress|
          Composition::Arrangements.new(evaluation, seed: asked["seed"], progress: progress).call.map(&:to_h)
        end,
        LONGER_SEARCH => lambda do |evaluation, _asked, _looks, progress|
          Questions::LongerSearch.new(evaluation, progress: progress).call
        end
      }.freeze
    end
  end
end
