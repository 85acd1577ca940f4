# frozen_string_literal: true

RSpec.describe "What is composed by itself within a build, by the API" do
  include Api

  let(:file) do
    plain_file(copies: 5, purpose: "unit_base", plinth: { outline: round(40), thickness_mm: 5, material: "mdf" },
      zones: [zone(course("earth_paste", thickness_mm: 1))], subjects: [figure(round(10), id: "man", height_mm: 30)],
      variants: [{ "id" => "leader", "name" => "leader", "count" => 2, "changed" => { "man" => { "height_mm" => 36 } },
                   "with" => { "forms" => [lift(4, round(20), id: "rock")] } }],
      bodies: [{ "id" => "isle", "name" => "isle", "plinth" => { "outline" => round(30), "thickness_mm" => 8, "material" => "mdf" },
                 "zones" => [zone(course("sand_paste", thickness_mm: 3), id: "beach")], "place" => { "at_mm" => [60, 0] } }])
  end
  let(:build) { create(file) }
  let(:id) { build["id"] }

  it "is told with the build: which bases, and where a body is" do
    leader, isle = build["within"]
    expect(leader.values_at("id", "pointer", "name", "bases", "place")).to eq(["leader", "/variants/0", "leader", [1, 2], nil])
    expect(isle["bases"]).to be_nil
    # On one table: the base's top face lies 5 mm over it, the body's 8.
    expect(isle["place"]).to include("how" => "beside", "at_mm" => [60, 0], "lift_mm" => 3, "carried" => false)
    expect(isle["drawing"]["zones"].map { |zone| zone["pointer"] }).to eq(["/zones/0"])
    expect(leader["evaluation"]["relief"]["max_height_mm"]).to be_within(0.01).of(5)
  end

  it "is nothing for a build of one base" do
    expect(create(plain_file)["within"]).to eq([])
  end

  it "is tried, seen, and asked of by itself" do
    patch = [{ op: "add", path: "/variants/0/changed/man/at_mm", value: [30, 0] }]
    fits = ["", "?of=leader", "?of=nobody"].map { |query| post_json("/api/builds/#{id}/fit#{query}", { patch: patch })["snags"] }
    off = fits.map { |snags| snags.count { |snag| snag["code"] == "fit/off_plinth" } }
    expect(off).to eq([0, 1, 0])
    heights = [{}, { of: "leader" }, { of: "isle" }].map do |query|
      get("/api/builds/#{id}/relief", query)
      answer["highest_mm"]
    end
    expect(heights).to eq([1, 5, 3])
  end

  it "is looked at and turned by itself" do
    views = [{ of: "leader" }, {}].map do |query|
      get("/api/builds/#{id}/sight", query)
      answer.except("told")
    end
    expect(views.first).not_to eq(views.last)
    disc = [-15, -15, -8, 15, 15, 3].map { |mm| be_within(0.05).of(mm) }
    get("/api/builds/#{id}/solid", { of: "isle" })
    expect(answer["bounds_mm"]).to match(disc)
    get("/api/builds/#{id}/solid")
    whole = answer
    expect(whole["within"].map { |one| one.values_at("pointer", "at_mm", "turn_deg") }).to eq([["/bodies/0", [60, 0, 3], 0]])
    expect(whole["within"][0]["solid"]["bounds_mm"]).to match(disc)
  end

  it "lets water run on its own ground" do
    get("/api/builds/#{id}/drainage", { x: "12", y: "0", of: "isle" })
    expect(answer["points"].first[0]).to be_within(0.5).of(12)
    get("/api/builds/#{id}/drainage", { x: "18", y: "0", of: "isle" })
    expect(answer["problems"].first["message"]).to include("off the base")
  end

  it "is told by what is different after an edit of it" do
    patch = { op: "replace", path: "/bodies/0/zones/0/courses/0/thickness_mm", value: 2 }
    told = patch_json("/api/builds/#{id}", { version: build["version"], label: "Thinner", patch: [patch], since: build["told"] })
    expect(told).to be_an(Array)
    paths = told.map { |op| op["path"] }
    expect(paths).to include(start_with("/within/1/"))
    expect(paths.grep(%r{\A/within/0/drawing})).to be_empty
  end

  it "is refused where it is no right base, and nothing is changed" do
    wrong = change(build, { op: "add", path: "/bodies/0/zones/0/outline", value: polygon([0, 0], [9, 9], [9, 0], [0, 9]) })
    expect(wrong["status"]).to eq(422)
    expect(wrong["problems"].first["pointer"]).to eq("/bodies/0/zones/0/outline")
    more = change(build, { op: "replace", path: "/variants/0/count", value: 6 })
    expect(more["problems"].first["message"]).to include("6 copies together, and the build has 5")
    expect(read(build)["version"]).to eq(build["version"])
  end

  it "is undone and redone with the whole" do
    changed = change(build, { op: "remove", path: "/bodies/0" })
    expect(changed["within"].map { |one| one["id"] }).to eq(["leader"])
    back = post_json("/api/builds/#{id}/undo", { version: changed["version"] })
    expect(back["within"].map { |one| one["id"] }).to eq(%w[leader isle])
  end

  it "is in the steps and the shopping of the whole" do
    steps = build["evaluation"]["steps"].map { |step| step["id"] }
    expect(steps).to include("isle/beach/1-sand_paste", "rock/stack@leader")
    expect(build["evaluation"]["quantities"].map { |line| line["material"] }).to include("sand_paste", "cork_sheet")
  end

  it "is done at the bench base by base" do
    rock = build["evaluation"]["steps"].find { |step| step["id"] == "rock/stack@leader" }
    expect(rock["copies"]).to eq([1, 2])
    told = post_json("/api/builds/#{id}/events", { events: [event("laid", step: rock["id"])] })
    expect(told).not_to include("status")
    done = read(build)["evaluation"]["schedule"]["steps"].select { |step| step["done"] }.map { |step| step["id"] }
    expect(done).to eq(["rock/stack@leader"])
  end
end
