# frozen_string_literal: true

require "socket"
require "tmpdir"

RSpec.describe "The stores over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  let(:paste) { { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "full" => 1, "open" => 60, "opened_on" => "2027-02-01" } }
  let(:file) { plain_file(title: "Bank", zones: [zone(course("earth_paste", id: "bed", thickness_mm: 2))]) }

  def stores = get("/api/stores").then { answer }
  def send_text(type, text)
    custom_request("POST", "/api/stores-file", {}, { :input => text, "CONTENT_TYPE" => type, "HTTP_X_CSRF_TOKEN" => token })
    answer
  end

  it "keeps jars, says how full they are and what is to be said of them, and takes them away" do
    jar = post_json("/api/stores", paste)
    expect(jar).to include("left" => 260.0, "level" => 0.3, "remarks" => [])
    changed = send_json("PUT", "/api/stores/#{jar["id"]}", paste.merge("full" => 0, "open" => 10))
    expect(changed["remarks"].map { |one| one["code"] }).to eq(["low"])
    expect(stores["jars"]).to eq([changed])
    custom_request("DELETE", "/api/stores/#{jar["id"]}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(stores["jars"]).to be_empty
    custom_request("DELETE", "/api/stores/#{jar["id"]}", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(answer["status"]).to eq(404)
  end

  it "refuses a jar of nothing known, and one fuller than it can be" do
    expect(post_json("/api/stores", paste.merge("material" => "moon_dust"))["problems"].first["pointer"]).to eq("/jars/0/material")
    expect(post_json("/api/stores", paste.merge("open" => 300))["status"]).to eq(422)
    expect(post_json("/api/stores", paste.merge("unit" => "barrel"))["status"]).to eq(422)
    expect(stores["jars"]).to be_empty
  end

  it "goes out and comes in as a table and as a file, all of it or none" do
    post_json("/api/stores", paste)
    kept = %w[csv json].to_h { |ending| get("/api/stores-file.#{ending}").then { [ending, last_response.body] } }
    ServerSpec.clear
    expect(send_text("text/csv", kept["csv"])).to eq("added" => 1)
    expect(send_text("application/json", kept["json"])).to eq("added" => 1)
    expect(stores["jars"].map { |jar| jar["jar"] }).to eq([paste, paste])
    told = send_text("text/csv", "material,pack,unit\nearth_paste,200,ml\nsoup,1,ml\n")
    expect(told["problems"].map { |one| one["pointer"] }).to eq(["/row/3/material"])
    expect(stores["jars"].size).to eq(2)
    expect(send_text("text/plain", "x")["status"]).to eq(415)
  end

  it "takes up what was bought for a build, so that nothing is missing any more" do
    build = create(file)
    missing = -> { get("/api/builds/#{build["id"]}/provision").then { answer["lines"].sum { |line| line["to_buy"] || 0 } } }
    expect(missing.call).to be_positive
    post_json("/api/builds/#{build["id"]}/bought", {})
    expect(missing.call).to eq(0)
    post_json("/api/builds/#{build["id"]}/bought", { "lines" => [paste.slice("material", "unit").merge("pack" => 200, "packs" => 2)] })
    expect(stores["jars"].find { |jar| jar["jar"]["material"] == "earth_paste" }["jar"]["full"]).to eq(3)
  end

  it "keeps what was paid for a jar when more is bought at a price that nobody told" do
    jar = post_json("/api/stores", { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "price_minor" => 777 })
    build = create(file)
    post_json("/api/builds/#{build["id"]}/bought", {})
    now = stores["jars"].find { |one| one["id"] == jar["id"] }["jar"]
    expect(now).to include("full" => 1, "price_minor" => 777, "bought_on" => "2027-03-01")
    line = { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "packs" => 1 }
    post_json("/api/builds/#{build["id"]}/bought", { "lines" => [line, line.merge("price_minor" => 900)] })
    expect(stores["jars"].find { |one| one["id"] == jar["id"] }["jar"]).to include("full" => 3, "price_minor" => 900)
    expect(stores["jars"].map { |one| one["jar"]["material"] }.tally["earth_paste"]).to eq(1)
  end

  it "says at which step of which build it runs out" do
    post_json("/api/stores", paste.merge("full" => 0, "open" => 20))
    create(file)
    create(file.merge("title" => "Second bank"))
    get("/api/reservations")
    thing = answer["things"].find { |one| one["material"] == "earth_paste" }
    expect(thing["taken"].size).to eq(2)
    expect(thing["runs_out"]).to include("step" => "bed")
    expect(thing["missing"]).to be_within(0.1).of(13)
  end

  it "goes along in an export of everything, once" do
    post_json("/api/stores", paste)
    get("/api/everything")
    zip = last_response.body
    sent = { :input => zip, "CONTENT_TYPE" => "application/zip", "HTTP_X_CSRF_TOKEN" => token }
    2.times { custom_request("POST", "/api/everything", {}, sent) }
    expect(stores["jars"].size).to eq(1)
    ServerSpec.clear
    custom_request("POST", "/api/everything", {}, sent)
    expect(stores["jars"].map { |jar| jar["jar"] }).to eq([paste])
  end
end

RSpec.describe "Preferences over HTTP" do
  include Api

  after { send_json("PUT", "/api/preferences", {}) }

  it "are kept, and refused where they mean nothing" do
    chosen = { "currency" => "JPY", "length" => "in", "clock" => "12", "first_day" => "sun" }
    expect(send_json("PUT", "/api/preferences", chosen)).to eq(chosen)
    expect(get("/api/preferences").then { answer }).to eq(chosen)
    expect(send_json("PUT", "/api/preferences", { "currency" => "doubloons" })["status"]).to eq(422)
    expect(get("/api/preferences").then { answer }).to eq(chosen)
  end
end

RSpec.describe "A shopping list over several builds, over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  it "is told, taken away as a table and on paper, and bought" do
    builds = %w[Bank Shore].map { |title| create(plain_file(title: title, zones: [zone(course("earth_paste", thickness_mm: 2))]))["id"] }
    list = -> { get("/api/shopping?builds=#{builds.join(",")}").then { answer } }
    paste = list.call["items"].find { |item| item["material"] == "earth_paste" }
    expect(paste).to include("builds" => match_array(%w[Bank Shore]), "to_buy" => 1)
    expect(get("/api/shopping.csv?builds=#{builds.first}").body).to include("earth_paste")
    expect(get("/api/shopping.pdf?builds=#{builds.first}").body).to start_with("%PDF")
    post_json("/api/shopping/bought?builds=#{builds.join(",")}", {})
    expect(list.call["items"].select { |item| item["to_buy"] }).to be_empty
    expect(get("/api/shopping?builds=x").then { answer["problems"].first["pointer"] }).to eq("/builds")
    expect(get("/api/shopping?builds=").then { answer["status"] }).to eq(422)
    expect(get("/api/shopping?builds=999999").then { answer["status"] }).to eq(404)
  end
end

RSpec.describe "The scales over HTTP" do
  include Api

  before { ServerSpec.database }

  def serve(client, heard)
    reading = Thread.new do
      loop { client.puts("{\"g\":1.5,\"stable\":true,\"simulated\":true}").then { sleep(0.05) } }
    rescue SystemCallError, IOError
      nil
    end
    client.gets&.then { |line| heard << line }
    reading.join
  end

  # Scales of a spec's own: they read what they are told to.
  def with_scales
    Dir.mktmpdir do |folder|
      path = File.join(folder, "scales.sock")
      heard = Queue.new
      UNIXServer.open(path) do |server|
        serving = Thread.new { loop { Thread.new(server.accept) { |one| serve(one, heard) } } }
        yield GreenPlinth::Server::Scales.new(ServerSpec.store, path), heard
      ensure
        serving.kill
      end
    end
  end

  it "says where there are none" do
    get("/api/scales")
    expect(answer).to eq("there" => File.socket?(GreenPlinth::Server::Scales::PATH))
    expect(GreenPlinth::Server::Scales.new(ServerSpec.store, "/nowhere").listen).to be(false)
    expect(GreenPlinth::Server::Scales.new(ServerSpec.store, "/nowhere").command({ "do" => "tare" })).to be(false)
    expect(post_json("/api/scales", { "do" => "explode" })["status"]).to eq(422)
  end

  it "passes commands on, and tells what they read" do
    with_scales do |scales, heard|
      told = Queue.new
      GreenPlinth::Server::Listener.of(ServerSpec.store).on_weighed { |reading| told << reading }
      expect(scales.listen).to be(true)
      expect(JSON.parse(Timeout.timeout(5) { told.pop })).to include("g" => 1.5, "simulated" => true)
      scales.command({ "do" => "tare" })
      expect(JSON.parse(Timeout.timeout(5) { heard.pop })).to eq("do" => "tare")
    end
  end
end
