# frozen_string_literal: true

# What is remembered between edits is never out of date, and what did not change is the same object.
RSpec.describe "Remembering between edits" do
  # Each changes a file in place by a number from 0 to 1.
  edits = {
    "title" => ->(file, x) { file["title"] = "Build #{x}" },
    "climate" => ->(file, x) { file["climate"] = (file["climate"] || {}).merge("temperature_c" => 15 + (x * 10)) },
    "calendar" => lambda do |file, x|
      file["calendar"] = file["calendar"].except("finish_by").merge("start" => format("2027-03-%02dT08:00", 1 + (x * 27)))
    end,
    "subject" => ->(file, x) { file["subjects"].first["at_mm"] = file["subjects"].first["at_mm"].map { |at| (at * x).round(1) } },
    "mass" => ->(file, x) { file["subjects"].first["mass_g"] = 5 + (x * 100).round },
    "feature" => ->(file, x) { file["features"]&.last&.then { |one| one["height_mm"] = 3 + (x * 40).round } },
    "course" => ->(file, x) { file["zones"].last["courses"].first["cover_pct"] = 40 + (x * 60).round },
    "form" => ->(file, x) { file["forms"]&.first&.then { |one| one.key?("sheet_mm") && one["sheet_mm"] = 2 + (x * 6).round(1) } },
    "school" => ->(file, x) { file["schools"] = { "greenery" => x < 0.5 ? "after_painting" : "before_priming" } },
    "copies" => ->(file, x) { file["copies"] = 1 + (x * 3).round },
    "limits" => ->(file, x) { file["limits"] = { "raise_mm" => (x * 5).round(1), "travels" => x < 0.5 } },
    "eye" => ->(file, x) { file["eye"] = { "elevation_deg" => 10 + (x * 40).round } }
  }

  it "gives after any edits what is computed anew" do
    random = Random.new(RSpec.configuration.seed)
    { "drifting-islet" => edits.size, "peat-bank" => 3 }.each do |name, many|
      file, memo = sample(name), GreenPlinth::Memo.new
      reader = GreenPlinth::Files::PlinthFile.new(catalogue)
      GreenPlinth.evaluate(reader.build(Marshal.load(Marshal.dump(file))), memo: memo).to_h
      edits.keys.shuffle(random: random).first(many).each do |edit|
        edits[edit].call(file, random.rand.round(2))
        warm = GreenPlinth.evaluate(reader.build(Marshal.load(Marshal.dump(file))), memo: memo)
        fresh = evaluation(file)
        expect(warm.to_h).to eq(fresh.to_h), "after #{edit} on #{name}"
        expect(warm.drawing).to eq(fresh.drawing)
      end
    end
  end

  def both(change)
    file, memo = sample("peat-bank"), GreenPlinth::Memo.new
    first = GreenPlinth.evaluate(design(file), memo: memo).tap(&:to_h)
    change.call(file, 0.4)
    [first, GreenPlinth.evaluate(design(file), memo: memo).tap(&:to_h)]
  end

  # Objects this large are not for printing where they differ.
  def same?(one, other, *parts) = parts.to_h { |part| [part, one.public_send(part).equal?(other.public_send(part))] }

  it "keeps the steps and the schedule while a subject is moved where nothing else touches it" do
    nudged = ->(file, x) { file["subjects"].first["at_mm"] = file["subjects"].first["at_mm"].map { |at| at + x } }
    first, moved = both(nudged)
    expect(same?(first, moved, :order, :batches, :schedule)).to eq(order: true, batches: true, schedule: true)
    expect(moved.to_h["steps"].equal?(first.to_h["steps"])).to be(true)
  end

  it "keeps the order of work when the calendar changes, and all of it when the title does" do
    expect(same?(*both(edits["calendar"]), :order, :batches)).to eq(order: true, batches: false)
    expect(same?(*both(edits["title"]), :order, :batches, :schedule)).to eq(order: true, batches: true, schedule: true)
  end

  it "looks again only where something was changed that a check looks at" do
    file, memo = sample("peat-bank"), GreenPlinth::Memo.new
    GreenPlinth.evaluate(design(file), memo: memo).snags
    looked = []
    allow_any_instance_of(GreenPlinth::Snags::Crowded).to receive(:snags) { looked << :crowded && [] }
    allow_any_instance_of(GreenPlinth::Snags::ColdWorkshop).to receive(:snags) { looked << :cold && [] }
    GreenPlinth.evaluate(design(file.merge("climate" => { "temperature_c" => 5 })), memo: memo).snags
    expect(looked).to eq([:cold])
  end
end
