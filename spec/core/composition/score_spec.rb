# frozen_string_literal: true

# The score ranks placings: each thing a maker would frown at costs something, and more of it costs more.
RSpec.describe GreenPlinth::Composition::Score do
  def score(at: [16.7, 10], turn: 15, **members)
    file = plain_file(purpose: "vignette",
      subjects: [figure(rectangle(20, 8), id: "a", at_mm: at, turn_deg: turn, height_mm: 30, focal: true)], **members)
    told = evaluation(file)
    described_class.new(told.design, described_class::Setting.of(told)).total
  end

  it "gives nearly all to one thing on a third, at a lively angle, on level ground" do
    expect(score).to be > 97
  end

  it "costs to hang over the edge, and to stand in a wall or in the water" do
    expect(score(at: [50, 10])).to be < score - 40
    wall = { "id" => "w", "kind" => "wall", "outline" => rectangle(30, 20, at: [16.7, 10]), "height_mm" => 20 }
    expect(score(features: [wall])).to be < score - 20
    pond = [lift(10, rectangle(100, 60)), cut(6, rectangle(60, 40))]
    expect(score(forms: pond, waters: [water(8, rectangle(60, 40))])).to be < score(forms: pond) - 20
  end

  it "costs to stand square, in the middle, on a step, or out of sight" do
    expect(score(turn: 0)).to be < score
    expect(score(at: [0, 0])).to be < score
    expect(score(forms: [lift(6, rectangle(20, 60, at: [16.7, 0]))])).to be < score
    screen = { "id" => "w", "kind" => "wall", "outline" => rectangle(60, 2, at: [10, -20]), "height_mm" => 60 }
    expect(score(features: [screen])).to be < score - 10
  end

  it "does not mind a road underfoot" do
    road = { "id" => "r", "kind" => "road", "height_mm" => 0,
             "outline" => { "kind" => "strip", "points_mm" => [[-50, 10], [50, 10]], "width_mm" => 30 } }
    expect(score(features: [road])).to be_within(0.5).of(score)
  end

  it "asks nothing of thirds and angles where a base is played with" do
    told = ->(turn) { plain_file(purpose: "gaming_base", subjects: [figure(rectangle(20, 8), turn_deg: turn, height_mm: 30)]) }
    totals = [0, 15].map do |turn|
      made = evaluation(told[turn])
      described_class.new(made.design, described_class::Setting.of(made)).total
    end
    expect(totals.uniq.size).to eq(1)
  end
end
