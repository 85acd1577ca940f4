# frozen_string_literal: true

RSpec.describe "Changes over HTTP" do
  include Api

  before { ServerSpec.clear }

  let(:build) { create(plain_file(forms: [lift(3, round(40))])) }

  def thicker(build, mm, **more) = change(build, { op: "replace", path: "/forms/0/sheet_mm", value: mm }, **more)
  def sheet(build) = build["file"]["forms"][0]["sheet_mm"]
  def move(build, direction) = post_json("/api/builds/#{build["id"]}/#{direction}", { version: build["version"] })

  it "takes a patch, keeps it and answers with all that follows" do
    changed = thicker(build, 6, label: "Thicken the lift")
    expect(changed).to include("version" => 2, "undo" => "Thicken the lift", "redo" => nil)
    expect(changed["evaluation"]["relief"]["max_height_mm"]).to eq(6)
    expect(read(build).except("told")).to eq(changed.except("told"))
  end

  it "undoes and redoes without limit, and through a new reader" do
    latest = (4..23).reduce(build) { |so_far, mm| thicker(so_far, mm) }
    back = 20.times.reduce(latest) { |so_far, _| move(so_far, "undo") }
    expect(sheet(back)).to eq(3)
    expect(back["undo"]).to be_nil
    expect(read(build)["redo"]).to eq("Change")
    forth = 20.times.reduce(back) { |so_far, _| move(so_far, "redo") }
    expect(sheet(forth)).to eq(23)
    expect(forth["redo"]).to be_nil
  end

  it "has nothing to undo at the beginning, nor to redo at the end" do
    %w[undo redo].each do |direction|
      move(build, direction)
      expect(last_response.status).to eq(409)
      expect(JSON.parse(last_response.body)["title"]).to match(/Nothing to #{direction}/)
    end
  end

  it "begins a new branch after an undo; the newest is what redo takes" do
    undone = move(thicker(build, 5), "undo")
    branch = thicker(undone, 7)
    expect(branch["redo"]).to be_nil
    expect(sheet(move(move(branch, "undo"), "redo"))).to eq(7)
  end

  it "gives the version back to the file as it was, to the last member" do
    original = create(sample("peat-bank"))
    changed = change(original, { op: "remove", path: "/waters/0" }, { op: "add", path: "/plinth/lip_mm", value: 3 })
    expect(move(changed, "undo")["file"]).to eq(sample("peat-bank"))
  end

  describe "stale writes" do
    it "are answered with both sides, never taken" do
      thicker(build, 5)
      problem = thicker(build, 9, version: 1)
      expect(last_response.status).to eq(409)
      expect(problem["title"]).to eq("Changed elsewhere")
      expect(sheet(problem["current"])).to eq(5)
      expect(sheet(read(build))).to eq(5)
    end

    it "holds for undo and redo too" do
      thicker(build, 5)
      problem = move(build, "undo")
      expect(last_response.status).to eq(409)
      expect(problem["current"]["version"]).to eq(2)
    end

    it "lets one of two that race win" do
      id = build["id"]
      store = ServerSpec.store
      results = Array.new(4) do |i|
        Thread.new do
          store.change(id, 1, plain_file(title: "Racer #{i}"), label: "Race", patch: [], summary: {})
          :won
        rescue GreenPlinth::Server::Store::Stale
          :stale
        end
      end.map(&:value)
      expect(results.tally).to eq({ won: 1, stale: 3 })
      expect(store.find(id).version).to eq(2)
    end
  end

  describe "what cannot be taken" do
    it "leaves the build as it was and says where it is wrong" do
      problem = change(build, { op: "replace", path: "/forms/0/sheet_mm", value: -2 })
      expect(last_response.status).to eq(422)
      expect(problem["problems"]).to eq([{ "pointer" => "/forms/0/sheet_mm",
                                           "message" => "must be 0.05 or more; it is -2" }])
      expect(read(build)["version"]).to eq(1)
    end

    it "names the operation that does not fit" do
      expect(change(build, { op: "remove", path: "/zones/4" })["problems"].first["pointer"]).to eq("/patch/0")
    end

    [
      [{}, "an empty body"],
      [{ version: "1", label: "x", patch: [{ op: "add", path: "/title", value: "y" }] }, "a version that is text"],
      [{ version: 1, label: "", patch: [{ op: "add", path: "/title", value: "y" }] }, "an empty label"],
      [{ version: 1, label: "x", patch: [] }, "an empty patch"],
      [{ version: 1, label: "x", patch: [{ op: "explode", path: "/title" }] }, "an unknown operation"],
      [{ version: 1, label: "x", patch: [{ op: "add", path: "/title" }] }, "an operation without its value"],
      [{ version: 1, label: "x", patch: [{ op: "add", path: "/title", value: "y" }], sections: [[1, 2]] },
        "half a section"],
      [{ version: 1, label: "x", patch: [{ op: "add", path: "/title", value: "y" }], extra: 1 }, "a member too many"],
    ].each do |body, what|
      it "refuses #{what}" do
        patch_json("/api/builds/#{build["id"]}", body)
        expect(last_response.status).to eq(422)
      end
    end
  end

  it "takes a snag's fix as it is" do
    skiff = create(sample("estuary-skiff"))
    snag = skiff["evaluation"]["snags"].find { |one| one["code"] == "water/dam" }
    fixed = change(skiff, *snag["fixes"].first["patch"])
    expect(fixed["evaluation"]["snags"].map { |one| one["code"] }).not_to include("water/dam")
  end

  it "answers no change with a 500, whatever a client sends" do
    values = [nil, -1, 1e9, "x", [], {}, "rest", true, 2**70, "\u0000", [[0, 0]] * 3]
    peat = create(sample("peat-bank"))
    places = Mutation.places_in(peat["file"])
    PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(0..10_000),
      PropCheck::Generators.choose(0..100))).with_config(n_runs: 60).check do |where, what|
      holder, key = places[where % places.size]
      pointer = pointer_to(peat["file"], holder, key)
      patch_json("/api/builds/#{peat["id"]}",
        { version: read(peat)["version"], label: "Try",
          patch: [{ op: "replace", path: pointer, value: values[what % values.size] }] })
      expect([200, 422]).to include(last_response.status)
    end
  end

  def pointer_to(data, holder, key, path = "")
    return "#{path}/#{key}" if data.equal?(holder)

    pairs = data.is_a?(Hash) ? data.to_a : data.is_a?(Array) ? data.each_with_index.map do |value, index|
      [index, value]
    end : []
    pairs.each { |name, inner| (found = pointer_to(inner, holder, key, "#{path}/#{name}")) and return found }
    nil
  end
end
