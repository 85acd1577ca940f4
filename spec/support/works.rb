# frozen_string_literal: true

# Works and constraints made by hand, for specs of what is done with them.
module Works
  # @param id [String]
  # @param stages [Hash] handle:, next:, dry: minutes
  # @param material [String, nil] key of what is laid; dries: [String, nil] key of what dries of it
  # @param traits [Array<String>] of the technique
  def work(id, phase: :paint, minutes: 10, amount: 1.0, stages: {}, material: nil, dries: nil, traits: [], **members)
    data = { "setup_min" => 2, "rate_min" => 1, "per" => "each", "title" => "Do %{place}", "rig" => "hands", "traits" => traits }
    technique = GreenPlinth::Catalogue::Technique.new("by_hand", data, catalogue.kinds.of("phases", phase.to_s))
    dried = GreenPlinth::Drying::Stages.new(open_min: nil, handle_min: stages[:handle] || 0, next_min: stages[:next] || 0,
      dry_min: stages[:dry] || 0, full_min: stages[:full] || 0, factors: [])
    GreenPlinth::Steps::Work.new(id: id, technique: technique, words: { place: id }, amount: amount, minutes: minutes, places: ["/plinth"],
      where: ["/#{id}"], material_key: material, material: catalogue[material], dries: catalogue[dries], coat: 1, coats: 1, uses: [],
      rig: "hands", stages: dried, splittable: false, part: GreenPlinth::Design::Part.new({ "id" => id }, "/#{id}"), **members)
  end

  def waiting(first, later, code: "order/by_hand", strength: :must, at_least: 0, at_most: nil)
    GreenPlinth::Wait.new(first: first, later: later, at_least_min: at_least, at_most_min: at_most, code: code, strength: strength,
      why: "because")
  end

  # @param waits [Array<Wait>] that stand
  def precedence(works, waits)
    GreenPlinth::Steps::Precedence.new(works).tap { |made| waits.each { |wait| made.add(wait) } }
  end

  def step(id, hands_on = 10, after: [])
    GreenPlinth::Steps::Step.new(id: id, hands_on_min: hands_on, after: after)
  end

  def after(step, at_least = 0, at_most = nil, code: "order/by_hand", strength: :must)
    GreenPlinth::Wait.new(first: step, at_least_min: at_least, at_most_min: at_most, code: code, strength: strength,
      why: "because")
  end
end
