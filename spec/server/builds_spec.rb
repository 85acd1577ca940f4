# frozen_string_literal: true

RSpec.describe "Builds over HTTP" do
  include Api

  before { ServerSpec.clear }

  it "takes a plinth file and gives it back whole" do
    file = sample("peat-bank")
    build = create(file)
    expect(last_response.status).to eq(201)
    expect(last_response["Location"]).to eq("/api/builds/#{build["id"]}")
    expect(read(build)["file"]).to eq(file)
    get("/api/builds/#{build["id"]}/export.json")
    expect(JSON.parse(last_response.body)).to eq(file)
  end

  it "answers with everything the screen wants, each part as described" do
    sample_names.each do |name|
      build = create(sample(name))
      expect(build["evaluation"]["title"]).to eq(sample(name)["title"])
      expect(build["drawing"]["foot"]).not_to be_empty
      expect(build["sections"][0]["strata"]).not_to be_empty
    end
  end

  it "refuses a bad file whole, each problem with its pointer" do
    problem = create(plain_file(zones: [zone(course("cheese"))]).merge("scale" => 35))
    expect(last_response.status).to eq(422)
    expect(problem["problems"]).to eq([{ "pointer" => "/zones/0/courses/0/material",
                                         "message" => "cheese is not in the catalogue" }])
    expect(ServerSpec.store.all).to be_empty
  end

  it "refuses 5 MB with a sentence, not a hang" do
    problem = post_json("/api/builds", "{\"title\":\"#{"x" * 5_000_000}\"}")
    expect(last_response.status).to eq(413)
    expect(problem["detail"]).to match(/5\.0 MB.*2 MB at the most/)
  end

  it "refuses what is no JSON" do
    post_json("/api/builds", "{")
    expect(last_response.status).to eq(422)
    post_json("/api/builds", "title=x", "CONTENT_TYPE" => "text/plain")
    expect(last_response.status).to eq(415)
  end

  it "cuts the section where it is asked to" do
    build = create(sample("peat-bank"))
    get("/api/builds/#{build["id"]}?sections=-10,-40,-10,40;0,-5,9,-5")
    expect(answer["sections"].map { |section| section["length_mm"] }).to eq([80.0, 9.0])
    expect(answer["sections"][0]).to include("from" => [-10.0, -40.0], "to" => [-10.0, 40.0])
    get("/api/builds/#{build["id"]}?sections=here,and,there")
    expect(answer["problems"].first["pointer"]).to eq("/sections")
  end

  it "has nothing where nothing is" do
    ["/api/builds/999999", "/api/builds/abc", "/api/builds/0", "/api/builds/99999999999999999999"].each do |path|
      get(path)
      expect(last_response.status).to eq(404), path
      answer
    end
  end

  describe "a deleted build" do
    let(:build) { create }

    before do
      change(build, { op: "replace", path: "/title", value: "Other" })
      throw_away
    end

    def throw_away = delete("/api/builds/#{build["id"]}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    def deleted = get("/api/deleted-builds").then { answer }

    it "is off the shelf, and cannot be read or deleted again" do
      expect(last_response.status).to eq(204)
      expect(get("/api/builds").then { answer["builds"] }).to be_empty
      read(build)
      expect(last_response.status).to eq(404)
      throw_away
      expect(last_response.status).to eq(404)
    end

    it "comes back as it was, with its history" do
      expect(deleted).to match([a_hash_including("id" => build["id"], "title" => "Other")])
      post_json("/api/deleted-builds/#{build["id"]}", {})
      expect(read(build)).to include("undo" => "Change", "file" => a_hash_including("title" => "Other"))
      expect(deleted).to be_empty
      post_json("/api/deleted-builds/#{build["id"]}", {})
      expect(last_response.status).to eq(404)
    end

    it "goes for good after 30 days" do
      days_ago = ->(days) { ServerSpec.database[:builds].update(deleted_at: Time.now - (days * 86_400)) }
      days_ago[29]
      ServerSpec.store.delete(create["id"])
      expect(deleted.size).to eq(2)
      days_ago[31]
      ServerSpec.store.delete(create["id"])
      expect(deleted.size).to eq(1)
    end
  end

  describe "the shelf" do
    def shelf = get("/api/builds").then { answer["builds"] }

    it "tells what is next, what is wet and what is late, newest change first" do
      create(plain_file(title: "Dry one"))
      paste = plain_file(title: "Wet one", zones: [zone(course("earth_paste"), course("acrylic_paint"))],
        calendar: { start: "2027-03-01T09:00", finish_by: "2027-03-01T18:00" })
      create(paste)
      first = shelf.first
      expect(first).to include("title" => "Wet one", "late_min" => be > 0, "stops" => 1)
      expect(first["wet"].map { |step| step["title"] }).to include(/earth texture paste/)
      expect(first["next"]["start"]).to be >= "2027-03-01T12:00"
      expect(shelf.map { |build| build["title"] }).to eq(["Wet one", "Dry one"])
    end

    it "has a drawing of each" do
      create(sample("estuary-skiff"))
      expect(shelf.first["drawing"]["waters"].first["dams"]).not_to be_empty
    end

    it "shows a build for which no date can be given" do
      create(plain_file(tasks: [{ id: "mural", title: "Mural", hands_on_min: 500 }],
        calendar: { weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }))
      expect(shelf.first).to include("ready_at" => nil, "next" => nil, "stops" => 1)
    end
  end

  describe "the samples" do
    it "come back as they ship, and leave the maker's own alone" do
      own = create(plain_file(title: "My own"))
      post_json("/api/samples", {})
      sampled = answer["builds"].select { |build| build["sample"] }
      expect(sampled.size).to eq(sample_names.size)
      skiff = read(sampled.find { |build| build["title"] == "Skiff on the ebb" })
      change(skiff, { op: "replace", path: "/title", value: "Sunk" })
      back = post_json("/api/samples", {})
      expect(back["kept"]).to eq(["Sunk, as I changed it"])
      titles = back["builds"].map { |build| build["title"] }
      expect(titles).to contain_exactly("My own", "Sunk, as I changed it", *sample_titles)
      expect(read(own)["version"]).to eq(1)
      expect(read(skiff)).to include("sample" => false, "undo" => "Keep under another name")
      expect(post_json("/api/samples", {})["kept"]).to be_empty
    end

    it "come back after they were deleted, and the deleted ones can come back, too" do
      first = post_json("/api/samples", {})["builds"].first
      delete("/api/builds/#{first["id"]}", {}, { "HTTP_X_CSRF_TOKEN" => token })
      expect(post_json("/api/samples", {})["builds"].map { |build| build["title"] }).to match_array(sample_titles)
      post_json("/api/deleted-builds/#{first["id"]}", {})
      expect(read(first)).to include("sample" => false)
    end

    def sample_titles = sample_names.map { |name| sample(name)["title"] }

    it "are of different kinds, one late, which stops it" do
      builds = post_json("/api/samples", {})["builds"]
      expect(builds.map do |build|
        build["purpose"]
      end).to contain_exactly("vignette", "gaming_base", "unit_base", "unit_base", "sea_base", "sea_base", "photo_set", "photo_set",
        "floating_display", "vignette", "diorama")
      expect(builds.count { |build| (build["late_min"] || 0).positive? }).to eq(1)
      stopped = builds.select { |build| build["stops"].positive? }
      expect(stopped.map { |build| build.values_at("title", "stops") }).to contain_exactly([a_string_starting_with("Lineside lane"), 1])
    end
  end

  it "offers the catalogue" do
    get("/api/catalogue")
    made = answer
    expect(made["materials"].size).to eq(catalogue.materials.size)
    expect(made["plinths"].map { |plinth| plinth["label"] }).to include("120 × 90 mm oval")
  end

  describe "exports" do
    let(:build) { create(sample("peat-bank")) }

    { "ics" => ["text/calendar", /\ABEGIN:VCALENDAR/], "csv" => ["text/csv", /\AMaterial/],
      "svg" => ["image/svg+xml", /\A<svg/] }.each do |format, (type, text)|
      it "as #{format}, to be saved under its title" do
        get("/api/builds/#{build["id"]}/export.#{format}")
        expect(last_response.media_type).to eq(type)
        expect(last_response.body).to match(text)
        expect(last_response["Content-Disposition"]).to eq("attachment; filename=\"peat-bank-at-corrie-moss.#{format}\"")
      end
    end

    it "knows no other" do
      get("/api/builds/#{build["id"]}/export.exe")
      expect(last_response.status).to eq(404)
    end

    it "says why there is no calendar where there is no schedule" do
      stuck = create(plain_file(tasks: [{ id: "mural", title: "Mural", hands_on_min: 500 }],
        calendar: { weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }))
      get("/api/builds/#{stuck["id"]}/export.ics")
      expect(last_response.status).to eq(422)
      expect(JSON.parse(last_response.body)["detail"]).to match(/mural/)
    end
  end

  describe "outlines from drawings" do
    it "come as points in mm" do
      points = post_json("/api/outlines",
        { svg: '<svg viewBox="0 0 100 50" width="100mm"><rect width="100" height="50"/></svg>' })["points_mm"]
      expect(points).to eq([[-50.0, 25.0], [50.0, 25.0], [50.0, -25.0], [-50.0, -25.0]])
    end

    it "are refused with a reason" do
      problem = post_json("/api/outlines", { svg: "<svg/>" })
      expect(last_response.status).to eq(422)
      expect(problem["detail"]).to match(/no closed shape/)
    end
  end
end
