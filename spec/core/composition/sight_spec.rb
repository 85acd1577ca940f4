# frozen_string_literal: true

# What the eye sees, against wedges worked by hand: a wall of height w, d mm before a figure, hides w − d·tan(e) of it.
RSpec.describe GreenPlinth::Composition::Sight do
  def wall(height, y, id: "wall", width: 60)
    { "id" => id, "kind" => "wall", "outline" => rectangle(width, 2, at: [0, y]), "height_mm" => height }
  end
  def seen(eye: nil, **members)
    file = plain_file(subjects: [figure(rectangle(8, 8), at_mm: [0, 10], height_mm: 40)], **members)
    evaluation(eye ? file.merge("eye" => eye) : file)
  end
  def pct(...) = seen(...).then { |told| told.sight.visible_pct(told.design.subjects.first) }

  it "sees a figure alone whole, and says nothing of one whose height is not known" do
    expect(pct).to eq(100)
    unknown = evaluation(plain_file(subjects: [figure(round(10))]))
    expect(unknown.sight.visible_pct(unknown.design.subjects.first)).to be_nil
  end

  it "loses what a wall hides from level" do
    expect(pct(features: [wall(30, -10)],
      eye: { "direction_deg" => 0, "elevation_deg" => 0 })).to be_within(0.01).of(25)
  end

  # The wall's far face stands 19 mm before the card: 30 − 19·tan 20° = 23.08 of 40 mm are hidden.
  it "loses less from above" do
    expect(pct(features: [wall(30,
      -10)])).to be_within(0.05).of(100 * (1 - ((30 - (19 * Math.tan(20 * Math::PI / 180))) / 40)))
  end

  it "loses only the half that the wall stands before" do
    half = { "id" => "half", "kind" => "wall", "outline" => rectangle(30, 2, at: [15, -10]), "height_mm" => 60 }
    expect(pct(features: [half], eye: { "direction_deg" => 0, "elevation_deg" => 0 })).to be_within(0.01).of(50)
  end

  it "looks from where the eye is: the wall in front hides nothing from behind" do
    expect(pct(features: [wall(30, -10)], eye: { "direction_deg" => 180, "elevation_deg" => 0 })).to eq(100)
  end

  # A 20 mm bank before a figure on the flat: 20 − d·tan 20° where its far edge lies 12 mm before the card.
  it "loses what the ground hides" do
    told = seen(forms: [lift(20, rectangle(100, 20, at: [0, -12]))])
    hidden = 20 - (12 * Math.tan(20 * Math::PI / 180))
    expect(told.sight.visible_pct(told.design.subjects.first)).to be_within(1).of(100 * (1 - (hidden / 40)))
    expect(told.sight.hidden_by(told.design.subjects.first).first.first).to eq("")
  end

  it "says who hides, each by itself" do
    told = seen(features: [wall(30, -10), wall(10, -20, id: "low")])
    expect(told.sight.hidden_by(told.design.subjects.first).map(&:first)).to eq(["/features/0",
      "/features/1"].first(told.sight.hidden_by(told.design.subjects.first).size))
  end

  it "looks through a fence, and under a crown" do
    fence = wall(30, -10).merge("kind" => "fence")
    tree = { "id" => "t", "kind" => "tree", "outline" => round(2, at: [0, -10]), "height_mm" => 90, "crown_mm" => 40 }
    level = { "direction_deg" => 0, "elevation_deg" => 0 }
    expect(pct(features: [fence])).to eq(100)
    # Its crown begins at 30 mm: the trunk hides 2 of 8 mm of what is below, the crown all above.
    expect(pct(features: [tree], eye: level)).to be_within(3).of(100 * 30 * 6 / (40 * 8.0))
  end

  it "changes nothing of the ground it looks over" do
    told = seen(forms: [lift(20, rectangle(100, 20, at: [0, -12]))],
      plinth: plain_file["plinth"].merge("outline" => round(60)))
    before = told.terrain.height.copy
    told.judgements
    told.sight_view(told.eye)
    expect((told.terrain.height - before).abs.max).to eq(0)
  end
end
