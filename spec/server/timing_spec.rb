# frozen_string_literal: true

# Questions of time: what a change would do to the date, how sure the date is, what would save it, and what stands against
# doing one step before another.
RSpec.describe "Timing over HTTP" do
  include Api

  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 4), course("matt_varnish")),
                       zone(course("sand_paste", thickness_mm: 3), id: "shore", ground: "sand", outline: round(20))],
      calendar: { start: "2027-03-01T09:00", finish_by: "2027-03-04T09:00",
                  weekly: [{ day: "mon", from: "19:00", to: "21:00" }, { day: "thu", from: "19:00", to: "21:00" }] })
  end
  let(:build) { create(file) }
  let(:path) { "/api/builds/#{build["id"]}" }
  let(:steps) { build["evaluation"]["steps"] }

  def ask(question, **params)
    get("#{path}/#{question}", params)
    answer
  end
  def step(pattern) = steps.find { |one| one["title"].match?(pattern) }

  describe "a forecast" do
    let(:air) { { "op" => "add", "path" => "/climate", "value" => { "temperature_c" => 30, "airflow" => "fan" } } }

    it "tells the date a change would bring, and changes nothing" do
      told = post_json("#{path}/forecast", { "patch" => [air] })
      expect(told["ready_at"]).to be < build["evaluation"]["schedule"]["ready_at"]
      get(path)
      expect(answer.values_at("version", "file")).to eq(build.values_at("version", "file"))
    end

    it "is what the build then says, once the change is made" do
      told = post_json("#{path}/forecast", { "patch" => [air] })
      made = change(build, air)["evaluation"]["schedule"]
      expect(told["ready_at"]).to eq(made["ready_at"])
      expect(told["late_min"]).to eq(made["late_min"])
      expect(told["hands_on_min"]).to eq(made["hands_on_min"])
      expect(told["sittings"]).to eq(made["sittings"].size)
    end

    it "says what is wrong with a change that cannot be" do
      cold = air.merge("value" => { "temperature_c" => "cold" })
      told = post_json("#{path}/forecast", { "patch" => [cold] })
      expect(told["status"]).to eq(422)
      expect(told["problems"].first["pointer"]).to eq("/climate/temperature_c")
    end

    it "says why no date can be given" do
      mural = { "op" => "add", "path" => "/tasks",
                "value" => [{ "id" => "mural", "title" => "Paint the mural", "hands_on_min" => 500 }] }
      told = post_json("#{path}/forecast", { "patch" => [mural] })
      expect(told["status"]).to eq(422)
      expect(told.to_s).to include("mural takes 8 h 20 min in one go")
    end
  end

  describe "the chance" do
    it "is of a date in order, with the share in time" do
      told = ask("chance")
      expect(told.values_at("ready_50", "ready_80", "ready_95")).to eq(told.values_at("ready_50", "ready_80", "ready_95").sort)
      expect(told["in_time_pct"]).to be_between(0, 100)
    end

    it "is the same each time it is asked" do
      expect(ask("chance")).to eq(ask("chance"))
    end

    it "knows no share without a date" do
      bare = create(plain_file(zones: [zone(course("earth_paste"))]))
      get("/api/builds/#{bare["id"]}/chance")
      expect(answer["in_time_pct"]).to be_nil
    end
  end

  describe "rescues" do
    it "can be done as they stand, and bring the date they tell" do
      ways = ask("rescues")
      expect(ways).not_to be_empty
      way = ways.first
      made = change(build, *way["patch"], label: way["label"][0, 100])
      expect(made["evaluation"]["schedule"]["ready_at"]).to eq(way["ready_at"])
    end

    it "says where the build cannot be dated at all" do
      stuck = create(plain_file(tasks: [{ id: "mural", title: "Paint the mural", hands_on_min: 500 }],
        calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }))
      %w[rescues chance].each do |question|
        get("/api/builds/#{stuck["id"]}/#{question}")
        expect(answer["status"]).to eq(422)
      end
    end
  end

  describe "why not" do
    it "gives the rules that stand against it, and no wish" do
      told = ask("why-not", first: step(/varnish/i)["id"], later: step(/Spread earth/)["id"])
      expect(told["reasons"].first["first"]).to eq(step(/Spread earth/)["title"])
      expect(told["reasons"].last["later"]).to eq(step(/varnish/i)["title"])
      expect(told["reasons"]).to all(include("why" => match(/\w/), "code" => match(%r{\w/\w})))
      expect(told["patch"]).to be_empty
    end

    it "gives a wish where nothing stands against it, and the wish holds" do
      first = step(/Spread sand/)
      later = step(/Spread earth/)
      told = ask("why-not", first: first["id"], later: later["id"])
      expect(told["reasons"]).to be_empty
      made = change(build, *told["patch"])
      starts = made["evaluation"]["schedule"]["steps"].to_h { |one| [one["id"], one["start"]] }
      # A course that is named by the wish gives its steps new ids; their titles stay.
      titled = made["evaluation"]["steps"].to_h { |one| [one["title"], starts[one["id"]]] }
      expect(titled[first["title"]]).to be < titled[later["title"]]
    end

    it "adds to the wishes there are" do
      told = ask("why-not", first: step(/Spread sand/)["id"], later: step(/Spread earth/)["id"])
      wished = change(build, *told["patch"])
      expect(wished["file"]["order"].size).to eq(1)
      ids = wished["evaluation"]["steps"].to_h { |one| [one["title"], one["id"]] }
      again = ask("why-not", first: ids[step(/Spread sand/)["title"]], later: ids[step(/varnish/i)["title"]])
      expect(again["patch"].last["path"]).to eq("/order/-")
    end

    it "names a step it does not know" do
      ["", "x" * 5000, "½", "../..", nil].each do |junk|
        told = ask("why-not", first: junk, later: steps.first["id"])
        expect(told["status"]).to eq(422)
        expect(told["problems"].first["pointer"]).to eq("/first")
      end
    end
  end

  describe "busy times" do
    def ics(*events)
      rows = events.map { |from, to| "BEGIN:VEVENT\r\nUID:#{from}\r\nDTSTART:#{from}\r\nDTEND:#{to}\r\nEND:VEVENT\r\n" }
      "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n#{rows.join}END:VCALENDAR\r\n"
    end
    def busy(text, build_path = path) = post_json("#{build_path}/busy", { "text" => text })

    # The sittings of the build are Monday and Thursday from 19:00 to 21:00.
    let(:text) { ics(%w[20270301T200000 20270301T230000], %w[20270302T190000 20270302T200000], %w[20270304T170000 20270304T190000]) }

    it "takes in only what falls into the sittings, and the bench is shut then" do
      told = busy(text)
      expect(told["away"]).to eq([{ "from" => "2027-03-01T20:00", "to" => "2027-03-01T23:00" }])
      made = change(build, *told["patch"])
      expect(made["file"]["calendar"]["away"]).to eq(told["away"])
      first = made["evaluation"]["schedule"]["sittings"].first
      expect([first["from"], first["to"]]).to eq(["2027-03-01T19:00", "2027-03-01T20:00"])
    end

    it "adds to the times away there are, none of them twice" do
      away = change(build, *busy(text)["patch"])
      again = change(away, *busy(ics(%w[20270301T200000 20270301T230000], %w[20270308T190000 20270308T200000]))["patch"])
      expect(again["file"]["calendar"]["away"].map { |span| span["from"] }).to eq(%w[2027-03-01T20:00 2027-03-08T19:00])
    end

    it "changes nothing where nothing is met" do
      expect(busy(ics(%w[20270302T190000 20270302T200000]))).to eq("away" => [], "patch" => [])
    end

    it "shuts a bench that is always open" do
      bare = plain_file(zones: [zone(course("earth_paste"))])
      bare.delete("calendar")
      open = create(bare)
      told = busy(text, "/api/builds/#{open["id"]}")
      expect(told["away"].size).to eq(3)
      expect(change(open, *told["patch"])["file"]["calendar"]["away"].size).to eq(3)
    end

    it "says what is wrong with the file" do
      told = busy("hello")
      expect(told["status"]).to eq(422)
      expect(told["problems"].first).to include("pointer" => "/text", "message" => /no calendar file/)
    end
  end

  it "knows no question to a build that is not there" do
    %w[chance rescues why-not].each do |question|
      get("/api/builds/999999/#{question}")
      expect(answer["status"]).to eq(404)
    end
    expect(post_json("/api/builds/999999/forecast", { "patch" => [] })["status"]).to eq(404)
  end

  it "answers a forecast to any body" do
    [nil, 1, "x", [], {}, { "patch" => nil }, { "patch" => [{}] }, { "patch" => [{ "op" => "drop", "path" => "/" }] }].each do |body|
      send_json("POST", "#{path}/forecast", JSON.generate(body))
      expect([400, 422]).to include(last_response.status), "#{body.inspect}: #{last_response.body[0, 200]}"
    end
  end
end
