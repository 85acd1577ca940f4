# frozen_string_literal: true

# Heavy questions: asked of the server, answered beside it.
RSpec.describe "Heavy questions" do
  include Api

  # An application that is begun anew answers at once again: it is begun before that is turned off.
  before do
    ServerSpec.clear
    ServerSpec.begun
    Que.run_synchronously = false
  end

  after { Que.run_synchronously = true }

  let(:build) { create(plain_file(zones: [zone(course("earth_paste", thickness_mm: 4), course("matt_varnish"))])) }
  let(:path) { "/api/builds/#{build["id"]}" }
  let(:store) { ServerSpec.store }
  let(:answerer) { ServerSpec.answerer }

  def ask(question) = get("#{path}/#{question}").then { [last_response.status, answer] }
  def rows = ServerSpec.database[:inquiries]
  def jobs = ServerSpec.database[:que_jobs].where(run_at: ..Time.now)

  def until_true(seconds = 30)
    ends = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    until (found = yield)
      raise "it did not come about" if Process.clock_gettime(Process::CLOCK_MONOTONIC) > ends

      sleep 0.05
    end
    found
  end

  # A question that is worked on until it is given up.
  def endless
    begun = Queue.new
    stub_const("GreenPlinth::Server::Heavy::ANSWERS", { "chance" => ->(*) { (begun << true) && loop { sleep 0.01 } } })
    id = ask("chance").last["id"]
    thread = Thread.new { answerer.call(id) }.tap { |one| one.report_on_exception = false }
    begun.pop
    [id, thread]
  end

  it "says how far one has come until it is answered, and then the answer, once for all who ask" do
    status, inquiry = ask("chance")
    expect([status, inquiry.values_at("kind", "state", "version"), jobs.count]).to eq([202, ["chance", "waiting", 1], 1])
    expect(ask("chance")).to eq([202, inquiry])
    expect(jobs.count).to eq(1)
    answerer.call(inquiry["id"])
    status, told = ask("chance")
    expect([status, told["samples"]]).to eq([200, GreenPlinth::Questions::Chance::SAMPLES])
    expect(get("/api/inquiries/#{inquiry["id"]}").then { answer["state"] }).to eq("answered")
  end

  it "tells of progress, in order and never past the end" do
    heard = Queue.new
    GreenPlinth::Server::Listener.of(store).on_inquiry { |one| heard << one }
    stub_const("GreenPlinth::Server::Answerer::PAUSE", 0)
    id = ask("schools").last["id"]
    answerer.call(id)
    told = []
    until_true { (told << heard.pop).last["state"] == "answered" }
    parts = told.select { |one| one["id"] == id && one["of"].positive? }.map { |one| one.values_at("done", "of") }
    expect(parts).to eq(parts.sort)
    expect(parts.last.uniq.size).to eq(1)
  end

  it "keeps why one cannot be answered" do
    stuck = create(plain_file(tasks: [{ id: "mural", title: "Paint the mural", hands_on_min: 500 }],
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }))
    get("/api/builds/#{stuck["id"]}/chance")
    answerer.call(answer["id"])
    get("/api/builds/#{stuck["id"]}/chance")
    expect([last_response.status, answer["title"]]).to eq([422, "No schedule"])
  end

  it "says that the program broke down over one, and logs it" do
    stub_const("GreenPlinth::Server::Heavy::ANSWERS", { "chance" => ->(*) { raise "a mistake of ours" } })
    id = ask("chance").last["id"]
    expect { answerer.call(id) }.to output(/chance of build \d+: RuntimeError: a mistake of ours/).to_stderr
    expect(ask("chance").first).to eq(422)
  end

  it "gives one up that nobody waits for any more" do
    id, thread = endless
    delete("/api/inquiries/#{id}", {}, "HTTP_X_CSRF_TOKEN" => token)
    expect(last_response.status).to eq(204)
    thread.join(10) or raise "it goes on"
    expect(rows.where(id: id).count).to eq(0)
    delete("/api/inquiries/#{id}", {}, "HTTP_X_CSRF_TOKEN" => token)
    expect(answer["status"]).to eq(404)
  end

  it "gives one up when the build moves on" do
    id, thread = endless
    change(build, { "op" => "replace", "path" => "/title", "value" => "Another" })
    thread.join(10) or raise "it goes on"
    expect(rows.where(id: id).count).to eq(0)
    expect(ask("chance").last["version"]).to eq(2)
  end

  it "puts one back into the queue when the process stops" do
    id, thread = endless
    ServerSpec.stopping = true
    expect { thread.value }.to raise_error(GreenPlinth::Server::Answerer::Stopping)
    expect(rows.first(id: id)).to include(answer: nil, problem: nil)
  ensure
    ServerSpec.stopping = false
  end

  it "keeps no more than the newest of one build" do
    (GreenPlinth::Server::Store::Inquiries::MOST + 5).times { |seed| post_json("#{path}/arrangements", { "seed" => seed }) }
    expect(rows.where(kind: "arrangements").count).to be <= GreenPlinth::Server::Store::Inquiries::MOST
  end

  it "is worked on by a process of its own, and by another where that one is killed" do
    # Seven grounds that dry for days: enough to try for a while.
    file = plain_file(zones: Array.new(7) do |i|
      zone(*%w[earth_paste acrylic_paint acrylic_wash static_grass matt_varnish].map { |key| course(key) },
        id: "z#{i}", outline: round(10, at: [-40 + (i * 13), 0]))
    end)
    worked = create(file)
    get("/api/builds/#{worked["id"]}/schools")
    id = answer["id"]
    worker = -> { spawn(File.join(Specimens::ROOT, "bin/lib/work"), out: File::NULL, err: File::NULL) }
    first = worker.call
    until_true(60) { rows.where(id: id).get(:done) }
    Process.kill(:KILL, first)
    Process.wait(first)
    second = worker.call
    told = until_true(60) { rows.where(id: id).get(:answer) }
    expect(told.size).to eq(GreenPlinth::Catalogue.default.kinds["schools"].to_h.size)
    until_true { jobs.where(Sequel.lit("args->>0 = ?", id.to_s)).empty? }
  ensure
    Process.kill(:TERM, second) && Process.wait(second) if second
  end

  describe "a longer search" do
    # Each task of 40 minutes takes an hour's sitting for itself: by their minutes they would fit into fewer. They are too many to prove
    # anything of within an edit.
    let(:build) do
      create(plain_file(tasks: Array.new(62) { |i| { id: "t#{i}", title: "Task #{i}", hands_on_min: 40 } },
        calendar: { start: "2027-03-01T09:00", weekly: %w[mon thu].map { |day| { day: day, from: "19:00", to: "20:00" } } }))
    end
    let(:pending) { rows.first(build_id: build["id"], kind: "longer-search") }

    it "follows an edit whose plan is not proven" do
      expect(build["evaluation"]["schedule"]["proven_optimal"]).to be(false)
      expect(pending[:version]).to eq(1)
      change(build, { "op" => "replace", "path" => "/title", "value" => "Another" })
      expect(rows.where(kind: "longer-search").select_map(:version)).to eq([2])
    end

    it "does not follow one whose plan is" do
      proven = create(plain_file(zones: [zone(course("earth_paste"))]))
      expect(proven["evaluation"]["schedule"]["proven_optimal"]).to be(true)
      expect(rows.where(build_id: proven["id"]).count).to eq(0)
    end

    it "is taken up by the build and stays with it, whatever is changed beside it" do
      sooner = build["evaluation"]["schedule"]["ready_at"]
      starts = build["evaluation"]["schedule"]["steps"].to_h { |step| [step["id"], GreenPlinth::Moment.parse(step["start"])] }
      found = GreenPlinth::Questions::LongerSearch::Found.new(starts, 0, 90, 0)
      allow_any_instance_of(GreenPlinth::Questions::LongerSearch).to receive(:call).and_return(found)
      odds = ask("chance").last["id"]
      answerer.call(odds)
      answerer.call(pending[:id])
      expect(ask("longer-search").last["gain_min"]).to eq(90)
      # What was answered by the plan before it is asked anew.
      expect(ask("chance")).to match([202, include("state" => "waiting")])
      expect(store.known_starts(build["id"])).to eq(starts)
      kept = change(build, { "op" => "replace", "path" => "/title", "value" => "Another" })
      expect(kept["evaluation"]["schedule"]["ready_at"]).to be <= sooner
      expect(store.known_starts(build["id"])).to eq(starts)
    end
  end
end
