# frozen_string_literal: true

RSpec.describe GreenPlinth::Design do
  describe GreenPlinth::Design::Calendar do
    def sittings(**members)
      described_class.new(JSON.parse(JSON.generate({ start: "2027-03-01T12:00" }.merge(members)))).sittings&.first(3)&.map do |pair|
        pair.map do |at|
          GreenPlinth::Moment.format(at)
        end
      end
    end

    let(:monday) { [{ day: "mon", from: "19:00", to: "21:00" }] }

    it "is always open without weekly sittings" do
      expect(sittings).to be_nil
    end

    it "lays the weekly pattern out from the start on" do
      expect(sittings(weekly: monday)).to eq([%w[2027-03-01T19:00 2027-03-01T21:00], %w[2027-03-08T19:00 2027-03-08T21:00],
        %w[2027-03-15T19:00 2027-03-15T21:00]])
    end

    it "begins a sitting that is under way at the start" do
      expect(sittings(weekly: [{ day: "mon", from: "10:00",
                                 to: "14:00" }]).first).to eq(%w[2027-03-01T12:00 2027-03-01T14:00])
    end

    it "lets a sitting go on past midnight" do
      expect(sittings(weekly: [{ day: "mon", from: "22:00",
                                 to: "01:00" }]).first).to eq(%w[2027-03-01T22:00 2027-03-02T01:00])
    end

    it "joins sittings that touch, adds extra ones and takes away spans" do
      spans = sittings(weekly: monday, extra: [{ from: "2027-03-01T20:30", to: "2027-03-01T23:00" }],
        away: [{ from: "2027-03-01T22:00", to: "2027-03-10T00:00" }])
      expect(spans.first(2)).to eq([%w[2027-03-01T19:00 2027-03-01T22:00], %w[2027-03-15T19:00 2027-03-15T21:00]])
    end

    it "closes an always open bench while away" do
      expect(sittings(away: [{ from: "2027-03-02T00:00",
                               to: "2027-03-03T00:00" }]).first).to eq(%w[2027-03-01T12:00 2027-03-02T00:00])
    end

    it "counts helpers as further pairs of hands" do
      expect(described_class.new({ "helpers" => 2 }).hands).to eq(3)
    end
  end

  describe GreenPlinth::Design::Schools do
    def schools(data, purpose) = described_class.new(data, catalogue.kinds.of("purposes", purpose), catalogue.kinds["schools"])

    it "takes the trade's usual side where the maker does not say" do
      schools = schools({ "rim" => "earth" }, "vignette")
      expect([schools["rim"], schools["mounting"], schools["fixing"]]).to eq(%w[earth after_painting wetted_flood])
    end

    it "tells the side taken in every school" do
      told = schools({ "rim" => "bare" }, "gaming_base").to_h
      expect(told).to eq({ "mounting" => "after_painting", "ground_colour" => "painted", "texture" => "before_priming",
                           "greenery" => "after_painting", "tufts" => "glued", "rim" => "bare", "fixing" => "drop_in_binder" })
    end

    it "drops grain into glue on gaming bases" do
      expect(schools({}, "gaming_base")["fixing"]).to eq("drop_in_binder")
    end
  end

  describe GreenPlinth::Design::Form do
    def made(**data) = described_class.new(JSON.parse(JSON.generate(data)), "/forms/0")

    it "stacks sheets" do
      expect(made(kind: "lift", sheet_mm: 3, sheets: 2).thickness_mm).to eq(6)
    end

    it "tears an edge back half its height unless told" do
      expect(made(kind: "lift", sheet_mm: 3, sheets: 2, edge: { kind: "torn" }).run_mm).to eq(3)
      expect(made(kind: "cut", depth_mm: 8, edge: { kind: "bevel", run_mm: 2 }).run_mm).to eq(2)
      expect(made(kind: "lift", sheet_mm: 3).run_mm).to eq(0)
    end

    it "leaves an unnamed material unknown, but for filler" do
      expect(made(kind: "lift", sheet_mm: 3).material).to be_nil
      expect(made(kind: "skim", slope_deg: 30).material.key).to eq("wall_filler")
    end
  end

  it "gives every part its pointer" do
    made = design(sample("peat-bank"))
    expect(made.identified.map(&:pointer)).to include("/zones/2/courses/1", "/forms/3", "/subjects/0", "/waters/0",
      "/tasks/0")
  end

  it "names parts for sentences" do
    expect(design(plain_file(forms: [lift(3, round(9), id: "west-bank")])).forms.first.name).to match(/west +bank/)
  end
end
