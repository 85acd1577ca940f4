# frozen_string_literal: true

RSpec.describe GreenPlinth::Screens::MaterialPicture do
  def picture(key, **changed)
    data = catalogue[key].to_h.except("key").merge(changed.transform_keys(&:to_s))
    described_class.new(catalogue.with({ "drawn" => data }, {}).materials["drawn"], catalogue.kinds).to_h
  end

  def hours(picture, mm) = picture["by_thickness"].min_by { |at, _| (at - mm).abs }.last

  it "tells each stage that a material has, and none of what does not set" do
    expect(picture("earth_paste", handle_h: [1, 2, 3], dry_h: [5, 6, 7])["stages"].to_h { |stage| stage.values_at("key", "hours") })
      .to include("handle" => [1.0, 2.0, 3.0], "dry" => [5.0, 6.0, 7.0])
    expect(picture("cork_sheet").values_at("stages", "by_thickness", "workable_min")).to eq([[], [], nil])
  end

  # At the thickness that its times are for, the time itself; twice as thick to the power of 2, four times it; never under the least
  # share of it.
  it "follows the law of its drying from the thinnest layer to past the largest one" do
    drawn = picture("earth_paste", reference_mm: 2, dry_h: [10, 10, 10], exponent: 2, least_share: 0.5, max_layer_mm: 4)
    expect(hours(drawn, 2)).to be_within(0.3).of(10)
    expect(hours(drawn, 4)).to be_within(0.7).of(40)
    expect(hours(drawn, 0.2)).to eq(5)
    expect(drawn["by_thickness"].last.first).to eq(5)
  end

  it "tells windows by name, and the coat on a light and a dark ground" do
    drawn = picture("earth_paste", windows: { "press_in" => [5, 20] }, colour: "#806040", hiding: 1)
    expect(drawn["windows"]).to eq([{ "name" => "press in", "from_min" => 5, "to_min" => 20 }])
    expect(drawn["films"].values_at("over_pale", "over_dark")).to eq(%w[#806040 #806040])
    sheer = picture("earth_paste", colour: "#806040", hiding: 0.4)["films"]
    expect(sheer["over_pale"]).not_to eq(sheer["over_dark"])
    expect(picture("acrylic_water")["films"]).to include("over_pale" => described_class::LIGHT, "over_dark" => described_class::DARK)
  end

  it "can be drawn of everything that ships" do
    drawn = catalogue.materials.each_value.map { |material| described_class.new(material, catalogue.kinds).to_h }
    expect(drawn).to all(include("stages", "by_thickness", "films"))
    times = drawn.flat_map { |one| one["by_thickness"].map(&:last) }
    expect(times).to all(be > 0)
  end
end
