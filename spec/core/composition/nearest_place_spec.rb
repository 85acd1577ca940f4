# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::NearestPlace do
  def place(**members)
    told = evaluation(plain_file(**members))
    [told.nearest_place, told]
  end

  it "stays inside the border, and goes the way it is asked to first" do
    plinth = { "outline" => rectangle(100, 60), "thickness_mm" => 20, "material" => "mdf", "key" => "scuffed", "border_mm" => 5 }
    found, told = place(plinth: plinth, subjects: [figure(rectangle(10, 10), at_mm: [44, 0])])
    subject = told.design.subjects.first
    expect(found.over_mm2(subject)).to be_within(0.01).of(40)
    expect(found.find(subject, toward: [-1, 0]).at_mm).to eq([40, 0])
  end

  it "may touch what hosts it" do
    log = { "id" => "log", "kind" => "log", "outline" => rectangle(30, 10) }
    bush = { "id" => "bush", "kind" => "bush", "outline" => round(6) }
    found, told = place(features: [log, bush, bush.merge("id" => "guest", "host" => "log", "outline" => round(6, at: [12, 0]))])
    _, alone, guest = told.design.features
    expect([found.free?(alone), found.free?(guest)]).to eq([false, true])
  end

  it "finds none on a full base" do
    found, told = place(subjects: [figure(rectangle(96, 56)), figure(round(10), id: "b")])
    expect(found.find(told.design.subjects.last)).to be_nil
  end

  it "finds what is free and no farther than any free place it passed" do
    choose = ->(range) { PropCheck::Generators.choose(range) }
    PropCheck.forall(choose[-45..45], choose[-25..25], choose[0..3]).with_config(n_runs: 25).check do |(x, y, turn)|
      others = [figure(rectangle(20, 8), id: "b", at_mm: [x, y], turn_deg: turn * 30), figure(round(14), id: "c", at_mm: [-20, 5])]
      found, told = place(subjects: [figure(round(9), at_mm: [x, y]), *others])
      subject = told.design.subjects.first
      there = found.find(subject) or next

      expect(found.free?(there)).to be(true)
      passed = (1...(far(subject, there) - 0.2)).first(10).flat_map { |run| all_round(subject, run) }
      expect(passed.select { |part| found.free?(part) }).to be_empty
    end
  end

  def far(one, other) = Math.hypot(other.at_mm[0] - one.at_mm[0], other.at_mm[1] - one.at_mm[1])

  def all_round(part, run)
    (0...8).map { |i| part.moved_by(run * Math.cos(i * Math::PI / 4), run * Math.sin(i * Math::PI / 4)) }
  end
end
