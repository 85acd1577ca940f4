# frozen_string_literal: true

# Whatever is picked stands right: at its scale, with known masses, on a base large enough.
RSpec.describe GreenPlinth::Scale::Presets do
  board = { "outline" => { "kind" => "rectangle", "width_mm" => 2400, "depth_mm" => 1600 }, "thickness_mm" => 12, "material" => "mdf" }

  [16, 35, 72].each do |ratio|
    described_class.new(GreenPlinth::Catalogue.default, ratio).to_h.each do |list, presets|
      presets.reject { |preset| preset["group"] == "by figure size" }.each do |preset|
        it "places #{preset["name"]} at 1:#{ratio} without a scale snag" do
          part = { "id" => "it" }.merge(preset["part"])
          file = plain_file(scale: ratio, plinth: board).merge(list => [part])
          codes = evaluation(file).snags.map(&:code)
          expect(codes.grep(/\Ascale/)).to be_empty
          expect(codes).not_to include("fit/off_plinth")
        end
      end
    end
  end

  it "halves every length when the ratio doubles" do
    one, two = [24, 48].map { |ratio| described_class.new(catalogue, ratio).subjects.map { |preset| preset["part"]["height_mm"] } }
    expect(one.zip(two)).to all(satisfy { |large, small| (large - (2 * small)).abs <= 0.15 })
  end

  it "gives figures by their trade size the same at any ratio" do
    expect(described_class.new(catalogue, 12).nominal).to eq(described_class.new(catalogue, 200).nominal)
    tall = described_class.new(catalogue, 35).nominal.find { |preset| preset["key"] == "figure_54" }["part"]
    expect(tall).to include("height_mm" => 57, "footprint" => { "kind" => "round", "diameter_mm" => 24 })
  end
end
