# frozen_string_literal: true

RSpec.describe "Materials and techniques over HTTP" do
  include Api

  let(:bog) { catalogue["mud_paste"].to_h.except("key").merge("name" => "bog paste", "dry_h" => [40, 50, 60], "full_h" => [60, 80, 120]) }
  let(:file) { plain_file(zones: [zone(course("bog_paste", thickness_mm: 2))]) }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def put_entry(key, data, kind: "materials") = send_json("PUT", "/api/catalogue/#{kind}/#{key}", data)

  def own
    get("/api/catalogue/own")
    answer
  end

  def delete_entry(key, kind: "materials")
    custom_request("DELETE", "/api/catalogue/#{kind}/#{key}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    answer
  end

  it "keeps a copy under a name of its own, and builds can use it" do
    create(file)
    expect(last_response.status).to eq(422)
    expect(put_entry("bog_paste", bog)).to include("key" => "bog_paste", "own" => true)
    step = create(file)["evaluation"]["steps"].find { |one| one["material"] == "bog_paste" }
    expect(step["title"]).to include("bog paste")
    get("/api/catalogue")
    expect(answer["own"]).to eq("materials" => ["bog_paste"], "techniques" => [], "recipes" => [], "stacks" => [])
  end

  it "draws a material as it is written, before it is kept, and says what is wrong with it" do
    expect(send_json("POST", "/api/drawn-material", bog)["stages"]).to include("key" => "dry", "hours" => [40.0, 50.0, 60.0])
    expect(own["materials"]).to be_empty
    refused = send_json("POST", "/api/drawn-material", bog.merge("windows" => { "texture" => [20, 10] }))
    expect(last_response.status).to eq(422)
    expect(refused["problems"]).to contain_exactly(include("pointer" => "/materials/written/windows/texture",
      "message" => "must end after it begins"))
  end

  it "changes what ships, for every build, until mine is taken away" do
    plain = plain_file(zones: [zone(course("earth_paste", thickness_mm: 2))])
    tail = ->(build) { build["evaluation"]["steps"].find { |one| one["material"] == "earth_paste" }["tail_min"] }
    build = create(plain)
    was = tail[build]
    put_entry("earth_paste", catalogue["earth_paste"].to_h.except("key").merge("dry_h" => [30, 40, 50]))
    expect(tail[read(build)]).to be > was
    delete_entry("earth_paste")
    expect(tail[read(build)]).to eq(was)
  end

  it "refuses nonsense, says where, and keeps what was" do
    put_entry("bog_paste", bog)
    told = put_entry("bog_paste", bog.merge("dry_h" => [60, 50, 40], "technique" => "smear"))
    expect(last_response.status).to eq(422)
    expect(told["problems"].map { |one| one["pointer"] }).to include("/materials/bog_paste/dry_h", "/materials/bog_paste/technique")
    expect(own["materials"]["bog_paste"]).to eq(bog)
  end

  it "takes nothing away that a build still uses" do
    put_entry("bog_paste", bog)
    create(file.merge("title" => "Moss"))
    expect(delete_entry("bog_paste")["detail"]).to match(/“Moss”.*change that first/)
    expect(last_response.status).to eq(409)
  end

  it "says so where there is none" do
    get("/api/catalogue/materials/moon_dust")
    expect(answer["status"]).to eq(404)
    get("/api/catalogue/spells/levitate")
    expect(answer["status"]).to eq(404)
    delete_entry("mud_paste")
    expect(last_response.status).to eq(404)
  end

  it "is shared as a file and taken up from one" do
    put_entry("bog_paste", bog)
    put_entry("smear", catalogue.technique("spread_paste").to_h.except("key").merge("title" => "Smear %{material} on %{place}"),
      kind: "techniques")
    shared = own
    ServerSpec.clear
    expect(post_json("/api/catalogue/own", shared))
      .to eq("materials" => ["bog_paste"], "techniques" => ["smear"], "recipes" => [], "stacks" => [])
    expect(own).to eq(shared)
    post_json("/api/catalogue/own", shared.merge("format" => "soup/1"))
    expect(last_response.status).to eq(422)
  end

  it "lays a course by a technique of the maker's own" do
    put_entry("smear", catalogue.technique("spread_paste").to_h.except("key").merge("title" => "Smear %{material} on %{place}",
      "rate_min" => 30), kind: "techniques")
    build = create(plain_file(zones: [zone(course("earth_paste", thickness_mm: 2, technique: "smear"))]))
    expect(build["evaluation"]["steps"].map { |step| step["title"] }).to include(/Smear earth texture paste/)
  end
end

RSpec.describe "What was seen to dry, over HTTP" do
  include Api

  let(:file) { plain_file(zones: [zone(course("earth_paste", thickness_mm: 2))]) }
  let(:build) { create(file) }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def paste(of) = of["evaluation"]["steps"].find { |step| step["material"] == "earth_paste" }

  def note(step, minutes)
    post_json("/api/builds/#{build["id"]}/events", { "events" => [event("seen_dry", step: step, data: { observed_min: minutes })] })
    last_response.successful? ? get("/api/dryings").then { answer.first } : nil
  end

  it "teaches the forecast, in every build, until the note is struck" do
    was = paste(build)["tail_min"]
    told = note(paste(build)["id"], was * 2)
    expect(told).to include("material" => "earth_paste", "foretold_min" => was, "observed_min" => was * 2, "seen" => 1)
    expect(paste(create(file))["tail_min"]).to be_within(1).of(was * (2**0.25))
    custom_request("DELETE", "/api/dryings/#{told["id"]}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(paste(read(build))["tail_min"]).to eq(was)
  end

  it "measures the next note against the catalogue, not against what it has learnt" do
    was = paste(build)["tail_min"]
    2.times { note(paste(build)["id"], was * 2) }
    get("/api/dryings")
    expect(answer.map { |row| row["foretold_min"] }).to all(be_within(1).of(was))
  end

  it "learns nothing of what does not dry, and refuses what is no time" do
    expect(note("plinth/prepare", 60)).to be_nil
    note(paste(build)["id"], 0)
    expect(last_response.status).to eq(422)
  end
end
