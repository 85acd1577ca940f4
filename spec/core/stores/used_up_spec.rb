# frozen_string_literal: true

require "securerandom"

# What was used at the bench goes out of the jars. Sums by hand.
RSpec.describe GreenPlinth::Stores::UsedUp do
  let(:noon) { 1_803_902_400 } # 2027-03-01T12:00:00Z

  def used(amount, clock, unit: "ml", material: "earth_paste", **data)
    GreenPlinth::Events::Event.of("id" => SecureRandom.uuid, "kind" => "used", "at" => "2027-03-01T#{clock}:00Z", "step" => "bed",
      "data" => { "material" => material, "amount" => amount, "unit" => unit }.merge(data.transform_keys(&:to_s)))
  end

  def left(jars, *events)
    noted = jars.each_with_index.map { |jar, index| described_class::Looked.new(index + 1, jar, noon) }
    described_class.new(events, catalogue).left(noted).values
  end

  def paste(**more) = { "material" => "earth_paste", "pack" => 200, "unit" => "ml" }.merge(more.transform_keys(&:to_s))

  it "takes it from the open one first, then opens a full one" do
    open = paste(open: 50, full: 2, opened_on: "2027-02-01")
    expect(left([open], used(30, "13:00"))).to eq([open.merge("open" => 20.0)])
    # 50 + 400 − 80 = 370: one full one and 170 of the one that was opened
    expect(left([open], used(30, "13:00"), used(50, "14:00")))
      .to eq([open.merge("full" => 1, "open" => 170.0, "opened_on" => "2027-03-01")])
  end

  it "opens the first of full ones, and never takes more than there is" do
    expect(left([paste(full: 1)], used(30, "13:00"))).to eq([paste(full: 0, open: 170.0, opened_on: "2027-03-01")])
    expect(left([paste(full: 1)], used(900, "13:00"))).to eq([paste(full: 0, open: 0.0, opened_on: "2027-03-01")])
  end

  it "goes on to the next jar of the same thing where one has not enough" do
    one, other = paste(open: 20, opened_on: "2027-02-01"), paste(full: 1)
    expect(left([other, one], used(30, "13:00"))).to eq([other.merge("full" => 0, "open" => 190.0, "opened_on" => "2027-03-01"),
      one.merge("full" => 0, "open" => 0.0)])
  end

  # Earth paste has 1.6 g to the millilitre.
  it "goes from grams to millilitres by density" do
    expect(left([paste(open: 50, opened_on: "2027-02-01")], used(16, "13:00", unit: "g")).first["open"]).to be_within(1e-9).of(40)
  end

  it "leaves alone what somebody has looked at since, another colour, another jar, and what nobody knows the level of" do
    open = paste(open: 50, opened_on: "2027-02-01")
    expect(left([open], used(30, "11:59"))).to eq([open])
    red, blue = %w[#aa0000 #0000aa].map { |colour| paste(material: "acrylic_paint", colour: colour, pack: 17, full: 1) }
    expect(left([red, blue], used(5, "13:00", material: "acrylic_paint", colour: "#0000AA")).map { |jar| jar["full"] }).to eq([1, 0])
    expect(left([open, open], used(30, "13:00", jar: 2)).map { |jar| jar["open"] }).to eq([50, 20.0])
    unknown = paste(opened_on: "2027-02-01", full: 1)
    expect(left([unknown], used(30, "13:00"))).to eq([unknown])
  end
end
