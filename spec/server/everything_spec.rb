# frozen_string_literal: true

require "zip"

RSpec.describe "Everything in one file" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def export = get("/api/everything").then { last_response.body }

  def import(bytes)
    custom_request("POST", "/api/everything", {}, { :input => bytes, "CONTENT_TYPE" => "application/zip", "HTTP_X_CSRF_TOKEN" => token })
    answer
  end

  def zip(files)
    Zip::OutputStream.write_buffer { |out| files.each { |name, text| out.put_next_entry(name) && out.write(text) } }.string
  end

  def shelf = get("/api/builds").then { answer["builds"] }.map { |build| build["title"] }

  it "goes out and comes in elsewhere as it was" do
    own = catalogue["mud_paste"].to_h.except("key").merge("name" => "bog paste")
    send_json("PUT", "/api/catalogue/materials/bog_paste", own)
    file = plain_file(title: "Bog", zones: [zone(course("bog_paste", thickness_mm: 2))])
    step = create(file)["evaluation"]["steps"].find { |one| one["material"] == "bog_paste" }
    record({ "id" => ServerSpec.store.all.first.id }, event("seen_dry", step: step["id"], data: { observed_min: 6000 }),
      event("laid", step: "plinth/prepare"))
    bytes = export
    ServerSpec.clear
    expect(import(bytes)).to match("builds" => [be_positive], "entries" => ["bog_paste"], "notes" => 0, "left" => [])
    brought = ServerSpec.store.find(ServerSpec.store.all.first.id)
    expect(brought.file).to include(JSON.parse(JSON.generate(file)).except("zones"))
    expect(brought.progress["done"].first).to include("step" => "plinth/prepare", "finished" => "2027-03-01T19:30")
    expect(get("/api/dryings").then { answer }).to match([a_hash_including("material" => "bog_paste", "observed_min" => 6000.0)])
    expect(import(bytes)).to include("entries" => [], "notes" => 0)
    expect(shelf).to eq(%w[Bog Bog])
  end

  it "takes what can be taken, and says what cannot and why" do
    files = { "builds/1.json" => JSON.generate(plain_file(title: "Good")), "builds/2.json" => "{}", "../../etc/x.json" => "{}",
              "dryings.json" => JSON.generate([{ material: "moon" }]), "catalogue.json" => "[]" }
    taken = import(zip(files))
    expect(taken["builds"].size).to eq(1)
    expect(taken["left"].map { |one| one["file"] }).to contain_exactly("builds/2.json", "dryings.json", "catalogue.json")
    expect(shelf).to eq(["Good"])
  end

  it "refuses what is no zip, and one that unpacks to too much" do
    import("hello")
    expect(last_response.status).to eq(422)
    stub_const("GreenPlinth::Server::Everything::MOST_BYTES", 1000)
    expect(import(zip("builds/1.json" => "x" * 2000))["detail"]).to match(/unpacked/)
    stub_const("GreenPlinth::Server::Everything::MOST_FILES", 1)
    expect(import(zip("a" => "", "b" => ""))["detail"]).to match(/more than 1 files/)
    post_json("/api/everything", {})
    expect(last_response.status).to eq(415)
  end
end
