# frozen_string_literal: true

require "csv"
require "pdf/inspector"

# One shopping list over several builds. 60 cm² of earth paste at 2 mm take 16.5 ml (see stores_spec).
RSpec.describe GreenPlinth::Stores::Trip do
  def build(title, start, *courses)
    file = plain_file(title: title, zones: [zone(*courses)],
      calendar: { start: start, weekly: [{ day: "mon", from: "19:00", to: "22:00" }] })
    made = evaluation(file)
    described_class::Build.new(title, made.quantities, made.plan)
  end

  let(:first) { build("First", "2027-03-01T08:00", course("earth_paste", id: "bed", thickness_mm: 2)) }
  let(:later) do
    build("Later", "2027-04-05T08:00", course("earth_paste", id: "bed", thickness_mm: 2), course("static_grass", colour: "#6b7838"))
  end
  let(:shelves) do
    jar = GreenPlinth::Stores::Jar.new(1, { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "open" => 20 }, catalogue)
    GreenPlinth::Stores::Shelves.new([jar], catalogue)
  end
  let(:trip) { described_class.new([later, first], shelves, catalogue) }

  def item(material) = trip.items.find { |one| one.line.material == material }

  it "adds up what is missing for all of them, and says by when and for which" do
    expect(item("earth_paste").provided.missing).to be_within(0.05).of(33 - 20)
    expect(item("earth_paste")).to have_attributes(builds: match_array(%w[First Later]), shop: "model and hobby")
    expect(item("earth_paste").needed_by).to eq(first.plan.steps.find { |step| step.id == "bed" }.start)
    expect(item("static_grass").builds).to eq(["Later"])
    expect(described_class.new([first], shelves, catalogue).items.map { |one| one.line.material }).not_to include("earth_paste")
  end

  # A base of 100 × 60 mm is one piece of a cork sheet; each build by itself takes a sheet, and what is left of the first is more than the
  # second needs.
  it "cuts what several builds need from the same sheets" do
    lifted = %w[One Two].map do |title|
      made = evaluation(plain_file(title: title, forms: [lift(2, rectangle(100, 60))]))
      described_class::Build.new(title, made.quantities, nil)
    end
    bare = GreenPlinth::Stores::Shelves.new([], catalogue)
    one = described_class.new(lifted, bare, catalogue).items.find { |item| item.line.unit == "sheet" }
    expect([one.provided.packs, one.spared, one.needed_by]).to eq([1, 1, nil])
  end

  it "is sorted by shop, what is needed first before" do
    keys = trip.items.map { |one| [one.shop, one.needed_by || Float::INFINITY] }
    expect(keys).to eq(keys.sort)
    expect(trip.cost_minor).to eq(trip.items.sum { |one| one.provided.buy_minor || 0 })
  end

  it "is a table and a sheet of paper" do
    rows = CSV.parse(GreenPlinth::Stores::TripCsv.write(trip), headers: true)
    expect(rows.map { |row| row["material"] }).to eq(trip.items.map { |one| one.line.material })
    text = PDF::Inspector::Text.analyze(GreenPlinth::Stores::TripPdf.new(trip, "Shopping list").write).strings.join(" ")
    expect(text).to include("earth texture paste", "1 x 200 ml", "2027-03-01")
  end

  it "says that nothing is missing where all is there" do
    text = PDF::Inspector::Text.analyze(GreenPlinth::Stores::TripPdf.new(described_class.new([], shelves, catalogue), "List").write).strings
    expect(text.join(" ")).to include("Nothing is missing")
  end
end
