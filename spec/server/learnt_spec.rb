# frozen_string_literal: true

RSpec.describe "What was learnt, over HTTP" do
  include Api

  let(:file) { plain_file(zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"))]) }
  let(:build) { create(file) }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def learnt = get("/api/learnt").then { answer }
  def paste(of = build) = get("/api/builds/#{of["id"]}").then { answer }["evaluation"]["steps"].find { |step| step["id"] == "paste" }

  def slow_evening(day = "2027-02-20")
    minutes = paste["hands_on_min"] * 4
    finish = Time.utc(*day.split("-").map(&:to_i), 19) + (minutes * 60)
    record(build, event("started", step: "paste", at: "#{day}T19:00:00Z"),
      event("laid", step: "paste", at: finish.strftime("%Y-%m-%dT%H:%M:%SZ")))
  end

  it "goes by the maker's own pace from the next day on; switched off it counts no more, forgotten it is gone" do
    usual = paste["hands_on_min"]
    slow_evening
    ServerSpec.at("2027-03-02T12:00:00")
    fresh = create(file)
    pace = learnt.find { |one| one["key"] == "pace:spread_paste" }
    # 4^(1/4): one observation weighs 1 to 3
    expect(pace).to include("kind" => "pace", "seen" => 1, "value" => be_within(0.06).of(1.414), "off" => false)
    expect(paste(fresh)["hands_on_min"]).to be_within(1).of(usual * 1.414)
    send_json("PUT", "/api/learnt/pace:spread_paste", { off: true })
    expect(paste(fresh)["hands_on_min"]).to eq(usual)
    expect(learnt.first).to include("key" => "pace:spread_paste", "off" => true)
    send_json("PUT", "/api/learnt/pace:spread_paste", { off: false })
    expect(paste(fresh)["hands_on_min"]).to be > usual
    custom_request("DELETE", "/api/learnt/pace:spread_paste", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(learnt).to be_empty
    expect(paste(fresh)["hands_on_min"]).to eq(usual)
  end

  it "changes nothing within the day" do
    usual = paste["hands_on_min"]
    ServerSpec.at("2027-02-20T23:00:00")
    slow_evening
    expect(paste(create(file))["hands_on_min"]).to eq(usual)
  end

  it "tells how often a way of working went wrong" do
    slow_evening
    record(build, event("redone", step: "paste", at: "2027-02-21T19:00:00Z", data: { why: "cracked" }))
    ServerSpec.at("2027-03-02T12:00:00")
    create(file)
    # (0.3 + 1) ÷ (10 + 1)
    expect(learnt.find { |one| one["kind"] == "risk" }).to include("seen" => 1, "value" => be_within(0.001).of(0.118))
  end

  it "takes what was used out of the stores at once, gives it back when that is taken back, and reckons by it from the next day on" do
    post_json("/api/stores", { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "full" => 1 })
    of_paste = ->(list) { list.find { |one| (one["jar"] || one)["material"] == "earth_paste" } }
    open = -> { of_paste[get("/api/stores").then { answer }["jars"]]["jar"]["open"] }
    reckoned = -> { of_paste[get("/api/builds/#{build["id"]}/provision").then { answer }["lines"]]["amount"] }
    usual = reckoned.call
    # Long after the jar was put on the shelf by the database's own clock.
    later = "2040-02-20T19:00:00Z"
    used = event("used", step: "paste", at: later, data: { material: "earth_paste", amount: (2 * usual).round(3), unit: "ml" })
    2.times { record(build, used) }
    expect(open.call).to be_within(0.01).of(200 - (2 * usual))
    record(build, event("took_back", at: later, data: { event: used[:id] }))
    expect(open.call).to be_nil
    record(build, used.merge(id: SecureRandom.uuid))
    expect(reckoned.call).to eq(usual)
    ServerSpec.at("2040-02-22T12:00:00")
    create(file)
    # 2^(1/4): one observation weighs 1 to 3
    expect(learnt).to include(include("key" => "use:earth_paste", "kind" => "use", "seen" => 1, "value" => be_within(0.001).of(1.189)))
    expect(reckoned.call).to be_within(0.01 * usual).of(1.189 * usual)
  end

  it "knows no other factor" do
    send_json("PUT", "/api/learnt/pace:flying", { off: true })
    expect(last_response.status).to eq(404)
  end
end
