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

  describe GreenPlinth::Scale::Length do
    { "1.7 m" => 1700, "20 ft 8 in" => 6299.2, "3/8 in" => 9.525, "5'4\"" => 1625.6, "12,5" => 12.5, "2.5cm" => 25,
      "4" => 4 }.each do |text, mm|
      it("reads #{text}") { expect(described_class.parse(text)).to be_within(1e-9).of(mm) }
    end

    ["", "lots", "-3", "4 m m m m", "1e9", "3 yards", nil].each do |text|
      it("refuses #{text.inspect}") { expect(described_class.parse(text)).to be_nil }
    end

    it "says lengths short" do
      expect([6299.2, 48.57, 0.5714].map { |mm| described_class.metric(mm) }).to eq(["6.3 m", "48.6 mm", "0.571 mm"])
      expect([6299.2, 48.57].map { |mm| described_class.imperial(mm) }).to eq(["20 ft 8 in", "1.91 in"])
    end
  end

  describe GreenPlinth::Scale::Desk do
    let(:desk) { described_class.new(catalogue, 35) }

    it "says what a packet of 4–6 mm is in life at 1:35, and what size to look for" do
      told = desk.check("grain", 4, 6, represents: "gravel_coarse")
      expect(told["life"].map { |length| length["mm"] }).to eq([140, 210])
      expect(told["passes_for"].map { |thing| thing["key"] }).to eq(%w[cobble boulder])
      expect(told["verdict"]).to eq("too_big")
      expect(told["sentence"]).to end_with("For coarse gravel look for 0.6–1.8 mm.")
    end

    it "finds what is right, what is too small, and the nearest where nothing fits" do
      expect(desk.check("road", 157, 157, represents: "country_road")["verdict"]).to eq("right")
      expect(desk.check("tree", 40, 50, represents: "broadleaf_tree")["verdict"]).to eq("too_small")
      expect(desk.check("grass", 2, 2)["sentence"]).to include("nearest to")
    end

    it "names the sea state of a wave" do
      expect(described_class.new(catalogue, 72).check("wave", 25, 25)["passes_for"].map do |thing|
        thing["key"]
      end).to eq(["sea_state_4"])
    end

    it "resizes by scale or by size" do
      expect(desk.resized(from: 28)["percent"]).to eq(80)
      expect(desk.resized(real_mm: 1750, present_mm: 25)["percent"]).to eq(200)
    end

    # 1.75 m at 1:35 is 50 mm, and 50 mm are 1.75 m; 25 mm of 50 want twice the size.
    it "tells how each of its answers comes about" do
      desk = described_class.new(catalogue, 35)
      told = ->(answer) { answer["how"].values_at("value", "unit") + [answer["how"]["inputs"].map { |one| one["value"] }] }
      expect(told[desk.length(real_mm: 1750.0)]).to eq([50.0, "mm", [1750.0, 35.0]])
      expect(told[desk.length(model_mm: 50.0)]).to eq([1750.0, "mm", [50.0, 35.0]])
      expect(told[desk.resized(from: 70)]).to eq([200.0, "%", [70.0, 35.0]])
      expect(told[desk.resized(real_mm: 1750.0, present_mm: 25.0)]).to eq([200.0, "%", [1750.0, 35.0, 25.0]])
      packet = desk.check("grain", 4.0, 6.0, represents: "gravel")["how"]
      expect(packet).to include("value" => 210.0, "source" => catalogue.things["gravel"]["source"])
    end

    it "has a source on everything it tells" do
      table = desk.to_h
      expect(table["things"] + table["figures"] + table["railways"] + table["waves"]).to all(include("source" => match(/\w/)))
    end
  end

  describe GreenPlinth::Scale::Presets do
    it "makes parts that a file takes, at any scale" do
      [12, 35, 72, 160].each do |ratio|
        described_class.new(catalogue, ratio).to_h.each do |list, presets|
          parts = presets.each_with_index.map { |preset, index| { "id" => "p#{index}" }.merge(preset["part"]) }
          expect(problems(plain_file(plinth: { "outline" => rectangle(2000,
            2000) }).merge(list => parts))).to be_empty
        end
      end
    end

    it "makes life's sizes the model's" do
      person = described_class.new(catalogue, 35).subjects.find { |preset| preset["key"] == "person" }["part"]
      expect(person["height_mm"]).to be_within(0.05).of(48.6)
    end
  end
end
