# frozen_string_literal: true

# Tones that were measured, and batches that are off.
RSpec.describe GreenPlinth::Colour::GreyCard do
  # Half of the light was red: linear 0.36, 0.18, 0.18 of a card of 0.18; a tone of linear 0.2, 0.1, 0.1 is a grey of 0.1.
  it "takes off the tone what the card is off" do
    code = ->(*linear) { GreenPlinth::Colour::Light.coded(linear) }
    found = described_class.corrected(code[0.2, 0.1, 0.1], code[0.36, 0.18, 0.18])
    grey = code[0.1, 0.1, 0.1][1, 2].hex
    expect(found.delete("#").scan(/../).map(&:hex)).to all(be_within(1).of(grey))
  end

  it "leaves a tone as it is where the card is as grey as it should be" do
    card = GreenPlinth::Colour::Light.coded([0.18] * 3)
    GreenPlinth::Colour::Difference.between(*[described_class.corrected("#7a5a3c", card), "#7a5a3c"]
      .map { |hex| GreenPlinth::Colour::Lab.of(hex) }).then { |apart| expect(apart).to be < 0.5 }
  end

  it "says nothing by a card that is burnt out or black" do
    expect(described_class.corrected("#7a5a3c", "#ffffff")).to be_nil
    expect(described_class.corrected("#7a5a3c", "#000000")).to be_nil
  end
end

RSpec.describe GreenPlinth::Colour::Correction do
  def paints = %w[#f2efe6 #1e1b18 #8c4a25].map { |colour| GreenPlinth::Colour::PaintMix::Paint.new(colour, 1, nil) }

  it "adds white to what came out too dark, and black to what came out too pale" do
    dark = described_class.new("#a08a70", "#7c6a55", paints)
    expect(dark).not_to be_same
    expect(dark.additions.first.part).to eq(0)
    expect(dark.additions.first.difference).to be < dark.difference
    expect(described_class.new("#6a5a48", "#8f7a62", paints).additions.first.part).to eq(1)
  end

  it "adds nothing to what is as wanted" do
    right = described_class.new("#a08a70", "#a08a70", paints)
    expect(right).to be_same
    expect(right.additions).to be_empty
  end
end
