# frozen_string_literal: true

RSpec.describe GreenPlinth::Screens::SideBands do
  let(:plinth) { { "outline" => rectangle(100, 60), "thickness_mm" => 12, "material" => "mdf" } }
  let(:cork) { lift(6, rectangle(100, 60), material: "cork_sheet") }

  def bands(**more) = evaluation(plain_file(plinth: plinth, forms: [cork], **more)).side_bands

  # Places of a band that look one way, by the side of the plinth that they lie on.
  def on(bands, side)
    axis, value = { front: [1, -30.0], back: [1, 30.0], left: [0, -50.0], right: [0, 50.0] }.fetch(side)
    bands.select { |band| band["points"].each_slice(4).all? { |place| (place[axis] - value).abs < 1e-6 } }
  end

  def heights(band) = band["points"].each_slice(4).map { |place| place.last(2) }.uniq

  it "is painted all round as the school of rims has it, where the maker finishes no side" do
    expect(bands.map { |band| band["colour"] }.uniq).to eq(["#1d1c1a"])
    expect(heights(on(bands, :front).first)).to eq([[-12.0, 6.0]])
  end

  it "shows its layers where the rim is left bare" do
    made = bands(schools: { "rim" => "bare" })
    front = on(made, :front)
    expect(front.map { |band| heights(band) }).to eq([[[-12.0, 0.0]], [[0.0, 6.0]]])
    materials = GreenPlinth::Catalogue.default
    expect(front.map { |band| band["colour"] }).to eq([materials["mdf"].colour, materials["cork_sheet"].colour])
  end

  it "has each side as it is finished, and bare layers on the others" do
    made = bands(sides: [{ "id" => "face", "on" => "front", "courses" => [course("acrylic_paint", colour: "#203040")] }])
    expect(on(made, :front).map { |band| [band["colour"], heights(band)] }).to eq([["#203040", [[-12.0, 6.0]]]])
    expect(on(made, :back).size).to eq(2)
  end

  it "has strata painted over what the side is finished with" do
    made = bands(sides: [{ "id" => "all", "strata" => true, "courses" => [course("acrylic_paint", colour: "#203040")] }])
    expect(on(made, :left).map { |band| heights(band) }).to eq([[[-12.0, 6.0]], [[0.0, 6.0]]])
  end

  # 4 mm of water over the plinth's face in a hollow that runs out to the front; waves go up and down by half their height.
  describe "water against the side" do
    def sea(**more)
      water = { "id" => "sea", "name" => "sea", "medium" => "two_part_resin", "level_mm" => 4, "outline" => rectangle(100, 60) }
      painted = [{ "id" => "all", "courses" => [course("acrylic_paint")] }]
      bands(forms: [], waters: [water.merge(more.transform_keys(&:to_s))], sides: painted).select { |band| band["clear"] }
    end

    it "is seen through, from the ground to its surface" do
      expect(sea.size).to eq(4)
      expect(sea.flat_map { |band| heights(band) }.uniq).to eq([[0.0, 4.0]])
    end

    # By hand: crests lie 40 ÷ tan 20° = 109.9 mm apart across the wind, which comes from the right: at 30 mm from the middle cos(2π · 30 ÷
    # 109.9) = −0.144, and half of 3 mm goes up and down by 0.216.
    it "moves as its sea does" do
      tops = sea(waves: { "height_mm" => 3, "length_mm" => 40 }).flat_map { |band| heights(band).map(&:last) }
      expect([tops.min, tops.max]).to match([be_within(0.01).of(3.784), be_within(0.01).of(4.216)])
    end
  end
end
