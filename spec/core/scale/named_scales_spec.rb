# frozen_string_literal: true

RSpec.describe GreenPlinth::Scale::NamedScales do
  let(:names) { described_class.new(GreenPlinth::Catalogue.default).to_a }

  # NEM 010: H0 is 1:87, N is 1:160.
  it "knows railways by the standard that fixes them" do
    expect(names.find { |one| one["name"] == "railway H0" }).to include("ratio" => 87, "source" => "NEM 010")
    expect(names.find { |one| one["name"] == "railway N" }).to include("ratio" => 160)
  end

  # 28 mm figures stand for 1:56 to 1:64: as ratios go, the middle is the root of 56 · 64 = 3584, which is 59.9.
  it "tells the middle of the scales that a size of figures stands for" do
    expect(names.find { |one| one["name"] == "28 mm figures" }["ratio"]).to eq(60)
  end

  it "goes from large models to small ones, each with its source" do
    ratios = names.map { |one| one["ratio"] }
    expect(ratios).to eq(ratios.sort)
    expect(names.map { |one| one["source"] }).to all(match(/\S/))
    expect(names.map { |one| one["name"] }.uniq.size).to eq(names.size)
  end
end
