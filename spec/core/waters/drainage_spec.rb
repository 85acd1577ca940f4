# frozen_string_literal: true

RSpec.describe GreenPlinth::Waters::Drainage do
  def run(at, **members) = described_class.new(evaluation(plain_file(**members)).terrain).from(at)
  def ramp(from, to, low, high)
    form("ramp", "ramp", rectangle(100, 60), from_mm: from, to_mm: to, from_z_mm: low, to_z_mm: high,
      material: "xps_foam")
  end

  it "runs straight down a ramp and off its foot" do
    told = run([30, 0], forms: [ramp([-50, 0], [50, 0], 0, 20)])
    expect(told.ends).to eq("edge")
    expect(told.points.map(&:first)).to eq(told.points.map(&:first).sort.reverse)
    expect(told.points.map(&:last)).to all(be_within(0.3).of(0))
    expect(told.drop_mm).to be_within(0.3).of(16)
  end

  # A pond 6 mm deep, 40 × 20, in level ground 10 mm high: poured into it, 4.8 ml stand before it runs over.
  it "fills a hollow to its brim first" do
    told = run([0, 0], forms: [lift(10, rectangle(100, 60)), cut(6, rectangle(40, 20))])
    expect(told.hollows.first).to include("level_mm" => be_within(0.05).of(10), "ml" => be_within(0.1).of(4.8))
  end

  # Two pits of 2 ml on a saddle between walls: the second fills, then runs back into the first, then over the wall.
  it "fills hollows that run into each other" do
    walls = [lift(12, rectangle(100, 60)), cut(4, rectangle(20, 20, at: [-15, 0]), id: "left"),
             cut(4, rectangle(20, 20, at: [15, 0]), id: "right"),
      cut(2, rectangle(12, 20), id: "saddle")]
    told = run([-15, 0], forms: walls)
    expect(told.hollows.size).to be_between(2, 4)
    expect(told.hollows.map { |hollow| hollow["level_mm"] }.max).to be_within(0.05).of(12)
    expect(told.ends).to eq("edge")
  end

  it "says nothing off the base" do
    expect(run([80, 0])).to be_nil
  end

  it "never climbs, and always ends, wherever it is asked on the samples" do
    random = Random.new(3)
    %w[estuary-skiff peat-bank].each do |name|
      drainage = described_class.new(evaluation(sample(name)).terrain)
      6.times do
        expect(drainage.from([random.rand(-40..40),
          random.rand(-30..30)])).to have_attributes(ends: be_in(%w[edge level]), drop_mm: be >= -1e-6)
      end
    end
  end

  matcher(:be_in) { |list| match { |value| list.include?(value) } }
end
