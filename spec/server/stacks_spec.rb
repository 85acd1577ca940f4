# frozen_string_literal: true

# Stacks of courses that the workshop keeps, over HTTP.
RSpec.describe "Stacks of courses over HTTP" do
  include Api

  let(:mud) do
    parts = { "wood_glue" => 1, "sifted_soil" => 2 }.map { |material, amount| { "material" => material, "amount" => amount } }
    { "id" => "mud", "name" => "mud", "parts" => parts }
  end
  let(:floor) do
    courses = [{ "material" => "fine_sand", "grain_mm" => [0.1, 0.3] }, { "material" => "mix:mud" }]
    { "name" => "my pine floor", "courses" => courses, "mixes" => [mud] }
  end

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def put_stack(key, data) = send_json("PUT", "/api/catalogue/stacks/#{key}", data)

  def listed
    get("/api/catalogue")
    answer["stacks"]
  end

  def forget(key)
    custom_request("DELETE", "/api/catalogue/stacks/#{key}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    last_response.status
  end

  it "are kept, offered with what they are made of, changed and forgotten" do
    expect(put_stack("pine_floor", floor)).to include("key" => "pine_floor", "own" => true)
    expect(listed).to eq([floor.merge("key" => "pine_floor")])
    put_stack("pine_floor", floor.merge("name" => "pine floor, wet"))
    expect(listed.map { |one| one["name"] }).to eq(["pine floor, wet"])
    get("/api/catalogue/own")
    expect(answer["stacks"].keys).to eq(%w[pine_floor])
    expect(forget("pine_floor")).to eq(204)
    expect(listed).to eq([])
    expect(forget("pine_floor")).to eq(404)
  end

  it "are refused with the place of what is wrong, and nothing is kept" do
    courses = [{ "material" => "fine_sand", "cover_pct" => -4 }, { "material" => "pin_sand" }]
    wrong = put_stack("pine_floor", floor.merge("courses" => courses))
    expect(wrong["status"]).to eq(422)
    expect(wrong["problems"].map { |one| one["pointer"] }).to include("/stacks/pine_floor/courses/0/cover_pct")
    expect(put_stack("pine_floor", { "name" => "bare", "courses" => [] })["status"]).to eq(422)
    expect(put_stack("pine_floor", floor.except("mixes"))["status"]).to eq(422)
    expect(listed).to eq([])
  end

  it "let an own material go only when none of them is laid in it" do
    bog = catalogue["mud_paste"].to_h.except("key").merge("name" => "bog paste")
    send_json("PUT", "/api/catalogue/materials/bog_paste", bog)
    put_stack("bog", { "name" => "bog", "courses" => [{ "material" => "bog_paste" }] })
    custom_request("DELETE", "/api/catalogue/materials/bog_paste", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(answer["detail"]).to include("bog_paste is used by bog")
    expect(forget("bog")).to eq(204)
    custom_request("DELETE", "/api/catalogue/materials/bog_paste", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(last_response.status).to eq(204)
  end

  it "go and come with a catalogue file" do
    put_stack("pine_floor", floor)
    get("/api/catalogue/own")
    file = last_response.body
    forget("pine_floor")
    expect(post_json("/api/catalogue/own", file)).to include("stacks" => %w[pine_floor])
    expect(listed.map { |one| one["key"] }).to eq(%w[pine_floor])
  end

  it "leave builds alone: what was laid from one stays when it is forgotten" do
    put_stack("pine_floor", floor)
    id = create(plain_file(mixes: [mud], zones: [zone(*floor["courses"])]))["id"]
    expect(forget("pine_floor")).to eq(204)
    get("/api/builds/#{id}")
    expect(answer["file"]["zones"][0]["courses"].size).to eq(2)
  end
end

RSpec.describe "What the pages are told of ways of working and words" do
  include Api

  let(:told) do
    get("/api/catalogue")
    answer
  end

  it "tells each way of working what it is used on, and each material its everyday words" do
    expect(told["techniques"].find { |one| one["key"] == "build_wall" }["used_on"]).to eq(%w[features])
    expect(told["materials"].find { |one| one["key"] == "white_glue" }["also"]).to include("PVA")
  end

  it "tells for each part what is asked and what is folded away, by fields that it tells, too" do
    known = told["fields"].map { |field| field["key"] }
    told["parts"].each { |part| expect(part["fields"] + (part["more"] || []) - known).to be_empty, part["key"] }
    rows = told["fields"].filter_map { |field| field["rows"] }
    expect(rows - told["parts"].map { |part| part["key"] }).to be_empty
  end

  it "tells every drawable kind the shape it begins in, among those that pages draw" do
    shapes = told["kinds"]["features"].filter_map { |kind| kind["sketched_as"] }.uniq
    expect(shapes - %w[strip rectangle round oval polygon]).to be_empty
    expect(told["kinds"]["features"].find { |kind| kind["key"] == "wall" }["sketched_as"]).to eq("strip")
  end
end
