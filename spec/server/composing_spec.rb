# frozen_string_literal: true

RSpec.describe "Composing by the API" do
  include Api

  let(:build) do
    create(plain_file(purpose: "vignette",
      subjects: [figure(rectangle(20, 8), name: "cart", at_mm: [0, 0], height_mm: 20),
        figure(round(8), id: "dog", at_mm: [-30, 10], height_mm: 12)]))
  end
  let(:id) { build["id"] }

  it "tries a change without making it" do
    before = build["evaluation"]["composition"]["subjects"][0]["edge_angle_deg"]
    fit = post_json("/api/builds/#{id}/fit", { patch: [{ op: "add", path: "/subjects/0/turn_deg", value: 20 }] })
    expect([before, fit["composition"]["subjects"][0]["edge_angle_deg"]]).to eq([0, 20])
    expect(fit["snags"].map { |snag| snag["code"] }).not_to include("composition/square_to_edge")
    expect(read(build)["version"]).to eq(build["version"])
  end

  it "says what is wrong with a change that cannot be" do
    problem = post_json("/api/builds/#{id}/fit", { patch: [{ op: "add", path: "/subjects/7/turn_deg", value: 20 }] })
    expect(problem["status"]).to eq(422)
    expect(problem["problems"].first["pointer"]).to eq("/patch/0")
  end

  it "draws the base from any eye, and refuses one that is none" do
    get("/api/builds/#{id}/sight", { direction: "45", elevation: "30" })
    expect(answer.values_at("direction_deg", "elevation_deg")).to eq([45, 30])
    get("/api/builds/#{id}/sight", { elevation: "straight down" })
    expect(answer["problems"].first["pointer"]).to eq("/elevation")
  end

  it "proposes arrangements by seed" do
    first = post_json("/api/builds/#{id}/arrangements", { seed: 3 })
    expect(first).not_to be_empty
    expect(post_json("/api/builds/#{id}/arrangements", { seed: 3 })).to eq(first)
    expect(post_json("/api/builds/#{id}/arrangements", { seed: -1 })["status"]).to eq(422)
  end

  it "offers presets at a scale" do
    get("/api/presets", { ratio: "72" })
    expect(answer.keys).to contain_exactly("subjects", "features")
    get("/api/presets", { ratio: "0" })
    expect(answer["status"]).to eq(422)
  end

  describe "scale desk" do
    def ask(path, **query)
      get("/api/scale#{path}", query)
      answer
    end

    it "answers each question" do
      expect(ask("", ratio: 35)["things"]).not_to be_empty
      expect(ask("/length", ratio: 35, real: "1.75")["model"]["mm"]).to eq(50)
      expect(ask("/length", ratio: 35, model: "2 in")["real"]["mm"]).to be_within(0.01).of(1778)
      expect(ask("/check", ratio: 35, kind: "grain", low: "6", high: "4")["model_mm"]).to eq([4, 6])
      expect(ask("/resize", ratio: 35, from: "28")["percent"]).to eq(80)
      expect(ask("/resize", ratio: 35, real: "1.75", present: "25")["percent"]).to eq(200)
    end

    it "says what is wrong with nonsense" do
      { "/length" => { ratio: 35 }, "/check" => { ratio: 35, kind: "cheese", low: "4" },
        "/resize" => { ratio: 35, real: "x", present: "1" }, "" => { ratio: "many" } }.each do |path, query|
        expect(ask(path, **query)["status"]).to eq(422), path
      end
      expect(ask("/check", ratio: 35, kind: "grain",
        low: "lots")["problems"].first["message"]).to include("like 4.2 m")
    end
  end

  it "reads an outline out of a DXF drawing" do
    square = "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1\n#{[[0, 0], [40, 0], [40, 20], [0, 20]].map do |x, y|
      "10\n#{x}\n20\n#{y}\n"
    end.join}0\nENDSEC\n0\nEOF\n"
    expect(post_json("/api/outlines",
      { dxf: square })["points_mm"]).to contain_exactly([-20, -10], [20, -10], [20, 10], [-20, 10])
    expect(post_json("/api/outlines", { dxf: square, svg: "<svg/>" })["status"]).to eq(422)
  end
end
