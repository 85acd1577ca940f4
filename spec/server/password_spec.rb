# frozen_string_literal: true

RSpec.describe "The password of a workshop that others can reach" do
  words = "moss over wet slate"

  # The application as it starts over a database with that password; nothing of it is left afterwards.
  def begun(password)
    ServerSpec.database[:accounts].delete
    ServerSpec.store.put_password(GreenPlinth::Server::Password.new(password).hash_text) if password
    Rack::Attack.cache.store = GreenPlinth::Server::Middleware::Attempts::Counts.new
    GreenPlinth::Server.app(ServerSpec.database, clock: -> { ServerSpec::NOW })
  end

  after { ServerSpec.database[:accounts].delete }

  def browser(app) = Rack::Test::Session.new(app, "localhost")

  # As the form of the page that was just answered would be sent.
  def give(browser, password)
    browser.get("/login")
    hidden = Nokogiri::HTML(browser.last_response.body).css("input[type=hidden]").to_h { |input| [input["name"], input["value"]] }
    browser.post("/login", hidden.merge("password" => password))
    browser.last_response
  end

  it "is asked for at the first page, and opens everything" do
    maker = browser(begun(words))
    maker.get("/builds/1/compose")
    expect([maker.last_response.status, maker.last_response["location"]]).to eq([302, "/login"])
    maker.follow_redirect!
    expect(maker.last_response.body).to include("The password of this workshop")
    expect(give(maker, words).status).to eq(302)
    maker.get("/api/session")
    expect(JSON.parse(maker.last_response.body)).to include("asks_password" => true)
  end

  it "refuses what a program asks without it, the pages' own files too" do
    stranger = browser(begun(words))
    %w[/api/session /api/builds /api/everything /api/events].each do |path|
      stranger.get(path)
      expect([stranger.last_response.status, stranger.last_response["content-type"]]).to eq([401, "application/problem+json"]), path
    end
    stranger.get("/assets/index.js")
    expect(stranger.last_response.status).to eq(302)
    stranger.post("/api/builds", "{}", { "CONTENT_TYPE" => "application/json" })
    expect(stranger.last_response.status).to eq(401)
  end

  it "says that a wrong one is wrong, and makes one wait after five" do
    stranger = browser(begun(words))
    # Tries are counted by the minute of the clock, which stands still here.
    allow(Time).to receive(:now).and_return(Time.at(1_800_000_000))
    5.times { |n| expect(give(stranger, "guess number #{n}").status).to eq(401) }
    expect(stranger.last_response.body).to include("That is not the password.")
    expect(give(stranger, words).status).to eq(429)
    expect(stranger.last_response["retry-after"]).to eq("60")
  end

  it "takes no password without the form's token" do
    stranger = browser(begun(words))
    stranger.post("/login", { "password" => words })
    expect(stranger.last_response.status).to eq(403)
  end

  it "is over after leaving, and for every session once it is another one" do
    maker = browser(begun(words))
    give(maker, words)
    maker.get("/logout")
    hidden = Nokogiri::HTML(maker.last_response.body).css("input[type=hidden]").to_h { |input| [input["name"], input["value"]] }
    maker.post("/logout", hidden)
    maker.get("/api/builds")
    expect(maker.last_response.status).to eq(401)

    give(maker, words)
    later = browser(begun("another few words here"))
    maker.get("/api/builds")
    expect(maker.last_response.status).to eq(200)
    later.get("/api/builds", {}, { "HTTP_COOKIE" => maker.last_request.env["HTTP_COOKIE"] })
    expect(later.last_response.status).to eq(401)
  end

  it "is not asked for where there is none" do
    begun(words)
    ServerSpec.store.put_password(nil)
    maker = browser(begun(nil))
    maker.get("/api/session")
    expect(JSON.parse(maker.last_response.body)).to include("asks_password" => false)
  end

  it "is kept as argon2id only, and must be long enough" do
    begun(words)
    expect(ServerSpec.store.password_hash).to start_with("$argon2id$")
    problems = ["short", "a" * 20, "x y " * 40, words].map { |text| GreenPlinth::Server::Password.new(text).problem }
    expect(problems).to match([/shorter than 12/, /again and again/, /longer than 128/, nil])
  end

  it "answers only to the proxy that is named" do
    through = GreenPlinth::Server::Middleware::ThroughProxy.new(->(_env) { [204, {}, []] }, "10.1.2.3")
    statuses = %w[10.1.2.3 127.0.0.1 10.1.2.4].map { |address| through.call({ "REMOTE_ADDR" => address }).first }
    expect(statuses).to eq([204, 204, 403])
  end
end
