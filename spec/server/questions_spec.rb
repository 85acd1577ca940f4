# frozen_string_literal: true

# Questions that change nothing: whatever a client sends with them, it gets an answer or is told what is wrong.
RSpec.describe "Questions over HTTP" do
  include Api

  let(:build) do
    create(plain_file(subjects: [figure(round(8), height_mm: 20)], forms: [lift(6, rectangle(100, 60))]))
  end
  let(:id) { build["id"] }

  junk = ["", " ", "x", "-1", "0", "1e400", "NaN", "9" * 40, "1;drop table builds", "../../etc", "½", "%00", "1,2",
    "[1]"]
  questions = {
    "/sight" => %w[direction elevation], "/relief" => %w[interval], "/drainage" => %w[x y],
    "/solid" => %w[anything], "/templates" => %w[anything]
  }

  questions.each do |path, names|
    it "answers #{path} to any #{names.join(" and ")}" do
      junk.each do |value|
        get("/api/builds/#{id}#{path}", names.to_h { |name| [name, value] })
        expect([200, 422]).to include(last_response.status), "#{path} #{value.inspect}: #{last_response.body[0, 200]}"
      end
    end
  end

  { "/api/presets" => %w[ratio], "/api/scale" => %w[ratio], "/api/scale/length" => %w[ratio real],
    "/api/scale/check" => %w[ratio kind low high represents], "/api/scale/resize" => %w[ratio from],
    "/api/sheets" => %w[material height] }.each do |path, names|
    it "answers #{path} to any #{names.join(" and ")}" do
      junk.each do |value|
        get(path, names.to_h { |name| [name, value] })
        expect([200, 422]).to include(last_response.status), "#{path} #{value.inspect}: #{last_response.body[0, 200]}"
      end
    end
  end

  bodies = [nil, 1, "text", [], {}, { "patch" => nil }, { "patch" => [{}] }, { "patch" => [{ "op" => "add" }] }, { "seed" => 1.5 },
            { "seed" => "1" },
    { "form" => -1, "sheet_mm" => 3 }, { "form" => 0, "sheet_mm" => 0 }, { "form" => 0, "sheet_mm" => 3 },
    { "data" => "", "height_mm" => 10, "sheet_mm" => 3, "material" => "cork_tile" },
    { "data" => "AAAA", "height_mm" => 10, "sheet_mm" => 3, "material" => "cheese" }]

  %w[fit arrangements slices height-map].each do |path|
    it "answers #{path} to any body" do
      bodies.each do |body|
        send_json("POST", "/api/builds/#{id}/#{path}", JSON.generate(body))
        expect([200, 400, 422]).to include(last_response.status),
          "#{path} #{body.inspect}: #{last_response.body[0, 200]}"
      end
    end
  end

  it "knows no question to a build that is not there" do
    ["fit", "arrangements", "slices", "height-map"].each do |path|
      body = { "patch" => [], "seed" => 1, "form" => 0, "sheet_mm" => 3, "data" => "AAAA", "height_mm" => 5,
               "material" => "cork_tile" }
      asked = { "fit" => %w[patch], "arrangements" => %w[seed], "slices" => %w[form sheet_mm],
                "height-map" => %w[data height_mm sheet_mm material] }[path]
      expect(post_json("/api/builds/999999/#{path}", body.slice(*asked))["status"]).to eq(404)
    end
    %w[sight relief drainage solid templates].each do |path|
      get("/api/builds/999999/#{path}", { x: 0, y: 0 })
      expect(last_response.status).to eq(404)
    end
  end

  it "leaves the build as it was, whatever was asked" do
    post_json("/api/builds/#{id}/fit", { patch: [{ op: "replace", path: "/title", value: "Other" }] })
    post_json("/api/builds/#{id}/arrangements", { seed: 1 })
    expect(read(build).slice("version", "file")).to eq(build.slice("version", "file"))
  end

  it "asks for the session's token where a body is sent" do
    custom_request("POST", "/api/builds/#{id}/fit", {},
      { :input => JSON.generate({ patch: [] }), "CONTENT_TYPE" => "application/json" })
    expect(last_response.status).to eq(403)
  end
end
