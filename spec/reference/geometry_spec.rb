# frozen_string_literal: true

# Plan geometry against hand-worked cases. Source: plane geometry (Euclid, Elements I and III); figures worked by hand.
RSpec.describe "Plan geometry by hand" do
  def layout(*subjects, plinth: nil)
    told(plain_file(subjects: subjects).then do |file|
      plinth ? file.merge("plinth" => { "outline" => plinth }) : file
    end)["composition"]
  end

  it "two discs: the distance of their middles less both radii" do
    # Middles (-12, -9) and (12, 9): 30 apart.
    pair = layout(figure(round(10), id: "a", at_mm: [-12, -9]), figure(round(16), id: "b", at_mm: [12, 9]))
    expect(pair["clearances"][0]["mm"]).to be_within(0.02).of(30 - 5 - 8)
  end

  it "a disc and a square's corner" do
    # Square of 20 about the origin, disc of 6 at (16, 18): from the corner (10, 10), 6 and 8: 10, less 3.
    pair = layout(figure(rectangle(20, 20), id: "a"), figure(round(6), id: "b", at_mm: [16, 18]))
    expect(pair["clearances"][0]["mm"]).to be_within(0.02).of(7)
  end

  it "a square turned by 45° reaches out by half its diagonal" do
    # 20 × 20 turned stands 14.142 from its middle; the middle is 40 from the right edge's 50.
    alone = layout(figure(rectangle(20, 20), at_mm: [40, 0], turn_deg: 45))
    expect(alone["subjects"][0]["overhang_mm"]).to be_within(0.01).of(40 + (10 * Math.sqrt(2)) - 50)
  end

  it "a chord of a round plinth" do
    # A bar 60 long across a disc of 50, through its middle: 5 over at each end.
    alone = layout(figure(rectangle(60, 2)), plinth: round(50))
    expect(alone["subjects"][0]["overhang_mm"]).to be_within(0.06).of(5)
  end

  it "the lens two discs share" do
    # Radius 10, middles 12 apart: 2 r² acos(d / 2r) - d / 2 √(4r² - d²) = 44.73 mm².
    lens = (2 * 100 * Math.acos(12 / 20.0)) - (6 * Math.sqrt(400 - 144))
    one, other = [-6, 6].map { |x| GreenPlinth::Plan::Outline.polygon(round(20, at: [x, 0])) }
    expect(one.intersection(other).area).to be_within(lens * 0.005).of(lens)
  end

  it "a regular hexagon's area: 3√3 / 2 a²" do
    hexagon = polygon(*Array.new(6) { |i| [10 * Math.cos(i * Math::PI / 3), 10 * Math.sin(i * Math::PI / 3)] })
    expect(GreenPlinth::Plan::Outline.polygon(hexagon).area).to be_within(1e-9).of(3 * Math.sqrt(3) / 2 * 100)
  end

  it "a bent strip: its length by its width, and the round of its bend" do
    # Two legs of 30 at a right angle, 6 wide. The corner square of 3 is shared; outside the bend a quarter disc is added.
    bent = { "kind" => "strip", "points_mm" => [[0, 0], [30, 0], [30, 30]], "width_mm" => 6 }
    expected = (2 * 30 * 6) - (3 * 3) + (Math::PI * 9 / 4)
    expect(GreenPlinth::Plan::Outline.polygon(bent).area).to be_within(0.05).of(expected)
  end
end
