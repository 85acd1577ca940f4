# frozen_string_literal: true

RSpec.describe GreenPlinth::Batching::AsItStands do
  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 4, id: "paste"), course("acrylic_primer", id: "primer"))],
      calendar: { start: "2027-03-01T09:00", weekly: %w[mon tue wed thu].map { |day| { day: day, from: "19:00", to: "22:00" } } })
  end

  def with(**progress) = evaluation(file.merge("progress" => JSON.parse(JSON.generate(progress))))
  def node(evaluation, id) = evaluation.network.by_id[id]
  def paste_done(**more) = { step: "paste", finished: "2027-03-01T19:30", **more }
  def prepared = { step: "plinth/prepare", finished: "2027-03-01T19:10" }

  let(:tail) { evaluation(file).steps.find { |step| step.id == "paste" }.tail_min }

  it "leaves of what is under hand what is left of it, and lets it wait for nothing" do
    whole = evaluation(file).steps.find { |step| step.id == "paste" }.hands_on_min
    begun = { step: "paste", at: "2027-03-01T19:26", spent_min: 2.0, running: true }
    held = with(as_of: "2027-03-01T19:30", done: [prepared], begun: [begun])
    expect(node(held, "paste")).to have_attributes(hands_on_min: whole - 2, after: [], at: minutes("2027-03-01T19:30"))
    long = with(as_of: "2027-03-01T21:00", done: [prepared], begun: [{ step: "paste", at: "2027-03-01T19:26", spent_min: 90.0 }])
    expect(node(long, "paste")).to have_attributes(hands_on_min: 1, at: nil)
  end

  it "waits as long as was seen: dry sooner shortens what waits for it, looked at late says nothing" do
    soon = with(done: [prepared, paste_done(dry: "2027-03-02T01:30")])
    expect(node(soon, "paste").tail_min).to eq(360)
    plain = node(evaluation(file), "primer").after.find { |wait| wait.first == "paste" }.at_least_min
    expect(node(soon, "primer").after.find { |wait| wait.first == "paste" }.at_least_min).to eq((plain * 360.0 / tail).ceil)
    late = with(done: [prepared, paste_done(dry: "2027-03-09T19:00")])
    expect(node(late, "paste").tail_min).to eq(tail)
  end

  it "expects longer of what was still wet, as a log-normal cut off below has it" do
    wet_at = minutes("2027-03-01T19:30") + tail
    wet = with(done: [prepared, paste_done(wet: GreenPlinth::Moment.format(wet_at))])
    # Cut off at its own median: the median of the upper half lies at the quantile 0.75, z = 0.674490 (tables of the normal distribution).
    sigma = GreenPlinth::Drying::Spread.of(catalogue["earth_paste"])
    expect(node(wet, "paste").tail_min).to be_within(1).of(tail * Math.exp(0.674490 * sigma))
  end

  it "goes on with what was begun before the plan was to begin" do
    early = with(as_of: "2027-02-20T10:00", begun: [{ step: "plinth/prepare", at: "2027-02-20T10:00", running: true }])
    expect(early.infeasible).to be_nil
    expect(early.schedule.start("plinth/prepare")).to eq(minutes("2027-02-20T10:00"))
  end

  it "is not wet, and holds nothing up, where it was left out" do
    out = with(done: [prepared, { step: "paste", finished: "2027-03-01T19:30", skipped: true }])
    expect(node(out, "paste").tail_min).to eq(0)
    expect(node(out, "primer").after.find { |wait| wait.first == "paste" }.at_least_min).to eq(0)
  end

  it "plans what missed its window all the same, and holds the others to theirs" do
    bound = plain_file(tasks: %w[one two].map { |id| { id: id, title: id, hands_on_min: 10 } }, calendar: file["calendar"],
      order: [{ first: "one", then: "two", at_most_min: 30 }])
    waits = ->(built) { node(built, "two").after.find { |wait| wait.first == "one" }.at_most_min }
    expect(waits[evaluation(bound)]).to eq(30)
    done = [{ "step" => "one", "finished" => "2027-03-01T19:30" }]
    made = evaluation(bound.merge("progress" => { "done" => done, "as_of" => "2027-03-03T19:00" }))
    expect(waits[made]).to be_nil
    expect(made.infeasible).to be_nil
    expect(made.schedule.start("two")).to be >= minutes("2027-03-03T19:00")
  end
end
