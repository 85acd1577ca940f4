# frozen_string_literal: true

RSpec.describe GreenPlinth::Screens::Reckonings do
  def reckonings(file) = described_class.new(evaluation(file)).to_a.to_h { |one| [one.key, one.to_h] }
  def sum(reckoning) = reckoning["inputs"].sum { |input| input["value"].is_a?(Numeric) ? input["value"] : 0 }

  let(:file) do
    pool_file(level: 8, subjects: [figure(round(10), id: "man", name: "guard", height_mm: 30, mass_g: 5)])
      .merge("zones" => [zone(course("earth_paste", thickness_mm: 2))])
  end

  it "tell the very figures that the build is told by" do
    told = told(file)
    found = reckonings(file)
    expect(found["vitals/mass"]["value"]).to be_within(0.01).of(told["balance"]["mass_g"])
    expect(found["vitals/height"]["value"]).to be_within(0.01).of(told["balance"]["height_mm"])
    expect(found["vitals/ready"]["value"]).to eq(told["schedule"]["ready_at"])
    expect(found["vitals/hands_on"]["value"]).to eq(told["schedule"]["hands_on_min"])
    expect(found["vitals/buy"]["value"]).to eq(told["cost"]["buy_minor"])
    expect(found["balance/tips"]["value"]).to be_within(0.01).of(told["balance"]["tip_deg"])
    expect(found["waters/pool/volume"]["value"]).to be_within(0.01).of(told["waters"][0]["volume_ml"])
  end

  it "tell all that goes into a sum, the rest of it together" do
    sample_names.each do |name|
      found = reckonings(sample(name))
      sums = %w[vitals/hands_on vitals/buy vitals/used].map { |key| found[key] }
      expect(sums.map { |one| sum(one) - one["value"] }).to all(be_within(0.01).of(0)), name
      expect(found.each_value.map { |one| one["inputs"].size }).to all(be <= 2 * described_class::MOST)
    end
  end

  # What a layer holds over what is left of it once it has set, and a tenth for the cup: by the numbers that are told.
  it "tell what to mix for each layer, reach by reach, as its card does" do
    %w[charcoal-brook sheepfold-spring].each do |name|
      found = reckonings(sample(name))
      told(sample(name))["waters"].each do |water|
        cards = water["layers"].map { |layer| layer["mix_ml"] }
        pours = cards.each_index.map { |index| found["waters/#{water["id"]}/pour/#{index}"] }
        expect(pours.map { |one| one["value"].round(2) }).to eq(cards.map { |ml| ml.round(2) })
        by_hand = pours.map do |one|
          holds, shrinks, cup = one["inputs"].map { |input| input["value"] }
          holds / (1 - (shrinks.to_f / 100)) * (1 + (cup.to_f / 100))
        end
        expect(by_hand.zip(cards)).to all(satisfy { |own, card| (own - card).abs < 0.02 })
      end
    end
  end

  it "tell what is of each material, and the edge skin as it is unrolled" do
    made = evaluation(sample("sheepfold-spring"))
    found = reckonings(sample("sheepfold-spring"))
    lines = GreenPlinth::Balance::ByMaterial.new(made).lines
    expect(lines.size).to be > 4
    lines.each do |line|
      one = found["mass/#{line.material}"]
      expect(sum(one)).to be_within(0.05).of(line.grams)
      expect(one["value"]).to be_within(0.001).of(line.grams)
    end
    skin = found["templates/edge"]
    round, low, high, lap = skin["inputs"].map { |input| input["value"] }
    expect(skin["value"]).to be_between((round + lap) * low, (round + lap) * high)
  end

  it "say what is not known, as unknown" do
    unknown = reckonings(plain_file(subjects: [figure(round(10), id: "man", name: "guard", height_mm: 30)]))["vitals/mass"]
    expect(unknown["value"]).to be_nil
    expect(unknown["inputs"]).to include("name" => "guard", "value" => nil, "unit" => "g")
  end

  it "are there for each line of what is used, with its colour" do
    file = plain_file(zones: [zone(course("acrylic_paint", colour: "#335577"), course("earth_paste"))])
    expect(reckonings(file).keys).to include("quantities/acrylic_paint/#335577", "quantities/earth_paste/")
  end

  it "say of each way to look at the composition how its figure is worked out, and where that is from" do
    ways = GreenPlinth::Composition::Judgement.all.map(&:worked_out)
    expect(ways).to all(include(formula: match(/\w+ \w+/), source: match(/\w/)))
    found = reckonings(sample("sheepfold-spring"))
    told = evaluation(sample("sheepfold-spring")).judgements
    expect(told.map { |one| found["composition/#{one.key}"]["value"] }).to eq(told.map { |one| one.figure&.to_f&.round(3) })
  end

  it "have nothing to say of a date where there is none" do
    shut = plain_file(calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "09:00", to: "09:01" }] },
      zones: [zone(course("earth_paste"))])
    expect(reckonings(shut)).not_to have_key("vitals/ready")
  end
end
