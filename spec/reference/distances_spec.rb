# frozen_string_literal: true

require "sequel"

# Distances and overlaps of footprints, by hand and against PostgreSQL's own geometric types.
RSpec.describe "Clearances against a second library" do
  def subjects(*outlines)
    outlines.each_with_index.map do |(outline, at, turn), i|
      figure(outline.except("at_mm"), id: "s#{i}", at_mm: at, turn_deg: turn || 0)
    end
  end
  def clearance(*outlines) = evaluation(plain_file(subjects: subjects(*outlines))).layout.clearances.first["mm"]

  # By hand: circles by their centres, squares by their sides and by their corners.
  it "by hand" do
    expect(clearance([round(10), [-20, 0]], [round(6), [20, 0]])).to be_within(0.01).of(32)
    expect(clearance([rectangle(10, 10), [-20, 0]], [rectangle(10, 10), [5, 0]])).to eq(15)
    expect(clearance([rectangle(10, 10), [0, 0]], [rectangle(10, 10), [13, 14]])).to be_within(1e-3).of(5)
    expect(clearance([rectangle(10, 10), [0, 0], 45],
      [rectangle(10, 10), [20, 0]])).to be_within(1e-3).of(15 - Math.sqrt(50))
  end

  # Source: PostgreSQL, geometric functions: polygon <-> polygon.
  it "against PostgreSQL for any two polygons that are apart" do
    database = Sequel.connect(ENV.fetch("DATABASE_URL"))
    random = Random.new(20_270_301)
    40.times do
      places = [[random.rand(-40..-25), random.rand(-20..20), random.rand(360)],
        [random.rand(0..40), random.rand(-20..20), random.rand(360)]]
      shapes = places.map do |x, y, turn|
        [polygon([0, 0], [random.rand(4..14), random.rand(-3..3)], [random.rand(2..9), random.rand(4..12)]), [x, y],
          turn]
      end
      texts = shapes.map do |outline, at, turn|
        "(#{GreenPlinth::Plan::Outline.place(outline["points_mm"], at, turn).map { |x, y| "(#{x},#{y})" }.join(",")})"
      end
      expect(clearance(*shapes)).to be_within(0.002).of(database.get(Sequel.lit("?::polygon <-> ?::polygon", *texts)))
    end
  end

  # By hand: an L of 3 squares of 10 against a square that fills its notch and overlaps 4 mm on both arms.
  it "measures overlap by hand" do
    ell = polygon([0, 0], [20, 0], [20, 10], [10, 10], [10, 20], [0, 20])
    found = evaluation(plain_file(subjects: subjects([ell, [0, 0]],
      [rectangle(10, 10), [11, 11]]))).snags.find do |snag|
      snag.code == "fit/clearance"
    end
    # The square covers 6–16: 10 × 10 less what lies in the notch (10–16)² = 64 mm².
    expect(found.message).to include("the same 64 mm²")
  end
end
