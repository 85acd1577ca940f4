# frozen_string_literal: true

# What is searched for when there is more time than within an edit, and what the next evaluation makes of it.
RSpec.describe GreenPlinth::Questions::LongerSearch do
  # Each task of 40 minutes takes an hour's sitting for itself; by their minutes they would fit into fewer. They are too many to prove
  # anything of within an edit.
  def evening(count)
    { start: "2027-03-01T09:00", weekly: %w[mon thu].first(count).map { |day| { day: day, from: "19:00", to: "20:00" } } }
  end
  let(:awkward) do
    plain_file(tasks: Array.new(62) { |i| { id: "t#{i}", title: "Task #{i}", hands_on_min: 40 } }, calendar: evening(2))
  end

  def evaluation(file, **options) = GreenPlinth.evaluate(GreenPlinth.read(JSON.generate(file)), **options)

  it "proves what there is no time for within an edit" do
    made = evaluation(awkward)
    expect(made.schedule.proven_optimal?).to be(false)
    found = described_class.new(made).call
    expect([found.gain_min, found.proven?, found.open_min]).to eq([0, true, 0])
    # 62 tasks in 62 sittings, twice a week from Monday the first of March: the last is on the Thursday of the 31st week.
    expect(GreenPlinth::Moment.format(found.ready_at)).to start_with("2027-09-30T19:")
  end

  it "is worth while only where something may be found" do
    expect(described_class.worth_while?(evaluation(awkward))).to be(true)
    expect(described_class.worth_while?(evaluation(awkward.merge("calendar" => evening(2).merge(objective: "latest_start"))))).to be(false)
    expect(described_class.worth_while?(evaluation(plain_file(zones: [zone(course("earth_paste"))])))).to be(false)
    long = plain_file(tasks: [{ id: "mural", title: "Paint the mural", hands_on_min: 500 }], calendar: evening(1))
    expect(described_class.worth_while?(evaluation(long))).to be(false)
  end

  it "tells how much of its effort is spent, never less than before" do
    told = []
    described_class.new(evaluation(awkward), progress: ->(done, of) { told << [done, of] }).call
    expect(told).to eq(told.sort)
    expect(told.map(&:last).uniq).to eq([100])
    expect(told.last.first).to be <= 100
  end

  it "is taken up by the next evaluation, and by one in which steps have come and gone" do
    file = JSON.parse(File.read(File.join(Specimens::ROOT, "samples/lineside-set.json")))
    good = evaluation(file, effort: :thorough).schedule
    expect(evaluation(file, known: good.starts).schedule.ready_at).to be <= good.ready_at
    other = evaluation(file.merge("zones" => file["zones"].drop(1)), known: good.starts.merge("gone" => 0)).schedule
    expect(other.starts.keys.sort).to eq(other.network.steps.map(&:id).sort)
  end
end
