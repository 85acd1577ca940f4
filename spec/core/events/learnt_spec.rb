# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Learnt do
  let(:midnight) { minutes("2027-03-05T00:00") }

  def event(kind, at, id: SecureRandom.uuid, of: nil, step: "tone", **data)
    { "id" => id, "kind" => kind, "at" => "2027-03-#{at}:00Z", "step" => step, "of" => of, "data" => data.transform_keys(&:to_s) }.compact
  end

  def slow(day)
    of = { "technique" => "prime", "planned_min" => 10, "material" => "acrylic_primer", "foretold_min" => 60.0 }
    [event("started", "#{day}T19:00", of: of), event("laid", "#{day}T19:20", of: of), event("seen_dry", "#{day}T19:50", of: of),
      event("redone", "#{day}T20:00", of: of)]
  end

  def learnt(logs, off: []) = described_class.new(logs, off, midnight)

  it "learns what was dry at once, and of hands and mishaps from the next day on" do
    today = learnt({ 1 => slow("05") })
    expect(today.history.count("acrylic_primer")).to eq(1)
    expect([today.pace.count("prime"), today.risks.count("prime")]).to eq([0, 0])
    yesterday = learnt({ 1 => slow("04") })
    expect([yesterday.pace.count("prime"), yesterday.risks.again("prime"), yesterday.risks.count("prime")]).to eq([1, 1, 1])
    # 20 ÷ 10 minutes, weighing 1 to 3
    expect(yesterday.pace.factor("prime")).to be_within(1e-4).of(2**0.25)
    # 30 ÷ 60 minutes
    expect(yesterday.history.factor("acrylic_primer")).to be_within(1e-4).of(0.5**0.25)
  end

  it "counts what came in twice, with two copies of a build, once" do
    rows = slow("04")
    both = learnt({ 1 => rows, 2 => rows })
    expect([both.pace.count("prime"), both.history.count("acrylic_primer"), both.risks.count("prime")]).to eq([1, 1, 1])
  end

  it "leaves out what is switched off, but still tells it" do
    off = learnt({ 1 => slow("04") }, off: ["pace:prime", "drying:acrylic_primer", "risk:prime"])
    expect([off.pace.factor("prime"), off.history.factor("acrylic_primer"), off.risks.share("prime")]).to eq([1.0, 1.0, 0.03])
    told = off.factors(catalogue)
    expect(told.map { |one| [one.kind, one.seen, one.off] }).to eq([["drying", 1, true], ["pace", 1, true], ["risk", 1, true]])
    expect(told.map(&:name)).to include(catalogue.name("acrylic_primer"))
  end

  it "forgets what was seen until then, and nothing that is seen later" do
    forgot = event("forgot", "03T12:00", step: nil, factor: "pace:prime")
    expect(learnt({ 1 => slow("02"), nil => [forgot] }).pace.count("prime")).to eq(0)
    expect(learnt({ 1 => slow("02") + slow("04"), nil => [forgot] }).pace.count("prime")).to eq(1)
    expect(learnt({ 1 => slow("02"), nil => [forgot] }).history.count("acrylic_primer")).to eq(1)
  end

  it "is the same for whoever has read the same, in whatever order" do
    logs = { 1 => slow("02"), 2 => slow("04") }
    expect(learnt(logs.to_a.reverse.to_h).fields).to eq(learnt(logs).fields)
    expect(learnt(logs, off: ["pace:prime"]).fields).not_to eq(learnt(logs).fields)
  end
end
