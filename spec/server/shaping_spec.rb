# frozen_string_literal: true

RSpec.describe "Shaping by the API" do
  include Api

  let(:build) { create(pool_file(level: 8, subjects: [figure(round(8), at_mm: [-35, 0], height_mm: 30)])) }
  let(:id) { build["id"] }

  def ask(path, **query)
    get(path, query)
    answer
  end

  it "tells the relief: contours, heights and slopes" do
    told = ask("/api/builds/#{id}/relief", interval: 2)
    expect(told.values_at("interval_mm", "lowest_mm",
      "highest_mm")).to match([2, be_within(0.1).of(4), be_within(0.01).of(10)])
    expect(told["grid"]["heights"].size).to eq(told["grid"]["rows"] * told["grid"]["columns"])
    expect(told["contours"].map { |level| level["z"] }).to eq([6, 8])
    expect(ask("/api/builds/#{id}/relief", interval: "fine")["status"]).to eq(422)
  end

  it "says where water would run, and that a point off the base is none" do
    expect(ask("/api/builds/#{id}/drainage", x: 0, y: 0)["hollows"].first["ml"]).to be_within(0.1).of(4.8)
    expect(ask("/api/builds/#{id}/drainage", x: 300, y: 0)["problems"].first["message"]).to include("off the base")
  end

  it "gives the solid for a turntable" do
    told = ask("/api/builds/#{id}/solid")
    expect(told["ground"]["vertices"].size).to eq(told["ground"]["owners"].size * 3)
    expect(told["ground"]["triangles"].max).to be < told["ground"]["owners"].size
    expect([told["waters"].size, told["bodies"].size]).to eq([1, 1])
  end

  it "joins ground and splits it, and says what stands against it" do
    zones = [zone(id: "bank", name: "bank", outline: rectangle(40, 20, at: [-20, 0])),
      zone(id: "spit", name: "spit", outline: rectangle(20, 20, at: [10, 0]))]
    id = create(plain_file(zones: zones))["id"]
    split = post_json("/api/builds/#{id}/grounds", { "split" => 0, "along" => [-20, -30, -20, 30] })
    expect(split["patch"].map { |one| one.values_at("op", "path") }).to eq([%w[replace /zones/0/outline], %w[add /zones/1]])
    joined = post_json("/api/builds/#{id}/grounds", { "join" => [0, 1] })
    expect(joined["patch"].last).to eq("op" => "remove", "path" => "/zones/1")
    expect(post_json("/api/builds/#{id}/grounds", { "split" => 0, "along" => [50, 0, 50, 9] })["problems"][0]["message"])
      .to include("does not part bank")
    expect(post_json("/api/builds/#{id}/grounds", { "join" => [0] })["status"]).to eq(422)
  end

  it "lists what is cut, and how it lies on sheets" do
    told = ask("/api/builds/#{id}/templates")
    expect(told["pieces"].map { |piece| piece["name"] }).to include("lift", "cut")
    expect(told["edge_skin"]["length_mm"]).to eq(320)
    expect(told["materials"].map { |line| line["material"] }).to include("mdf", "cork_sheet")
  end

  it "stacks sheets to a height" do
    expect(ask("/api/sheets", material: "cork_tile", height: 23)["nearest"]["height_mm"]).to eq(23)
    expect(ask("/api/sheets", material: "wall_filler", height: 23)["nearest"]).to be_nil
    expect(ask("/api/sheets", material: "cheese", height: 23)["status"]).to eq(422)
  end

  it "slices a mound by a change that undo takes back" do
    hill = create(plain_file(forms: [form("mound", "hill", round(40), crown_mm: 12, material: "cork_tile")]))
    sliced = post_json("/api/builds/#{hill["id"]}/slices", { form: 0, sheet_mm: 4 })
    expect(sliced["slices"]).to eq(3)
    changed = change(hill, *sliced["patch"])
    expect(changed["file"]["forms"].map { |one| one["id"] }).to eq(%w[hill-1 hill-2 hill-3])
    expect(post_json("/api/builds/#{id}/slices", { form: 0, sheet_mm: 4 })["status"]).to eq(422)
  end

  it "lays a height map as sheets, and says what is wrong with one" do
    map = ["ncols 3\nnrows 2\n0 5 9\n0 4 8\n"].pack("m0")
    asked = { data: map, height_mm: 12, sheet_mm: 4, material: "cork_tile" }
    laid = post_json("/api/builds/#{id}/height-map", asked)
    expect(change(build, *laid["patch"])["file"]["forms"].size).to eq(2 + laid["slices"])
    expect(post_json("/api/builds/#{id}/height-map",
      asked.merge(data: "???"))["problems"].first["message"]).to include("base64")
    expect(post_json("/api/builds/#{id}/height-map",
      asked.merge(data: ["hello"].pack("m0")))["problems"].first["message"]).to include("neither a grey PNG")
  end

  it "exports templates and the solid" do
    { "pdf" => "%PDF", "dxf" => "0\nSECTION", "cut-svg" => "<svg",
      "stl" => "Green Plinth, mm" }.each do |format, start|
      get("/api/builds/#{id}/export.#{format}")
      expect(last_response.body).to start_with(start)
    end
    get("/api/builds/#{id}/export.pdf", { page: "letter" })
    expect(last_response).to be_ok
    get("/api/builds/#{id}/export.pdf", { page: "parchment" })
    expect(last_response.status).to eq(422)
  end
end

RSpec.describe "A build as it stands at a moment", type: :request do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  it "is drawn with its ground as it is then, each part by its pointer in the whole build" do
    file = plain_file(forms: [lift(3, rectangle(90, 50), id: "floor"), lift(4, rectangle(40, 30), id: "shelf")],
      zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"))],
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "22:00" }] },
      order: [{ first: "shelf", then: "floor" }])
    build = create(file)
    starts = build["evaluation"]["schedule"]["steps"].to_h { |step| [step["id"], step["start"]] }
    standing = lambda do |at|
      get("/api/builds/#{build["id"]}/standing?at=#{at}&sections=-50,0,50,0")
      answer
    end
    nothing = standing["2027-03-01T09:00"]
    expect(nothing["drawing"]["forms"]).to be_empty
    first = starts.min_by { |id, at| id.end_with?("/stack") ? at : "9" }
    alone = standing[first.last]
    expect(alone["drawing"]["forms"].map { |form| form["pointer"] }).to eq([first.first.start_with?("floor") ? "/forms/0" : "/forms/1"])
    highest = ->(told) { told["sections"].first["strata"].flat_map { |one| one["runs"].flatten(1).map(&:last) }.max }
    expect(highest[nothing]).to be < highest[alone]
    expect(highest[standing["2030-01-01T00:00"]]).to be_within(0.01).of(build.dig("evaluation", "relief", "max_height_mm"))
  end
end
