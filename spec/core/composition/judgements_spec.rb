# frozen_string_literal: true

# Each judgement's figure by hand, and that it says what it draws.
RSpec.describe GreenPlinth::Composition::Judgement do
  def judgement(key, file) = evaluation(file).judgements.find { |one| one.key == key }
  def vignette(**members) = plain_file(purpose: "vignette", **members)

  it "finds a third: 100 × 60 has its crossings 16.67 and 10 from the middle" do
    near = judgement("thirds", vignette(subjects: [figure(round(8), at_mm: [16.7, 10], height_mm: 30)]))
    far = judgement("thirds", vignette(subjects: [figure(round(8), at_mm: [-46.7, 10], height_mm: 30)]))
    expect([near.verdict, near.figure.round(1)]).to eq(["good", 0.0])
    expect([far.verdict, far.figure.round(1)]).to eq(["look", 30.0])
    expect(far.marks.map(&:kind)).to include("line")
  end

  it "asks which of several is looked at first" do
    two = [figure(round(8), id: "a"), figure(round(8), id: "b", at_mm: [20, 0])]
    expect(judgement("thirds", vignette(subjects: two)).verdict).to eq("unknown")
  end

  { 2 => "trouble", 15 => "good", 40 => "look" }.each do |turn, verdict|
    it "calls #{turn}° off the edge #{verdict}" do
      found = judgement("edge_angle", vignette(subjects: [figure(rectangle(20, 8), turn_deg: turn)]))
      expect([found.verdict, found.figure]).to eq([verdict, turn.to_f])
    end
  end

  it "lets a figure stand in the middle of a plinth, not of a vignette" do
    subjects = [figure(round(8), height_mm: 30)]
    expect(judgement("dead_centre", vignette(subjects: subjects)).verdict).to eq("look")
    expect(judgement("dead_centre", plain_file(purpose: "display_plinth", subjects: subjects)).verdict).to eq("good")
  end

  it "folds left on right: two of three alike" do
    subjects = [figure(rectangle(10, 10), id: "a", at_mm: [-20, 0]), figure(rectangle(10, 10), id: "b", at_mm: [20, 0]),
      figure(rectangle(10, 10), id: "c", at_mm: [20, 20])]
    expect(judgement("mirror", vignette(subjects: subjects)).figure).to be_within(0.1).of(66.67)
  end

  it "tells front, middle and back by what rises there" do
    found = judgement("heights",
      vignette(forms: [lift(12, rectangle(100, 20, at: [0, 20]))],
        subjects: [figure(round(8), at_mm: [0, -20], height_mm: 30)]))
    expect(found.sentence).to include("Front 30 mm, middle 0 mm, back 12 mm")
    expect(found.verdict).to eq("look")
  end

  it "follows a road to what is looked at first, and sees one that leads away" do
    road = ->(points) {
      { "id" => "r", "kind" => "road", "outline" => { "kind" => "strip", "points_mm" => points, "width_mm" => 6 } }
    }
    subjects = [figure(round(8), at_mm: [30, 20], height_mm: 30)]
    expect(judgement("leading_lines",
      vignette(subjects: subjects, features: [road[[[-40, -26], [-5, -3]]]])).verdict).to eq("good")
    expect(judgement("leading_lines",
      vignette(subjects: subjects, features: [road[[[-40, -26], [40, -26]]]])).verdict).to eq("look")
  end

  it "weighs presence by the purpose, and offers the common size that suits better" do
    file = plain_file(purpose: "gaming_base", plinth: { "outline" => round(60), "thickness_mm" => 4, "material" => "plastic_base" },
      subjects: [figure(round(18))])
    found = judgement("presence", file)
    expect(found.figure).to be_within(0.01).of(9)
    expect(found.verdict).to eq("look")
    fixed = GreenPlinth::Patch.apply(file, found.fixes.first.patch)
    expect(judgement("presence", fixed).verdict).to eq("good")
  end

  it "offers no size beside which ground would lie" do
    sizes = lambda do |at|
      corner = zone(course("earth_paste"), id: "corner", outline: rectangle(6, 6, at: at))
      judgement("presence", vignette(subjects: [figure(rectangle(44, 30))], zones: [corner])).fixes
    end
    expect(sizes[[0, 0]]).not_to be_empty
    expect(sizes[[46, 26]]).to be_empty
  end

  it "judges a base that is played with by what it raises" do
    file = plain_file(purpose: "gaming_base", forms: [lift(5, rectangle(100, 60))], subjects: [figure(round(18))])
    expect(judgement("raised", file).verdict).to eq("unknown")
    expect(judgement("raised", file.merge("limits" => { "raise_mm" => 3 })).verdict).to eq("trouble")
    expect(judgement("heights", file)).to be_nil
  end

  it "measures the step under a foot plate" do
    file = vignette(forms: [lift(5, rectangle(50, 60, at: [-25, 0]))],
      subjects: [figure(rectangle(12, 8), height_mm: 20)])
    expect(judgement("standing_room", file).figure).to be_within(0.05).of(5)
  end

  it "has a figure, a sentence and its unit for every sample" do
    sample_names.each do |name|
      evaluation(sample(name)).judgements.each do |one|
        expect(one.sentence).to match(/\A[A-Z0-9].*\.\z/), one.sentence
        expect(one.figure).to be_nil.or be_finite
      end
    end
  end
end
