# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::Timeline do
  let(:file) do
    pool_file(level: 8, zones: [zone(course("earth_paste", thickness_mm: 3))], subjects: [figure(round(8, at: [40, 20]))])
  end
  let(:made) { evaluation(file) }
  let(:parts) { made.timeline.parts.to_h { |part| [part["where"], part] } }
  let(:schedule) { made.schedule }

  def told(minutes) = GreenPlinth::Moment.format(minutes)

  it "tells of every part that is made when it is begun, laid and dry, in that order" do
    expect(parts.keys).to include("/forms/0", "/zones/0/courses/0", "/waters/0", "/subjects/0")
    parts.each_value do |part|
      expect(part["begun"]).to be < part["laid"]
      expect(part["laid"]).to be <= part["dry"]
    end
  end

  it "is made of the steps that make the part" do
    # Preparing and dry-fitting leave nothing behind.
    steps = made.steps.select { |step| step.where.include?("/waters/0") && !step.unseen }
    expect(parts["/waters/0"]).to include("where" => "/waters/0", "begun" => told(steps.map { |step| schedule.start(step.id) }.min),
      "laid" => told(steps.map { |step| schedule.finish(step.id) }.max),
      "dry" => told(steps.map { |step| schedule.ready(step.id) }.max))
  end

  it "lays the ground before the water that stands on it" do
    expect(parts["/forms/0"]["begun"]).to be < parts["/waters/0"]["begun"]
    expect(parts["/zones/0/courses/0"]["laid"]).to be < parts["/waters/0"]["begun"]
  end

  it "starts with what is begun first and ends with the ready date" do
    listed = made.timeline.parts
    expect(listed.map { |part| part["begun"] }).to eq(listed.map { |part| part["begun"] }.sort)
    expect(listed.map { |part| part["dry"] }.max).to be <= told(schedule.ready_at)
  end

  it "says from when each step could be done: never before the start, never after it is done" do
    possible = made.timeline.possible
    expect(possible.keys).to match_array(made.steps.map(&:id))
    possible.each do |id, moment|
      expect(moment).to be_between(told(schedule.network.start), told(schedule.start(id)))
    end
  end

  it "counts every wait a step has" do
    made.steps.reject { |step| step.after.empty? }.each do |step|
      waits = step.after.map { |after| schedule.finish(after.first) + after.at_least_min }
      expect(made.timeline.possible[step.id]).to eq(told(waits.max))
    end
  end
end
