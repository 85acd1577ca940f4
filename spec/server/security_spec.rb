# frozen_string_literal: true

RSpec.describe "The security floor" do
  include Api

  before { ServerSpec.clear }

  it "changes nothing without the session's token" do
    build = create
    { "POST" => "/api/builds", "PATCH" => "/api/builds/#{build["id"]}",
      "DELETE" => "/api/builds/#{build["id"]}" }.each do |method, path|
      custom_request(method, path, {}, { :input => JSON.generate(plain_file), "CONTENT_TYPE" => "application/json" })
      expect(last_response.status).to eq(403), method
      custom_request(method, path, {},
        { :input => JSON.generate(plain_file), "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => "made up" })
      expect(last_response.status).to eq(403), method
    end
    expect(ServerSpec.store.all.size).to eq(1)
  end

  it "takes no token of another session" do
    stranger = Rack::Test::Session.new(app, "localhost")
    stranger.get("/api/session")
    other = JSON.parse(stranger.last_response.body)["csrf_token"]
    get("/api/session")
    post("/api/samples", "{}", { "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => other })
    expect(last_response.status).to eq(403)
  end

  it "keeps its cookie from scripts and from other sites" do
    get("/api/session")
    expect(last_response["Set-Cookie"].to_s.downcase).to include("httponly", "samesite=strict")
  end

  it "answers only to its own name" do
    get("/api/builds", {}, { "HTTP_HOST" => "evil.example" })
    expect(last_response.status).to eq(403)
    get("/api/builds", {}, { "HTTP_HOST" => "127.0.0.1:4567" })
    expect(last_response.status).to eq(200)
  end

  it "answers nothing to a page of another origin, whatever token it carries" do
    %w[https://evil.example http://localhost:1 null].each do |origin|
      post_json("/api/builds", plain_file, "HTTP_ORIGIN" => origin)
      expect(last_response.status).to eq(403), origin
      get("/api/events", {}, { "HTTP_ORIGIN" => origin })
      expect(last_response.status).to eq(403), origin
    end
    post_json("/api/builds", plain_file, "HTTP_ORIGIN" => "http://localhost")
    expect(last_response.status).to eq(201)
  end

  it "refuses in JSON, with the same headers as every answer" do
    asked = { 403 => -> { get("/api/builds", {}, { "HTTP_HOST" => "evil.example" }) }, 400 => -> { get("/api/scale?ratio=%FF") },
              413 => -> { post("/api/builds", "{}", { "CONTENT_TYPE" => "application/json", "CONTENT_LENGTH" => "3000000" }) },
              404 => -> { get("/nothing/at/all.php") } }
    asked.each do |status, ask|
      ask.call
      next if status == 404 && last_response.status == 200 # the page answers for every path that is no API

      expect(last_response.status).to eq(status)
      expect(last_response.media_type).to eq("application/problem+json")
      GreenPlinth::Server::Headers::ALWAYS.each { |name, value| expect(last_response[name]).to eq(value) }
    end
  end

  it "refuses addresses that are no text, and queries that ask for lists" do
    %w[/api/builds/%FF /api/builds/%C0%80 /api/builds/1%00 /api/builds?a=%ZZ /api/builds/1?sections[]=1 /api/scale?ratio=1&ratio=2
      /api/builds/1?sections[a][b]=1 /%0D%0A].each do |path|
      plain, query = path.split("?")
      asked = { "HTTP_HOST" => "localhost", "PATH_INFO" => plain, "QUERY_STRING" => query.to_s }
      status, headers, = app.call(Rack::MockRequest.env_for("http://localhost/").merge(asked))
      expect([path, status, headers["content-type"]]).to eq([path, 400, "application/problem+json"])
    end
    get("/api/builds?a=1&b=2%20%C3%A9")
    expect(last_response.status).to eq(200)
  end

  describe "the pages" do
    before { skip "the pages are not built" unless File.file?(File.join(GreenPlinth::Server::PAGES, "index.html")) }

    it "run no inline script, and styles only with this page's nonce" do
      get("/")
      policy = last_response["Content-Security-Policy"]
      expect(policy).to include("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'",
        "base-uri 'none'")
      expect(policy).not_to include("unsafe-inline", "unsafe-eval")
      nonce = policy[/nonce-([^']+)/, 1]
      expect(last_response.body).to include("content=\"#{nonce}\"")
      get("/")
      expect(last_response["Content-Security-Policy"]).not_to include(nonce)
      expect(last_response.body).not_to match(/<script(?![^>]*src=)/)
    end

    it "serve their own files and nothing beside them" do
      name = Dir[File.join(GreenPlinth::Server::PAGES, "assets", "*.js")].map { |path| File.basename(path) }.first
      get("/assets/#{name}")
      expect(last_response.media_type).to eq("text/javascript")
      ["/assets/../index.html", "/assets/..%2f..%2f..%2fGemfile", "/assets/nothing.js", "/api/nothing"].each do |path|
        get(path)
        expect(last_response.body).not_to include("source \"https")
        expect(last_response.status).to eq(path.include?("..") ? last_response.status : 404)
      end
    end
  end

  it "sniffs nothing and caches nothing of a maker's" do
    get("/api/builds")
    expect(last_response["X-Content-Type-Options"]).to eq("nosniff")
    expect(last_response["Cache-Control"]).to eq("no-store")
  end

  it "gives exported drawings no power" do
    build = create(plain_file(title: "<script>alert(1)</script>"))
    get("/api/builds/#{build["id"]}/export.svg")
    expect(last_response["Content-Security-Policy"]).to include("sandbox")
    expect(last_response.body).not_to include("<script>")
  end

  it "keeps names out of SQL" do
    title = "Robert'); DROP TABLE builds; --"
    expect(read(create(plain_file(title: title)))["file"]["title"]).to eq(title)
    expect(ServerSpec.store.all.size).to eq(1)
  end

  it "says nothing of its insides when something breaks" do
    allow_any_instance_of(GreenPlinth::Server::Desk).to receive(:shelf_page).and_raise("secret path")
    allow_any_instance_of(GreenPlinth::Server::App).to receive(:warn)
    get("/api/builds")
    expect(last_response.status).to eq(500)
    expect(last_response.body).not_to include("secret")
    answer
  end

  it "describes each route it has, and has each it describes" do
    described = openapi["paths"].flat_map do |path, operations|
      operations.keys.map do |method|
        [method.upcase, path.gsub(/\{(\w+)\}/, ':\1')]
      end
    end
    routes = GreenPlinth::Server::App.routes.slice("GET", "POST", "PUT", "PATCH", "DELETE")
      .flat_map { |method, list| list.map { |pattern, *| [method, pattern.to_s] } }
    expect(routes.select { |_, path| path.start_with?("/api/") }).to match_array(described)
  end
end
