# frozen_string_literal: true

RSpec.describe "Mixes over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  let(:bank) do
    { "name" => "bank tone", "by" => "drops", "parts" => [{ "material" => "acrylic_paint", "amount" => 3, "colour" => "#8c4a25" },
      { "material" => "acrylic_paint", "amount" => 1, "colour" => "#f2efe6" }] }
  end

  def put_recipe(key, data) = send_json("PUT", "/api/catalogue/recipes/#{key}", data)

  it "keeps recipes, tells what they come to, and brings them into a build that stands alone" do
    put_recipe("bank_tone", bank)
    told = get("/api/recipes").then { answer.first }
    expect(told).to include("key" => "bank_tone", "recipe" => bank)
    expect(told["told"]).to include("known" => true, "by_volume" => [3, 1], "measured" => [])
    build = create(plain_file(zones: [zone(course("earth_paste", id: "bed"))]))
    copied = get("/api/builds/#{build["id"]}/recipes/bank_tone").then { answer }
    laid = { "op" => "add", "path" => "/zones/0/courses/-", "value" => { "id" => "tone", "material" => copied["material"] } }
    changed = change(build, *copied["patch"], laid)
    card = changed["evaluation"]["mixing"].find { |one| one["material"] == "mix:bank_tone" }
    expect(card["parts"].map { |part| part["colour"] }).to eq(%w[#8c4a25 #f2efe6])
    expect(changed["evaluation"]["quantities"].map { |line| line["colour"] }.compact).to include("#8c4a25", "#f2efe6")
    custom_request("DELETE", "/api/catalogue/recipes/bank_tone", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(last_response.status).to eq(204)
    expect(read(build)["evaluation"]["mixing"].map { |one| one["material"] }).to include("mix:bank_tone")
  end

  it "refuses a recipe that goes in a circle, or of nothing known, and one that another is made of stays" do
    put_recipe("bank_tone", bank)
    thin = %w[mix:bank_tone water].map { |material| { "material" => material, "amount" => 1 } }
    put_recipe("thin_bank", { "name" => "thin", "parts" => thin })
    custom_request("DELETE", "/api/catalogue/recipes/bank_tone", {}, { "HTTP_X_CSRF_TOKEN" => token })
    expect(answer["detail"]).to match(/thin_bank/)
    turned = put_recipe("bank_tone", bank.merge("parts" => [{ "material" => "mix:thin_bank", "amount" => 1 }]))
    expect(turned["problems"].first["message"]).to match(/circle/)
    expect(put_recipe("soup", { "name" => "soup", "parts" => [{ "material" => "moon_dust", "amount" => 1 }] })["status"]).to eq(422)
  end

  it "turns a card by one of its amounts, and says what was poured over must become" do
    card = post_json("/api/mixing/card", { "material" => "two_part_resin", "part" => { "index" => 1, "g" => 12 } })
    expect(card["parts"].map { |part| part["g"] }).to eq([24.0, 12.0])
    expect(post_json("/api/mixing/card", { "material" => "earth_paste", "g" => 3 })["status"]).to eq(422)
    expect(post_json("/api/mixing/card", { "material" => "two_part_resin", "part" => { "index" => 5, "g" => 12 } })["status"]).to eq(422)
    poured = post_json("/api/mixing/poured", { "material" => "two_part_resin", "g" => 30, "poured_g" => [20, 12] })
    expect(poured).to include("saved" => true, "grown" => true, "g" => 36.0)
    expect(post_json("/api/mixing/poured", { "material" => "two_part_resin", "g" => 30, "poured_g" => [20] })["status"]).to eq(422)
  end

  it "finds a tone among paints, says what a batch is off, and reads a tone beside a grey card" do
    paints = %w[#8c4a25 #f2efe6 #1e1b18].map { |colour| { "colour" => colour } }
    found = post_json("/api/mixing/match", { "wanted" => "#b58a6a", "paints" => paints, "count" => 2 })["found"]
    expect(found.size).to eq(2)
    expect(found.first["difference"]).to be < 10
    looks = [0.5, 1.5, 4.0, 9.0, 30.0].map { |difference| GreenPlinth::Colour::Difference.words(difference) }
    expect(looks).to eq(["cannot be told apart", "the same, side by side", "near", "of that kind", "far off"])
    off = post_json("/api/mixing/correct", { "wanted" => "#b58a6a", "batch" => "#8c6a50", "paints" => paints })
    expect(off["same"]).to be(false)
    expect(off["add"].first["paint"]).to eq(1)
    expect(post_json("/api/mixing/sample", { "tone" => "#8c6a50", "card" => "#ffffff" })["problems"].first["pointer"]).to eq("/card")
    expect(post_json("/api/mixing/sample", { "tone" => "#8c6a50", "card" => "#767676" })["colour"]).to match(/\A#\h{6}\z/)
  end

  it "shows the tones of all builds beside each other" do
    create(plain_file(title: "Bank", zones: [zone(course("acrylic_paint", colour: "#8c4a25"), tone: "#8a4a28")]))
    palette = get("/api/palettes").then { answer["builds"].first["palette"] }
    expect(palette["tones"].map { |tone| tone["colour"] }).to include("#8c4a25")
    expect(palette["zones"].first).to include("wished" => "#8a4a28")
    expect(palette["zones"].first["difference"]).to be_between(0.1, 10)
  end
end
