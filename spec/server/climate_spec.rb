# frozen_string_literal: true

require "socket"
require "tmpdir"

RSpec.describe "The air of the workshop" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  let(:file) { plain_file(zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"))]) }
  let(:build) { create(file) }
  let(:air) { { "temperature_c" => 14.5, "humidity_pct" => 68, "simulated" => true } }

  # A thermometer that says one line.
  def saying(line)
    Dir.mktmpdir do |folder|
      path = File.join(folder, "climate.sock")
      UNIXServer.open(path) do |server|
        speaker = Thread.new { server.accept.then { |client| client.puts(line) && client.close } }
        yield GreenPlinth::Server::Thermometer.new(path)
      ensure
        speaker.kill
      end
    end
  end

  def watch(clock)
    store = ServerSpec.store
    thermometer = instance_double(GreenPlinth::Server::Thermometer, read: air)
    GreenPlinth::Server::AirWatch.new(store, GreenPlinth::Server::Desk.new(store), thermometer: thermometer,
      clock: -> { Time.new(2027, 3, *clock, 0, "+01:00") })
  end

  def noted = get("/api/builds/#{build["id"]}/events").then { answer }["events"].select { |event| event["kind"] == "measured" }
  def lay = record(build, event("laid", step: "paste", at: "2027-03-01T19:30:00+01:00"))

  it "is read off the thermometer, and unknown where that says nothing sensible, or is not there" do
    saying(JSON.generate(air)) { |thermometer| expect(thermometer.read).to eq(air) }
    ["", "{", "[1]", JSON.generate(air.merge("humidity_pct" => 140)), JSON.generate("temperature_c" => 12)].each do |line|
      saying(line) { |thermometer| expect(thermometer.read).to be_nil }
    end
    expect(GreenPlinth::Server::Thermometer.new("/nowhere/at/all.sock").read).to be_nil
    expect(get("/api/climate").then { answer }).to have_key("reading")
  end

  it "is noted for what is drying, where the maker wants it so" do
    lay
    expect(watch([1, 21, 0]).call).to eq([])
    send_json("PUT", "/api/preferences", { note_air: "on" })
    expect(watch([1, 21, 0]).call).to eq([build["id"]])
    expect(noted.map { |event| event["data"].values_at("what", "value", "simulated") })
      .to contain_exactly(["temperature", 14.5, true], ["humidity", 68, true])
    # A fortnight on all is dry.
    expect(watch([15, 21, 0]).call).to eq([])
  end

  it "is not noted for what was only planned" do
    build
    send_json("PUT", "/api/preferences", { note_air: "on" })
    expect([watch([1, 21, 0]).call, noted]).to eq([[], []])
  end

  it "is looked at by one job, however many processes begin it" do
    3.times { GreenPlinth::Server::AirJob.begin(ServerSpec.database) }
    expect(ServerSpec.database[:que_jobs].where(job_class: "GreenPlinth::Server::AirJob").count).to eq(1)
  end
end
