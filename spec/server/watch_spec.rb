# frozen_string_literal: true

RSpec.describe "The watch over computations" do
  before { ServerSpec.clear }

  let(:given_up) { GreenPlinth::Server::GivenUp }

  def watch(**more) = GreenPlinth::Server::Watch.new(seconds: 0.2, **more)
  def forever = loop { 1 + 1 }

  it "lets answers through that are quick enough" do
    expect(watch.over { :answer }).to eq(:answer)
  end

  it "gives up what takes too much processor time, not what waits" do
    expect(watch.over { sleep(0.5) && :waited }).to eq(:waited)
    expect { watch.over { forever } }.to raise_error(given_up, /more than 0 s to compute/)
  end

  it "gives up what others leave no time for" do
    waited = GreenPlinth::Server::Watch.new(seconds: 100, wait: 0.2, megabytes: 100_000)
    expect { waited.over { sleep(10) } }.to raise_error(given_up, /other computations/)
  end

  it "gives up what nobody waits for any more" do
    asked = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    gone = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) - asked > 0.1 }
    expect { watch(megabytes: 100_000).over(gone) { sleep(10) } }.to raise_error(given_up, /has gone/)
  end

  it "never breaks into a conversation with the database" do
    store = ServerSpec.store
    done = false
    allow(store).to receive(:preferences).and_wrap_original { |original| original.call.tap { done = true } }
    expect { watch.over { loop { store.create(plain_file, summary: {}) } } }.to raise_error(given_up)
    expect(store.preferences).to eq({})
    expect(done).to be(true)
    expect(ServerSpec.database[:builds].where(position: nil).count).to eq(0)
  end

  it "forgets what was computed where the process grows too large" do
    forgot = Queue.new
    stub_const("GreenPlinth::Server::Watch::REST", 0)
    watch(megabytes: 1, on_full: -> { forgot << true }).over { Timeout.timeout(5) { forgot.pop } }
    sleep(0.5)
    expect(forgot).to be_empty # what it could not free is no reason to do it again
  end

  it "gives up all there is when the server stops" do
    one = watch(megabytes: 100_000)
    thread = Thread.new { one.over { sleep(10) } }
    thread.report_on_exception = false
    sleep(0.01) until thread.stop?
    one.stop
    expect { thread.value }.to raise_error(given_up, /stops/)
  end

  describe "over HTTP" do
    include Api

    # More than the budget, within the relief.
    def slow
      allow(GreenPlinth::Relief::Terrain).to receive(:new) { forever }
      allow_any_instance_of(GreenPlinth::Server::Watch).to receive(:spent).and_wrap_original { |original, task| original.call(task) * 20 }
    end

    let(:build) { create(plain_file(zones: [zone(course("earth_paste", thickness_mm: 1.7))])) }

    it "keeps an edit that cannot be computed in time, names the part, and takes it back" do
      build
      slow
      problem = change(build, { op: "replace", path: "/zones/0/courses/0/thickness_mm", value: 1.9 })
      expect(last_response.status).to eq(422)
      most = GreenPlinth::Server::Watch::SECONDS.round
      expect(problem["problems"].first["message"]).to match(/Part “terrain” was not computed: it takes more than #{most} s/)
      expect(problem["broken"]).to include("version" => 2, "undo" => "Change")
      RSpec::Mocks.space.proxy_for(GreenPlinth::Relief::Terrain).reset
      expect(post_json("/api/builds/#{build["id"]}/undo", { version: 2 })["file"]).to eq(build["file"])
    end

    it "holds the other builds up no more: what now says of it that it takes too long" do
      build
      slow
      change(build, { op: "replace", path: "/zones/0/courses/0/thickness_mm", value: 2.1 })
      asked = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      expect(get("/api/now").then { answer }["undated"]).to match([a_hash_including("detail" => /takes too long/)])
      expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - asked).to be < 1
    end

    it "keeps an edit that others leave no time for, asks for it again, and makes it once" do
      build
      edit = { id: SecureRandom.uuid, version: 1, label: "Thicker",
               patch: [{ op: "replace", path: "/zones/0/courses/0/thickness_mm", value: 1.8 }] }
      allow(GreenPlinth::Relief::Terrain).to receive(:new) { raise given_up, GreenPlinth::Server::Watch::BUSY }
      patch_json("/api/builds/#{build["id"]}", edit)
      expect([last_response.status, last_response["retry-after"]]).to eq([429, "2"])
      RSpec::Mocks.space.proxy_for(GreenPlinth::Relief::Terrain).reset
      again = patch_json("/api/builds/#{build["id"]}", edit)
      expect(again["version"]).to eq(2)
      expect(again["file"]["zones"][0]["courses"][0]["thickness_mm"]).to eq(1.8)
    end

    it "answers other questions with a problem that names the part" do
      build
      ServerSpec.instance_variable_set(:@begun, nil)
      slow
      get("/api/builds/#{build["id"]}/relief")
      expect(answer).to include("title" => "Too much to compute", "detail" => /Part “terrain” was not computed/)
    end
  end
end
