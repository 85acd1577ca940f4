# frozen_string_literal: true

require "prop_check"

# What a mix is forecast to look like.
RSpec.describe GreenPlinth::Colour::PaintMix do
  def part(colour, share = 1, strength = nil) = described_class::Paint.new(colour, share, strength)
  def mixed(*parts) = described_class.colour(parts.map { |one| part(*one) })
  def codes(hex) = hex.delete("#").scan(/../).map(&:hex)
  def colours = PropCheck::Generators.tuple(*([PropCheck::Generators.choose(0..255)] * 3)).map { |rgb| format("#%02x%02x%02x", *rgb) }

  it "recovers a spectrum that looks like the colour, as smooth as it goes and within what paint reflects" do
    PropCheck.forall(colours) do |hex|
      bands = GreenPlinth::Colour::Spectrum.of(hex)
      expect(bands).to all(be_between(GreenPlinth::Colour::Spectrum::DARKEST, 1))
      met = GreenPlinth::Colour::Observer.xyz(bands).zip(GreenPlinth::Colour::Spectrum.rest(hex)).map(&:sum)
      expect(GreenPlinth::Colour::Light.hex(met)).to eq(hex)
    end
  end

  # What paint reflects by its face alone, a hundredth of each band, lifts the darkest colours by so much and no more.
  it "misses no colour by more than the least that paint reflects" do
    dark = PropCheck::Generators.tuple(*([PropCheck::Generators.choose(0..60)] * 3)).map { |rgb| format("#%02x%02x%02x", *rgb) }
    [colours, dark].each do |some|
      PropCheck.forall(some) do |hex|
        expect(GreenPlinth::Colour::Spectrum.rest(hex)).to all(be_between(-0.0125, 0.004)), hex
      end
    end
  end

  it "leaves nothing over of a colour that paint can be" do
    %w[#6b4a32 #c8b898 #4f5d3a #1e50a0].each do |hex|
      expect(GreenPlinth::Colour::Spectrum.rest(hex)).to all(be_within(1e-6).of(0))
    end
  end

  it "is itself when it is mixed with itself, however many parts" do
    PropCheck.forall(colours) { |hex| expect(mixed([hex, 2], [hex, 5])).to eq(hex) }
  end

  it "does not ask which was poured first, nor how much in all" do
    PropCheck.forall(colours, colours, colours) do |one, two, three|
      found = mixed([one, 1], [two, 2], [three, 4])
      expect(mixed([three, 4], [one, 1], [two, 2])).to eq(found)
      expect(mixed([one, 2.5], [two, 5], [three, 10])).to eq(found)
    end
  end

  it "makes greys darker than the mean of their codes, and green of yellow and blue" do
    grey = codes(mixed(["#f5f5f2"], ["#1d1d1c"]))
    expect(grey.max).to be < %w[#f5f5f2 #1d1d1c].sum { |hex| codes(hex).min } / 2
    red, green, blue = codes(mixed(["#f2d01c", 2], ["#2a4f9e", 1]))
    expect(green).to be > [red, blue].max
  end

  it "leans towards what tints more strongly" do
    even = codes(mixed(["#f5f5f2"], ["#8a3020"]))
    strong = codes(mixed(["#f5f5f2"], ["#8a3020", 1, 3]))
    expect(strong.sum).to be < even.sum
  end
end

RSpec.describe GreenPlinth::Colour::Film do
  def lightness(hex) = GreenPlinth::Colour::Lab.of(hex).l

  it "is the ground where it hides nothing, and the paint where it hides all" do
    expect(described_class.over("#3d2c1f", 0, "#c8b898")).to eq("#c8b898")
    expect(described_class.over("#3d2c1f", 1, "#c8b898")).to eq("#3d2c1f")
  end

  it "darkens a pale ground with each coat of a wash" do
    coats = (1..4).map { |coats| lightness(described_class.over("#3d2c1f", 0.35, "#c8b898", coats: coats)) }
    expect(coats.each_cons(2).map { |one, other| one - other }).to all(be_positive)
    expect([coats.first, lightness("#3d2c1f")]).to match([be < lightness("#c8b898"), be < coats.last])
  end

  # Of 70 % that are let pass between white and black, about 70 % of the contrast of luminance is left.
  it "takes away as much of the contrast beneath as it hides" do
    y = ->(ground) { GreenPlinth::Colour::Light.xyz(described_class.over("#777777", 0.3, ground))[1] }
    expect(y["#ffffff"] - y["#000000"]).to be_within(0.02).of(0.7)
  end
end
