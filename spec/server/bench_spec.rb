# frozen_string_literal: true

RSpec.describe "The bench over HTTP" do
  include Api

  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 2), course("acrylic_primer"))],
      calendar: { start: "2027-03-01T18:00", weekly: %w[mon thu].map { |day| { day: day, from: "19:00", to: "22:00" } } })
  end
  let(:build) { create(file) }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def read = get("/api/builds/#{build["id"]}").then { answer }
  def stage(at) = get("/api/builds/#{build["id"]}/bench?at=#{at}").then { answer }
  def laid(step = "plinth/prepare", clock: "19:25:00", **more) = event("laid", step: step, at: "2027-03-01T#{clock}.000+01:00", **more)

  it "takes an event once, however often it is told, and plans anew from it" do
    told = laid
    first = record(build, told)
    expect(first["evaluation"]["schedule"]["steps"].first)
      .to include("id" => "plinth/prepare", "done" => true, "finish" => "2027-03-01T19:25")
    expect(record(build, told)["version"]).to eq(first["version"])
    get("/api/builds/#{build["id"]}/events")
    expect(answer["events"].size).to eq(1)
    expect(answer["events"].first["of"]).to include("title" => "Prepare the plinth", "technique" => "prepare_plinth")
  end

  it "lets an edit be based on the file as it is, whatever happened at the bench meanwhile" do
    record(build, laid)
    edited = patch_json("/api/builds/#{build["id"]}", { version: build["version"], label: "Name", patch:
      [{ op: "replace", path: "/title", value: "Moor" }] })
    expect(edited["file"]["title"]).to eq("Moor")
    expect(edited["file"]["progress"]["done"].size).to eq(1)
    late = [{ op: "replace", path: "/title", value: "Fen" }]
    patch_json("/api/builds/#{build["id"]}", { version: build["version"], label: "Late", patch: late })
    expect(last_response.status).to eq(409)
  end

  it "keeps what happened through undo and redo of the file" do
    record(change(build, { op: "replace", path: "/title", value: "Moor" }), laid)
    undone = post_json("/api/builds/#{build["id"]}/undo", { version: read["version"] })
    expect(undone["file"].values_at("title")).to eq(["Specimen"])
    expect(undone["file"]["progress"]["done"].first["step"]).to eq("plinth/prepare")
  end

  it "names the course that was worked on, and knows late events by what it was called before" do
    paste = build["evaluation"]["steps"].find { |step| step["material"] == "earth_paste" }["id"]
    started = event("started", step: paste, at: "2027-03-01T19:30:00.000+01:00")
    named = record(build, started)
    expect(named["file"]["zones"][0]["courses"][0]["id"]).to eq("course-1")
    late = record(build, laid(paste, clock: "19:40:00"))
    expect(late["file"]["progress"]["done"]).to include(a_hash_including("step" => "course-1", "hands_on_min" => 10.0))
  end

  it "tells how the build stands: timer, wet parts, what can be begun and what does not fit any more" do
    paste = record(build, laid)["evaluation"]["steps"].find { |step| step["material"] == "earth_paste" }["id"]
    record(build, event("started", step: paste, at: "2027-03-01T19:30:00.500+01:00"))
    hand = stage("2027-03-01T19:35")["in_hand"].first
    expect(hand).to include("begun" => "2027-03-01T19:30", "running_since" => Time.utc(2027, 3, 1, 18, 30).to_i + 0.5, "spent_s" => 0.0)
    record(build, laid(hand["step"], clock: "19:36:00"))
    told = stage("2027-03-01T21:59")
    expect(told["wet"].first).to include("step" => "course-1", "names" => ["ground"])
    expect(told["sitting"]).to include("to" => "2027-03-01T22:00", "left_min" => 1)
    expect(told["coming"]).to be_nil.or include("step" => a_string_matching(/./))
  end

  it "says what came off, what it costs and when it is then ready, and tells the trouble when that way of working comes up again" do
    record(build, laid)
    paste = read["evaluation"]["steps"].find { |step| step["material"] == "earth_paste" }["id"]
    record(build, laid(paste, clock: "19:40:00"))
    wrong = event("redone", at: "2027-03-01T20:00:00.000+01:00", data: { why: "dust beneath" })
    asked = post_json("/api/builds/#{build["id"]}/removal", { part: "/zones/0/courses/0", event: wrong })
    expect(asked["again"].map { |one| one["step"] }).to eq(["course-1"])
    expect(asked["cost_minor"]).to be_positive
    expect(asked["later_min"]).to be >= 0
    expect(read["file"]["progress"]["done"].size).to eq(2)
    told = record(build, asked["event"])
    expect(told["file"]["progress"]["done"].map { |row| row["step"] }).to eq(["plinth/prepare"])
    expect(told["evaluation"]["schedule"]["ready_at"]).to eq(asked["ready_after"])
    expect(stage("2027-03-01T20:05")["troubles"]).to match([a_hash_including("times" => [a_hash_including("why" => "dust beneath")])])
  end

  it "tells what moved the date" do
    record(build, laid)
    since = Time.utc(2027, 3, 1, 18, 30).to_f
    paste = read["evaluation"]["steps"].find { |step| step["material"] == "earth_paste" }["id"]
    record(build, event("laid", step: paste, at: "2027-03-04T21:50:00.000+01:00"))
    get("/api/builds/#{build["id"]}/moves?since=#{since}")
    expect(answer["moved_min"]).to be_positive
    expect(answer["why"]).to match(/later, mostly because “Spread earth texture paste.+” was done .+ later than planned/)
  end

  describe "what cannot be taken" do
    it "is refused with what is missing, and none of the others is taken" do
      record(build, laid, event("paused"))
      expect(last_response.status).to eq(422)
      expect(answer["problems"].first).to include("pointer" => "/events/1/step")
      expect(read["file"]).not_to have_key("progress")
    end

    it "is a day that no calendar has, a kind that nobody knows, and too much at once" do
      [event("laid", step: "a", at: "2027-02-30T10:00:00Z"), event("eaten", step: "a"), event("laid", step: "a", id: "1")].each do |wrong|
        record(build, wrong)
        expect(last_response.status).to eq(422)
      end
      post_json("/api/builds/#{build["id"]}/events", { events: Array.new(501) { laid } })
      expect(last_response.status).to eq(422)
    end

    it "is an edit of what follows from events" do
      change(build, { op: "add", path: "/progress", value: { as_of: "2027-03-04T00:00" } })
      expect(answer["problems"].first["message"]).to match(/follows from what happens at the bench/)
    end
  end

  it "goes out with all that happened, and comes in as it was" do
    record(build, laid, event("noted", data: { text: "cold hands" }))
    get("/api/builds/#{build["id"]}/export.json")
    other = create(JSON.parse(last_response.body))
    expect(other["file"]["progress"]).to eq(read["file"]["progress"])
    get("/api/builds/#{other["id"]}/events")
    expect(answer["events"].map { |row| row["kind"] }).to contain_exactly("laid", "noted")
  end

  it "reads what a file of before marks" do
    old = create(file.merge("progress" => { "done" => [{ "step" => "plinth/prepare", "finished" => "2027-03-01T19:20" }] }))
    expect(old["evaluation"]["schedule"]["steps"].first).to include("done" => true, "finish" => "2027-03-01T19:20")
    get("/api/builds/#{old["id"]}/events")
    expect(answer["events"]).to match([a_hash_including("kind" => "laid", "step" => "plinth/prepare")])
  end
end
