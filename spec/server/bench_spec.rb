# frozen_string_literal: true

RSpec.describe "What now, over HTTP" do
  include Api

  let(:file) { plain_file(title: "Bog", zones: [zone(course("earth_paste", thickness_mm: 3))]) }

  def now(**params)
    get("/api/now", params)
    answer
  end

  before { ServerSpec.store.all.each { |build| ServerSpec.store.delete(build.id) } }

  it "has nothing to say of an empty shelf" do
    expect(now(at: "2027-03-01T09:00")).to include("doable" => [], "wet" => [], "undated" => [], "next_at" => nil)
  end

  it "tells work and wet parts by build" do
    id = create(file)["id"]
    told = now(at: "2027-03-01T09:00")
    expect(told["doable"].first).to include("build" => id, "build_title" => "Bog", "planned" => "2027-03-01T09:00")
    paste = create(file)["evaluation"]["schedule"]["timeline"].find { |part| part["where"] == "/zones/0/courses/0" }
    expect(now(at: paste["laid"])["wet"]).to include("build" => id, "build_title" => "Bog", "name" => "ground",
      "until" => paste["wet"].first.last)
  end

  it "gives the cautions with the work" do
    told = create(pool_file(level: 8, medium: "two_part_resin"))["evaluation"]
    pour = told["steps"].find { |step| step["title"].include?("pour") }
    planned = told["schedule"]["steps"].find { |step| step["id"] == pour["id"] }["start"]
    work = now(at: planned)["doable"].find { |one| one["step"] == pour["id"] }
    expect(work["cautions"]).to eq(pour["cautions"])
    expect(work["cautions"]).to include(/gloves/)
  end

  it "leaves out what is ready, and names what has no dates" do
    create(file)
    create(plain_file(title: "Mural", tasks: [{ id: "mural", title: "Paint the mural", hands_on_min: 500 }],
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }))
    told = now(at: "2029-01-01T00:00")
    expect(told["doable"]).to be_empty
    expect(told["undated"]).to match([include("build_title" => "Mural", "detail" => /8 h 20 min/)])
  end

  it "is about this minute where none is named" do
    expect(now["at"]).to match(/\A\d{4}-\d\d-\d\dT\d\d:\d\d\z/)
  end

  it "says what a moment looks like" do
    ["x", "2027-02-30T10:00", "2027-03-01", "½", "9" * 300, "2027-03-01T9:00"].each do |junk|
      told = now(at: junk)
      expect(told["status"]).to eq(422), junk
      expect(told["problems"].first["pointer"]).to eq("/at")
    end
  end
end
