# frozen_string_literal: true

RSpec.describe GreenPlinth::Scale do
  it "goes both ways" do
    ratio = described_class::Ratio.new(35)
    expect(ratio.real(ratio.model(1700))).to be_within(1e-9).of(1700)
    expect(ratio.model(1750)).to eq(50)
  end

  it "finds railway scales by name" do
    expect(described_class::Ratio.railway("H0").n).to eq(87)
    expect(described_class::Ratio.railway("nonsense")).to be_nil
  end

  it "gives a thing's size at a scale" do
    person = described_class::Things.new(catalogue)["person"]
    expect(person.model_mm(10)).to match([be_within(0.01).of(155), be_within(0.01).of(190)])
    expect(described_class::Things.new(catalogue)["unicorn"]).to be_nil
  end
end
