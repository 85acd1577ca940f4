# frozen_string_literal: true

RSpec.describe "Planning over HTTP" do
  include Api

  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 3), course("acrylic_paint"))], copies: 6,
      subjects: [figure(round(8), paint_min: 30)],
      calendar: { start: "2027-03-01T09:00", finish_by: "2027-04-20T12:00",
                  weekly: %w[mon wed fri].map { |day| { day: day, from: "19:00", to: "21:00" } } })
  end
  let(:build) { create(file) }
  let(:path) { "/api/builds/#{build["id"]}" }

  before { ServerSpec.store.all.each { |one| ServerSpec.store.delete(one.id) } }

  def asked(question)
    get("#{path}/#{question}")
    answer
  end

  it "tells what each side of each school would cost" do
    told = asked("schools")
    rim = told.find { |one| one["school"] == "rim" }
    bare = rim["sides"].find { |side| side["side"] == "bare" }
    expect(bare["hands_on_min"]).to be_negative
    made = change(build, *bare["patch"])
    expect(made["evaluation"]["schools"]["rim"]).to eq("bare")
    expect(made["evaluation"]["schedule"]["ready_at"]).to eq(bare["ready_at"])
  end

  it "tells a batch against one at a time" do
    told = asked("batch")
    expect(told["copies"]).to eq(6)
    expect(told["together"]["ready_at"]).to eq(build["evaluation"]["schedule"]["ready_at"])
    expect(told["one_by_one"]["ready_at"]).to be > told["together"]["ready_at"]
  end

  it "lays two builds side by side, or one beside itself changed" do
    other = create(file.merge("title" => "Other", "climate" => { "temperature_c" => 30 }))
    told = post_json("#{path}/compare", { "build" => other["id"] })
    expect(told["sides"].map { |side| side["ready_at"] }).to eq([build, other].map { |one| one["evaluation"]["schedule"]["ready_at"] })
    told = post_json("#{path}/compare", { "patch" => [{ "op" => "replace", "path" => "/copies", "value" => 1 }] })
    expect(told["sides"].last["steps"]).to be <= told["sides"].first["steps"]
    post_json("#{path}/compare", { "build" => 999_999 })
    expect(last_response.status).to eq(404)
  end

  it "shares the hands over all builds that are not ready" do
    first = create(file.merge("title" => "First"))["id"]
    second = create(file.merge("title" => "Second", "calendar" => file["calendar"].merge("finish_by" => "2027-03-20T12:00")))["id"]
    get("/api/weeks")
    told = answer
    expect(told["builds"].map { |one| one["build"] }).to eq([second, first])
    expect(told["builds"].last["shared"]).to be > told["builds"].last["alone"]
    spans = told["work"].map { |one| one.values_at("start", "finish") }
    expect(spans.each_cons(2)).to all(satisfy { |(_, to), (from, _)| to <= from })
  end

  it "says what it has come to so far where there is too much for one answer, and goes on at the next asking" do
    stub_const("GreenPlinth::Server::Plans::WITHIN", 0)
    3.times { |n| create(file.merge("title" => "Number #{n}")) }
    ServerSpec.database[:builds].update(told_by: "an older program")
    plans = GreenPlinth::Server::Desk.new(ServerSpec.store).plans
    asked = Array.new(3) { plans.dated(0) }
    expect(asked.map { |dated| [dated.plans.size, dated.unfinished] }).to eq([[1, true], [2, true], [3, false]])
  end

  it "computes nothing of what is kept with its build, whatever process kept it" do
    first = create(file.merge("title" => "First"))
    create(plain_file(title: "Never", tasks: [{ id: "long", title: "Long", hands_on_min: 600 }], calendar: file["calendar"]))
    desk = GreenPlinth::Server::Desk.new(ServerSpec.store)
    expect(desk).not_to receive(:evaluate)
    told = desk.plans.dated(0)
    expect(told.plans.transform_values(&:ready_at)).to eq(first["id"] => minutes(first["evaluation"]["schedule"]["ready_at"]))
    expect(told.without.map { |one| one["build_title"] }).to eq(["Never"])
    expect(desk.plans.dated(minutes("2028-01-01T00:00")).plans).to be_empty
  end

  it "leaves what is kept where others left no time to tell a build anew, and says that it is not through" do
    create(file)
    ServerSpec.database[:builds].update(told_by: "an older program")
    desk = GreenPlinth::Server::Desk.new(ServerSpec.store)
    allow(desk).to receive(:evaluate).and_raise(GreenPlinth::Server::GivenUp, GreenPlinth::Server::Watch::BUSY)
    told = desk.plans.dated(0)
    expect([told.plans, told.without, told.unfinished]).to eq([{}, [], true])
    expect(ServerSpec.store.all.first.summary).not_to include("broken")
  end

  it "tells builds anew once the workshop's materials are others" do
    told = create(plain_file(zones: [zone(course("earth_paste", thickness_mm: 6))]))["evaluation"]["steps"]
    paste = told.find { |step| step["material"] == "earth_paste" }
    desk = GreenPlinth::Server::Desk.new(ServerSpec.store)
    told_by = -> { ServerSpec.store.unfinished("").first.told_by }
    before, was = told_by.call, desk.plans.dated(0).plans.values.first.ready_at
    build = ServerSpec.store.unfinished("").first.id
    seen = event("seen_dry", step: paste["id"], data: { observed_min: paste["tail_min"] * 3 })
    desk.record(build, [JSON.parse(JSON.generate(seen))])
    expect(desk.plans.dated(0).plans.values.first.ready_at).to be > was
    expect(told_by.call).not_to eq(before)
  end

  it "plans for fewest sittings and for the latest start" do
    %w[fewest_sittings latest_start].each do |objective|
      schedule = change(read(build), { "op" => "add", "path" => "/calendar/objective", "value" => objective })["evaluation"]["schedule"]
      expect(schedule).to include("objective" => objective)
      expect(schedule["late_min"]).to be <= 0
    end
  end
end
