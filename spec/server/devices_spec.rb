# frozen_string_literal: true

RSpec.describe "Devices of the local network" do
  include Rack::Test::Methods

  let(:address) { "192.168.7.20" }
  let(:tablet) { { "REMOTE_ADDR" => "192.168.7.31", "HTTP_HOST" => "192.168.7.20:4568", "HTTPS" => "on" } }
  let(:machine) { { "REMOTE_ADDR" => "127.0.0.1", "HTTP_HOST" => "127.0.0.1" } }

  let(:app) do
    ServerSpec.lan_app do
      stub_const("GreenPlinth::Server::App::HOSTS", [*GreenPlinth::Server::App::HOSTS, address])
      GreenPlinth::Server.app(ServerSpec.database, clock: -> { ServerSpec.now })
    end
  end

  before do
    ServerSpec.clear
    ServerSpec.database[:devices].delete
    Rack::Attack.cache.store = GreenPlinth::Server::Middleware::Attempts::Counts.new
    stub_const("ENV", ENV.to_h.merge("GREEN_PLINTH_LAN" => "https://#{address}:4568"))
  end

  after { ServerSpec.clear }

  def data = JSON.parse(last_response.body)

  def code
    token = get("/api/session", {}, machine).then { data["csrf_token"] }
    post("/api/pairings", {}, machine.merge("HTTP_X_CSRF_TOKEN" => token))
    expect(last_response.status).to eq(201)
    data["code"].tap { clear_cookies }
  end

  def give(code, **more) = post("/pair", { code: code, **more }, tablet)

  it "gives out what a device may trust, to whoever asks, and nothing else" do
    file = Tempfile.create("root").tap { |one| one.write("public") && one.flush }
    stub_const("ENV", ENV.to_h.merge("GREEN_PLINTH_ROOT_CERTIFICATE" => file.path))
    get("/certificate", {}, tablet)
    expect([last_response.status, last_response.body]).to eq([200, "public"])
    expect(last_response.headers["content-type"]).to eq("application/x-x509-ca-cert")
    stub_const("ENV", ENV.to_h.merge("GREEN_PLINTH_ROOT_CERTIFICATE" => ""))
    get("/certificate", {}, tablet)
    expect(last_response.status).to eq(404)
  end

  it "lets the machine itself in, and sends another device to the page that asks for the code" do
    get("/api/builds", {}, machine)
    expect(last_response.status).to eq(200)
    get("/now", {}, tablet)
    expect([last_response.status, last_response.location]).to eq([302, "/pair"])
    get("/api/builds", {}, tablet)
    expect([last_response.status, data["title"]]).to eq([401, "Not let in"])
    get("/pair", { code: "123456" }, tablet)
    expect(last_response.body).to include('value="123456"')
    get("/pair", { code: '"><script>' }, tablet)
    expect(last_response.body).not_to include("<script>")
  end

  it "lets a device in by the code, once, and no longer when it is taken away" do
    good = code
    give(good, name: "bench tablet")
    expect([last_response.status, last_response.location]).to eq([303, "/now"])
    expect(last_response.headers["set-cookie"]).to match(/secure.*httponly.*samesite=strict/i)
    get("/api/builds", {}, tablet)
    expect(last_response.status).to eq(200)
    get("/api/devices", {}, tablet)
    expect(data["devices"]).to match([a_hash_including("name" => "bench tablet", "this" => true)])
    id = data["devices"].first["id"]
    give(good)
    expect(last_response.status).to eq(422)
    ServerSpec.store.delete_device(id)
    get("/api/builds", {}, tablet)
    expect(last_response.status).to eq(401)
  end

  it "takes no wrong code, and none that is older than five minutes" do
    good = code
    give(good == "000000" ? "000001" : "000000")
    expect([last_response.status, ServerSpec.store.devices]).to eq([422, []])
    ServerSpec.at("12:05:01")
    give(good)
    expect(last_response.status).to eq(422)
    give(code)
    expect(last_response.status).to eq(303)
  end

  it "bounds guesses: by the minute from one address, and in all until the code is dropped" do
    5.times { give("000000") }
    give("000000")
    expect([last_response.status, last_response.headers["retry-after"]]).to eq([429, "60"])
    good = code
    10.times { |n| post("/pair", { code: good == "000000" ? "000001" : "000000" }, tablet.merge("REMOTE_ADDR" => "192.168.7.#{100 + n}")) }
    post("/pair", { code: good }, tablet.merge("REMOTE_ADDR" => "192.168.7.200"))
    expect(last_response.status).to eq(422)
  end

  it "shows a code on the machine only, and none where it was not started for the network" do
    give(code)
    token = get("/api/session", {}, tablet).then { data["csrf_token"] }
    post("/api/pairings", {}, tablet.merge("HTTP_X_CSRF_TOKEN" => token))
    expect(last_response.status).to eq(403)
    stub_const("ENV", ENV.to_h.merge("GREEN_PLINTH_LAN" => ""))
    get("/api/devices", {}, machine)
    expect(data).to include("lan" => false, "addresses" => [])
  end

  it "holds hosts, origins and tokens there, too" do
    give(code)
    get("/api/builds", {}, tablet.merge("HTTP_HOST" => "evil.example"))
    expect(last_response.status).to eq(403)
    post("/api/samples", {}, tablet)
    expect(last_response.status).to eq(403)
    post("/pair", { code: "123456" }, tablet.merge("HTTP_ORIGIN" => "https://evil.example"))
    expect(last_response.status).to eq(403)
  end

  it "draws the code so that a camera reads it" do
    token = get("/api/session", {}, machine).then { data["csrf_token"] }
    post("/api/pairings", {}, machine.merge("HTTP_X_CSRF_TOKEN" => token))
    expect(data["url"]).to eq("https://#{address}:4568/pair?code=#{data["code"]}")
    drawn = Nokogiri::XML(data["qr"], &:strict)
    expect(drawn.root["viewBox"]).to match(/\A0 0 \d+ \d+\z/)
    expect(drawn.css("path")).not_to be_empty
  end
end
