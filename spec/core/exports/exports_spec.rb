# frozen_string_literal: true

require "csv"
require "nokogiri"

RSpec.describe "What a build is exported as" do
  let(:peat) { evaluation(sample("peat-bank")) }

  describe GreenPlinth::Exports::ShoppingCsv do
    it "lists every material with its amount and unit" do
      rows = CSV.parse(described_class.new(peat).write, headers: true)
      expect(rows.map { |row| row["Key in the catalogue"] }).to match_array(peat.quantities.map(&:material))
      expect(rows.find { |row| row["Material"] == "two-part resin" }).to satisfy { |row|
        row["Unit"] == "g" && row["Packs to buy"] == "1"
      }
    end

    it "tells money in the maker's currency, with its decimals" do
      line = peat.quantities.find(&:cost_minor)
      cost = ->(currency) { CSV.parse(described_class.new(peat, currency: currency).write, headers: true)
        .find { |row| row["Key in the catalogue"] == line.material }["Costs, #{currency}"] }
      expect(cost["EUR"]).to eq(format("%.2f", line.cost_minor / 100.0))
      expect(cost["JPY"]).to eq(line.cost_minor.to_s)
    end

    it "leaves unknown amounts empty" do
      log = { "id" => "log", "kind" => "log", "outline" => round(10), "material" => "sand_paste" }
      rows = CSV.parse(described_class.new(evaluation(plain_file(features: [log]))).write, headers: true)
      row = rows.find { |one| one["Key in the catalogue"] == "sand_paste" }
      expect(row["Amount"]).to be_nil
    end

    it "lets no cell run as a formula" do
      file = plain_file(zones: [zone(course("mix:a"))],
        mixes: [{ id: "a", parts: [{ material: "earth_paste", amount: 1 }] }])
      written = lambda do |name|
        line = evaluation(file).quantities.first.dup.tap { |one| one.name = name }
        described_class.new(instance_double(GreenPlinth::Evaluation, quantities: [line], design: design(file))).write
      end
      ["=SUM(A1)", " =SUM(A1)", "\u00a0+1", "@x", "-1", "\t1"].each { |name| expect(CSV.parse(written[name])[1][0]).to eq("'#{name}") }
      ["a=b", "mud"].each { |name| expect(CSV.parse(written[name])[1][0]).to eq(name) }
    end
  end

  describe GreenPlinth::Exports::PlanSvg do
    let(:svg) { Nokogiri::XML(described_class.new(peat).write) { |config| config.strict } }

    it "is drawn in millimetres, as wide as the base and its margin" do
      expect(svg.root["width"]).to match(/\A128(\.\d+)?mm\z/)
      expect(svg.root["viewBox"].split.map(&:to_f)[2]).to be_within(0.05).of(128)
    end

    it "escapes what the maker typed" do
      text = described_class.new(evaluation(plain_file(title: "<script>&"))).write
      expect(text).to include("&lt;script&gt;&amp;")
      expect(text).not_to include("<script>")
    end
  end

  describe GreenPlinth::Screens::PlanDrawing do
    it "holds a closed ring for each part, and where water really stands" do
      drawing = evaluation(pool_file(level: 8)).drawing
      expect(drawing["forms"].map { |form| form["pointer"] }).to eq(%w[/forms/0 /forms/1])
      rings = drawing.values.flat_map do |value|
        value.is_a?(Array) && value.first.is_a?(Hash) ? value.flat_map do |part|
          part["rings"] || part["wet"]
        end : []
      end
      expect(rings).to all(satisfy { |ring| ring.first == ring.last })
      xs = drawing["waters"][0]["wet"].flatten(1).map(&:first)
      expect(xs.minmax).to match([be_within(0.3).of(-20), be_within(0.3).of(20)])
    end

    it "has a place for a water's name beside what stands in it" do
      wide = pool_file(level: 8, outline: rectangle(60, 30), subjects: [figure(round(20), at_mm: [0, 0])])
      spot = evaluation(wide).drawing["waters"][0]["named_at_mm"]
      expect([spot.first.abs, spot.last.abs]).to match([be_between(10, 30), be < 15])
    end

    it "draws the stretch of edge that needs a dam" do
      drawing = evaluation(pool_file(level: 8, outline: rectangle(40, 20, at: [40, 0]))).drawing
      expect(drawing["waters"][0]["dams"].flatten(1).map(&:first)).to all(be_within(0.01).of(50))
    end
  end

  describe GreenPlinth::Files::EvaluationFile do
    it "keeps the keys of the format" do
      expect(peat.to_h).to include("format" => "green-plinth-evaluation/1")
      expect(peat.to_h.keys).to include("plinth", "relief", "waters", "balance", "composition", "steps", "schedule",
        "quantities", "snags")
      expect(peat.to_h["steps"].first.keys).to include("id", "title", "hands_on_min", "tail_min", "rig", "materials",
        "cautions", "after")
    end

    it "is the same however often it is made" do
      expect(told(sample("estuary-skiff"))).to eq(told(sample("estuary-skiff")))
    end

    it "says null, not zero, of what is not known" do
      file = plain_file(waters: [{ id: "pool", medium: "acrylic_water", outline: round(20) }],
        subjects: [figure(round(9))])
      answer = told(file)
      expect(answer["waters"][0]).to include("volume_ml" => nil, "max_depth_mm" => nil, "area_mm2" => nil)
      expect(answer["balance"]).to include("mass_g" => nil, "tip_deg" => nil, "height_mm" => nil)
      expect(answer["balance"]["unknown"]).to include("/subjects/0", "/waters/0")
    end

    it "is JSON that any reader takes: no NaN, no infinity" do
      sample_names.each { |name| expect { JSON.generate(told(sample(name))) }.not_to raise_error }
    end

    it "tells a round plinth's size exactly" do
      expect(told(plain_file.merge("plinth" => { "outline" => round(32) }))["plinth"]["bounds_mm"]).to eq([32.0,
        32.0])
    end
  end
end
