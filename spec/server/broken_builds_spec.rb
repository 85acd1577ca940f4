# frozen_string_literal: true

# Builds that were good when they were kept and are not now: after an update, or where something was taken away beneath them.
RSpec.describe "A build that is to be mended" do
  include Api

  before { ServerSpec.clear }

  let(:build) { create(plain_file(title: "Mire", zones: [zone(course("earth_paste", thickness_mm: 2))])) }
  let(:where) { ServerSpec.database[:builds].where(id: build["id"]) }

  def spoil(**members)
    file = build["file"].merge(members.transform_keys(&:to_s))
    where.update(file: Sequel.pg_jsonb_wrap(file), told_by: "the program before")
  end

  def path(rest = "") = "/api/builds/#{build["id"]}#{rest}"

  it "is told with its file and what is wrong with it" do
    spoil(scale: -1)
    problem = read(build)
    expect(last_response.status).to eq(422)
    expect(problem).to include("title" => "To be mended", "problems" => [{ "pointer" => "/scale", "message" => /more than 0/ }])
    expect(problem["broken"]).to include("id" => build["id"], "version" => 1, "file" => a_hash_including("scale" => -1))
  end

  it "is mended by an edit, and by nothing less" do
    spoil(scale: -1)
    change(build, { op: "replace", path: "/title", value: "Still wrong" })
    expect(last_response.status).to eq(422)
    expect(change(build, { op: "replace", path: "/scale", value: 35 })).to include("version" => 2, "file" => build["file"])
  end

  it "exports as it is" do
    spoil(scale: -1)
    get(path("/export.json"))
    expect(JSON.parse(last_response.body)).to include("scale" => -1, "title" => "Mire")
    get(path("/export.pdf"))
    expect(last_response.status).to eq(422)
  end

  it "never hides the others: the shelf, what now and the weeks say what is with it" do
    create(plain_file(title: "Fine", tasks: [{ id: "t", title: "Plinth", hands_on_min: 5 }]))
    spoil(scale: -1)
    expect(get("/api/builds").then { answer["builds"] }.map { |one| one["title"] }).to contain_exactly("Mire", "Fine")
    %w[/api/now /api/weeks].each do |page|
      expect(get(page).then { answer }["undated"]).to match([a_hash_including("build_title" => "Mire", "detail" => /mended first/)])
    end
  end

  it "may be where undo leads, over a material that was taken away" do
    own = catalogue.materials.fetch("earth_paste").to_h.except("key").merge("name" => "clay paste")
    send_json("PUT", "/api/catalogue/materials/clay_paste", own)
    clay = create(plain_file(zones: [zone(course("clay_paste", thickness_mm: 2))]))
    bare = change(clay, { op: "remove", path: "/zones/0" })
    delete("/api/catalogue/materials/clay_paste", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(last_response.status).to eq(204)
    problem = post_json("/api/builds/#{clay["id"]}/undo", { version: bare["version"] })
    expect(problem["problems"].first).to include("pointer" => "/zones/0/courses/0/material")
    expect(problem["broken"]).to include("version" => 3, "redo" => "Change")
    expect(get("/api/builds").then { answer["builds"] }.first).to include("broken" => true)
    post_json("/api/builds/#{clay["id"]}/redo", { version: 3 })
    expect(last_response.status).to eq(200)
    expect(get("/api/builds").then { answer["builds"] }.first).not_to include("broken")
  end

  it "is one over which the program itself breaks down: the edit is kept, and can be undone" do
    allow(GreenPlinth::Relief::Terrain).to receive(:new).and_raise(NoMethodError, "a mistake of ours")
    GreenPlinth::Failures.handled_by(->(*) {}) do
      other = nil
      odd = plain_file(title: "Odd", zones: [zone(course("earth_paste", thickness_mm: 7))])
      expect { other = create(odd) }.to output(/a mistake of ours/).to_stderr
      expect(last_response.status).to eq(422)
      expect(other["broken"]["file"]).to include("title" => "Odd")
    end
    expect(ServerSpec.store.all.first.summary).to include("title" => "Odd", "broken" => true)
  end
end
