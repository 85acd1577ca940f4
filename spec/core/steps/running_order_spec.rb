# frozen_string_literal: true

# A stream in the order in which it is made: its bed, its dams, its reaches as they lie, what falls, and what is laid on it.
RSpec.describe "The order of a stream" do
  # Beds of 8 mm and of 2 mm over the face, and a slope of 1 in 20 beyond; a step between the two.
  let(:outline) { rectangle(90, 10) }
  let(:marks) { [[-45, 9.5], [-10, 9.5], [-9, 4], [20, 4], [45, 2.75]] }
  let(:courses) do
    [{ "id" => "dark", "material" => "acrylic_wash", "colour" => "#221d12", "after_pour" => 0 },
      { "id" => "white", "material" => "foam_paste", "on" => "steep" }, { "id" => "clear", "material" => "gloss_glaze" }]
  end
  let(:brook) do
    { "id" => "brook", "medium" => "acrylic_water", "outline" => outline, "max_layer_mm" => 2, "courses" => courses,
      "fall" => marks.map { |x, level| { "at_mm" => [x, 0], "level_mm" => level } } }
  end
  let(:file) do
    plain_file(forms: [lift(10, rectangle(100, 60)), cut(2, rectangle(36, 10, at: [-27, 0]), id: "upper"),
      cut(8, rectangle(54, 10, at: [18, 0]), id: "lower")],
      zones: [zone(course("sand_paste", id: "bed", thickness_mm: 0.5), course("acrylic_primer", id: "primer"))], waters: [brook])
  end
  let(:made) { evaluation(file) }
  let(:steps) { made.steps }
  let(:starts) { made.schedule.starts }

  def at(pattern) = starts.select { |id, _| id.match?(pattern) }.values

  it "has its ground and colours before its dams, and those before its first pour" do
    expect(at(/\A(bed|primer|dark)/).max).to be <= at(%r{/dam\z}).min
    expect(at(%r{/dam\z}).max).to be <= at(%r{reach-\d/pour}).min
  end

  it "pours what lies level together, and waits before the base is propped up otherwise" do
    poured = steps.select { |step| step.id.match?(%r{reach-\d/pour}) }
    level, propped = poured.partition { |step| step.note.nil? }
    expect([level.size, propped.size].min).to be >= 1
    expect(propped.map(&:note)).to all(match(/Prop the base up by 2.9°/))
    first = propped.min_by { |step| starts[step.id] }
    earlier = level.select { |step| starts[step.id] < starts[first.id] }
    expect(earlier.map { |step| made.schedule.finish(step.id) + step.stages.after(:handle).to_i }.min).to be <= starts[first.id]
  end

  it "lays what falls freely over all pours, and white and clear after it" do
    fall = steps.find { |step| step.id.end_with?("/fall") }
    expect(fall.title).to eq("Draw strands of water gel down brook, fall")
    expect(at(%r{reach-\d/pour}).max).to be <= starts[fall.id]
    expect(at(%r{reach-\d/pour}).max).to be <= at(/\Awhite\z/).min
    expect(at(/\Awhite\z/).max).to be <= at(/\Aclear\z/).min
  end

  it "takes for its reaches what each of them holds" do
    pool = made.pools.first
    poured = steps.select { |step| step.id.match?(%r{reach-\d/pour}) }.flat_map(&:uses).select { |use| use.material == "acrylic_water" }
    medium = catalogue["acrylic_water"]
    wet = pool.reaches.sum { |reach| reach.layers.sum(&:volume_mm3) } / 1000
    # A tenth stays in the cup.
    expect(poured.sum(&:amount)).to be_within(0.02 * wet).of(medium.wet_volume(wet) * 1.1)
  end

  it "moves with its outline's bed: lowered as a whole, it stays as deep" do
    pointer, lower = brook_water.level_at(8.5)
    expect(pointer).to eq("/waters/0/fall")
    expect(lower.map { |mark| mark["level_mm"] }).to eq([8.5, 8.5, 3.0, 3.0, 1.75])
  end

  def brook_water = design(file).waters.first

  describe "proposed" do
    # From the higher end down, 1.5 mm over the ground at each of its five marks, and never rising.
    it "runs through the middle of its outline" do
      ramp = form("ramp", "hill", rectangle(100, 60), material: "xps_foam", from_mm: [50, 0], to_mm: [-50, 0], from_z_mm: 0, to_z_mm: 10)
      made = evaluation(plain_file(forms: [ramp], waters: [brook.except("fall", "courses")]))
      fall = GreenPlinth::Waters::FallProposed.of(made.design.waters.first, made.terrain)
      xs, levels = fall.map { |mark| mark["at_mm"][0] }, fall.map { |mark| mark["level_mm"] }
      expect(xs).to eq(xs.sort)
      expect(fall.map { |mark| mark["at_mm"][1] }).to all(be_within(0.1).of(0))
      expect(levels).to eq(levels.sort.reverse)
      expect(levels.first).to be_within(0.3).of(9.3 + 1.5)
    end

    it "is nothing for what lies beside the base" do
      made = evaluation(plain_file(waters: [water(1, rectangle(10, 10, at: [200, 0]))]))
      expect(GreenPlinth::Waters::FallProposed.of(made.design.waters.first, made.terrain)).to be_nil
    end
  end
end
