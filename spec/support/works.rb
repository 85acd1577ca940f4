# frozen_string_literal: true

# Works and constraints made by hand, for specs of what is done with them.
module Works
  # @param id [String]
  # @param stages [Hash] handle:, next:, dry: minutes
  def work(id, phase: :paint, minutes: 10, amount: 1.0, stages: {}, **members)
    technique = GreenPlinth::Steps::Technique.new("by_hand", { "phase" => phase.to_s, "setup_min" => 2, "rate_min" => 1, "per" => "each",
                                                               "title" => "Do %{place}", "rig" => "hands" })
    dried = GreenPlinth::Drying::Stages.new(open_min: nil, handle_min: stages[:handle] || 0, next_min: stages[:next] || 0,
      dry_min: stages[:dry] || 0, full_min: stages[:full] || 0, factors: [])
    GreenPlinth::Steps::Work.new(id: id, technique: technique, words: { place: id }, amount: amount, minutes: minutes, places: [], where: ["/#{id}"],
      coat: 1, coats: 1, uses: [], rig: "hands", stages: dried, splittable: false,
      part: GreenPlinth::Design::Part.new({ "id" => id }, "/#{id}"), **members)
  end

  def constraint(first, later, code: "order/by_hand", strength: :must, at_least: 0, at_most: nil)
    GreenPlinth::Rules::Constraint.new(first: first, later: later, at_least_min: at_least, at_most_min: at_most, code: code, strength: strength,
      why: "because")
  end

  def step(id, hands_on = 10, after: [])
    GreenPlinth::Steps::Step.new(id: id, hands_on_min: hands_on, after: after)
  end

  def after(step, at_least = 0, at_most = nil, code: "order/by_hand", strength: :must)
    GreenPlinth::Steps::Step::After.new(step: step, at_least_min: at_least, at_most_min: at_most, code: code, strength: strength,
      why: "because")
  end
end
