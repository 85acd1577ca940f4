# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::Now do
  # As it is kept with its build.
  def kept(evaluation) = GreenPlinth::Questions::DatedPlan.new(JSON.parse(JSON.generate(evaluation.plan.to_h)))

  def now(moment, *evaluations)
    described_class.new(evaluations.each_with_index.to_h { |one, index| [index, kept(one)] }, moment)
  end

  let(:file) { pool_file(level: 8, zones: [zone(course("earth_paste", thickness_mm: 3))], subjects: [figure(round(8), id: "warden")]) }
  let(:made) { evaluation(file) }
  let(:schedule) { made.schedule }
  # Every moment at which anything begins or ends, and those beside it.
  let(:moments) do
    ids = schedule.starts.keys
    ends = ids.flat_map { |id| [schedule.start(id), schedule.finish(id), schedule.ready(id)] }
    ends.uniq.flat_map { |at| [at - 1, at, at + 1] }
  end

  it "offers nothing before the start, and nothing once all is done" do
    expect(now(schedule.network.start - 1, made).doable).to be_empty
    expect(now(schedule.ready_at, made)).to have_attributes(doable: be_empty, wet: be_empty, next_at: nil)
  end

  it "offers only steps that nothing holds back, and that are not done" do
    moments.each do |at|
      now(at, made).doable.each do |one|
        expect(schedule.finish(one.step.id)).to be > at
        one.step.node.after.each { |after| expect(schedule.finish(after.first) + after.at_least_min).to be <= at }
      end
    end
  end

  it "offers every step at the minute for which it is planned" do
    schedule.starts.each do |id, start|
      expect(now(start, made).doable.map { |one| one.step.id }).to include(id)
    end
  end

  it "keeps hands off what is wet, until it is dry" do
    pour = made.steps.reverse.find { |step| step.where.include?("/waters/0") }
    after_pour = schedule.finish(pour.id) + 1
    expect(now(after_pour, made).wet.map(&:to_h)).to include({ key: 0, name: "pool", until: schedule.ready(pour.id) })
    expect(now(schedule.ready(pour.id), made).wet.map(&:name)).not_to include("pool")
  end

  it "does not call wet what has dried before its next step is begun" do
    # Two coats on two evenings: in between the first is long dry.
    evening = [{ day: "mon", from: "19:00", to: "19:20" }, { day: "thu", from: "19:00", to: "19:20" }]
    slow = evaluation(plain_file(zones: [zone(course("earth_paste", thickness_mm: 1), course("matt_varnish"))],
      calendar: { start: "2027-03-01T09:00", weekly: evening }))
    span = slow.timeline.spans["/zones/0/courses/0"]
    between = minutes("2027-03-04T12:00")
    expect(span.wet_until(between)).to be_nil
    expect(now(between, slow).wet.map(&:name)).not_to include("ground")
  end

  it "puts what presses first, over all builds" do
    late = evaluation(file.merge("calendar" => { "start" => "2027-03-01T09:00", "finish_by" => "2027-03-01T10:00" }))
    idle = evaluation(file.merge("calendar" => { "start" => "2027-03-01T09:00", "finish_by" => "2027-06-01T10:00" }))
    work = now(minutes("2027-03-01T09:00"), idle, late)
    expect(work.doable.map(&:spare_min)).to eq(work.doable.map(&:spare_min).sort)
    expect(work.doable.first).to have_attributes(key: 1, spare_min: be_negative)
    expect(work.doable.last).to have_attributes(key: 0, spare_min: be > 80_000)
  end

  it "says by how much a step may be left: the slack of the step and what its build has to spare" do
    spare = evaluation(file.merge("calendar" => { "start" => "2027-03-01T09:00", "finish_by" => "2027-06-01T10:00" }))
    first = now(spare.schedule.network.start, spare).doable.first
    left = minutes("2027-06-01T10:00") - spare.schedule.ready_at
    expect(first.spare_min).to eq(spare.schedule.slack[first.step.id] + left)
  end

  it "says when the next work begins" do
    starts = schedule.starts.values.uniq.sort
    expect(now(starts.first - 5, made).next_at).to eq(starts.first)
    expect(now(starts.first, made).next_at).to eq(starts[1])
  end

  it "has nothing to say of no builds" do
    expect(now(0)).to have_attributes(doable: [], wet: [], next_at: nil)
  end
end
