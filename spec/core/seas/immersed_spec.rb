# frozen_string_literal: true

# Displacements by hand, and by Archimedes' law: a hull takes the place of as much water as lies within it below its waterline.
RSpec.describe GreenPlinth::Seas::Immersed do
  def hull(**more)
    data = { "id" => "smack", "kind" => "hull", "footprint" => rectangle(100, 20) }.merge(more.transform_keys(&:to_s))
    described_class.new(GreenPlinth::Design::Subject.new(data, "/subjects/0"))
  end

  def slice(depth, width, beam) = { "depth_mm" => depth, "outline" => rectangle(width, beam) }

  # 100 × 20 × 8 mm³
  it "takes the place of its box where it is wall-sided" do
    expect(hull(draught_mm: 8).displaced_ml).to be_within(1e-9).of(16)
    expect(hull(draught_mm: 8).known?).to be(false)
  end

  # Half the box: its sides meet at the keel.
  it "takes the place of half of it where it is a wedge" do
    expect(hull(immersed: [slice(8, 100, 1e-9)]).displaced_ml).to be_within(1e-6).of(8)
  end

  # A third: a pyramid, whose areas go down as the square of what is left: Simpson's rule is exact for it.
  it "takes the place of a third of it where it runs to a point" do
    slices = (1..4).map { |i| slice(2 * i, 100 * (1 - (i / 4.0)).clamp(1e-9, 1), 20 * (1 - (i / 4.0)).clamp(1e-9, 1)) }
    expect(hull(immersed: slices).displaced_ml).to be_within(1e-6).of(100 * 20 * 8 / 3.0 / 1000)
  end

  # A table of offsets of our own: waterplanes of 2,000, 1,840, 1,480, 880 and 160 mm² at every 2 mm, by Simpson's multipliers 1 4 2 4 1:
  # 2/3 × (2,000 + 4·1,840 + 2·1,480 + 4·880 + 160) = 10,666.7 mm³.
  it "sums a table of offsets as a naval architect does" do
    table = [[2, 1840], [4, 1480], [6, 880], [8, 160]].map { |depth, area| slice(depth, 80, area / 80.0) }
    expect(hull(immersed: table).displaced_ml).to be_within(1e-6).of(2 / 3.0 * ((4 * 1840) + 2000 + (2 * 1480) + (4 * 880) + 160) / 1000)
  end

  it "integrates whatever is a parabola exactly, at any distances (property)" do
    random = Random.new(4)
    60.times do
      a, b, c = Array.new(3) { random.rand(-3.0..3.0) }
      xs = Array.new(random.rand(3..9)) { random.rand(0.1..2.0) }.each_with_object([0.0]) { |step, all| all << (all.last + step) }
      found = GreenPlinth::Seas::Simpson.integral(xs.map { |x| [x, a + (b * x) + (c * x * x)] })
      last = xs.last
      expect(found).to be_within(1e-9).of((a * last) + (b * last**2 / 2) + (c * last**3 / 3))
    end
  end

  # tan 2° over half of 100 mm, tan 10° over half of 20 mm.
  it "lies deeper at its bow when it is trimmed, and to port when it is heeled" do
    tilted = hull(draught_mm: 8, trim_deg: 2, heel_deg: 10, turn_deg: 90, at_mm: [5, 5])
    expect(tilted.deeper_at(5, 55)).to be_within(1e-9).of(50 * Math.tan(Math::PI / 90))
    expect(tilted.deeper_at(-5, 5)).to be_within(1e-9).of(10 * Math.tan(Math::PI / 18))
  end

  describe "its seat" do
    def file(*forms, **more)
      boat = { "id" => "smack", "kind" => "hull", "footprint" => rectangle(60, 16), "height_mm" => 30 }.merge(more.transform_keys(&:to_s))
      plain_file(plinth: { outline: rectangle(120, 60), thickness_mm: 10, material: "mdf", lip_mm: 40 }, subjects: [boat],
        forms: [lift(20, rectangle(120, 60), id: "block"), *forms],
        waters: [{ "id" => "sea", "medium" => "acrylic_water", "level_mm" => 21, "outline" => rectangle(120, 60) }])
    end

    def found(file) = evaluation(file).snags.find { |snag| snag.code == "fit/opening" }

    it "is cut in steps that hold its slices and its fins, and then it sits" do
      shaped = file(immersed: [slice(4, 50, 12), slice(9, 40, 3)], appendages: [{ "depth_mm" => 13, "outline" => rectangle(6, 2) }])
      expect(found(shaped).message).to include("draws 9 mm and the ground leaves it 0 mm: it will ride 12 mm too high")
      mended = GreenPlinth::Patch.apply(shaped, found(shaped).fixes.first.patch)
      expect(found(mended)).to be_nil
      expect(evaluation(mended).judgements.find { |one| one.key == "hull_seat" }.to_h)
        .to include("verdict" => "good", "sentence" => a_string_including("It sits on its waterline."))
      # What is cut is no deeper than it has to be: at the keel 9 below the level, under the fin 13.
      low = evaluation(mended).terrain.range_in(GreenPlinth::Plan::Outline.polygon(rectangle(4, 1))).first
      expect(low).to be_within(0.15).of(21 - 13)
    end

    it "is looked at along the whole keel: a hump under its bow keeps it up" do
      hole = cut(10, rectangle(66, 22), id: "hole")
      expect(found(file(hole, draught_mm: 9))).to be_nil
      hump = lift(3, rectangle(6, 10, at_mm: [24, 0]), id: "hump")
      expect(found(file(hole, hump, immersed: [slice(9, 56, 8)])).message).to include("it will ride 1 mm too high")
    end

    it "is deeper for one that lies with its bow down" do
      hole = cut(8.2, rectangle(66, 22), id: "hole")
      expect(found(file(hole, immersed: [slice(9, 56, 8)]))).to be_nil
      expect(found(file(hole, immersed: [slice(9, 56, 8)], trim_deg: 2)).message).to include("too high")
    end
  end
end
