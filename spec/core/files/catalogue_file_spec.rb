# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::CatalogueFile do
  let(:paste) { catalogue["mud_paste"].to_h.except("key") }
  let(:way) { catalogue.technique("spread_paste").to_h.except("key") }

  def file(**members) = { "format" => "green-plinth-catalogue/1" }.merge(JSON.parse(JSON.generate(members)))
  def problems(data) = described_class.new(catalogue).problems(data).map(&:to_s)

  it "holds what ships to the same checks" do
    whole = { materials: catalogue.materials, techniques: catalogue.techniques }
      .transform_values { |list| list.transform_values { |one| one.to_h.except("key") } }
    expect(problems(file(**whole))).to eq([])
  end

  it "takes entries that name each other" do
    expect(problems(file(materials: { bog_paste: paste.merge("technique" => "smear") },
      techniques: { smear: way.merge("glue" => "bog_paste") }))).to eq([])
  end

  it "reads what it writes" do
    text = described_class.write("materials" => { "bog_paste" => paste }, "techniques" => {}, "recipes" => {}, "stacks" => {})
    expect(described_class.new(catalogue).read(text))
      .to eq("materials" => { "bog_paste" => paste }, "techniques" => {}, "recipes" => {}, "stacks" => {})
  end

  describe "stacks of courses" do
    def stacked(*courses, **more) = file(stacks: { pine_floor: { "name" => "pine floor", "courses" => courses }.merge(more) })

    it "are taken as a plinth file has them, with the mixes they are of" do
      mix = { "id" => "mud", "parts" => [{ "material" => "wood_glue", "amount" => 1 }, { "material" => "water", "amount" => 1 }] }
      floor = stacked({ "material" => "fine_sand", "grain_mm" => [0.1, 0.3] }, { "material" => "mix:mud" }, "mixes" => [mix])
      expect(problems(floor)).to eq([])
    end

    it "are refused at the course that is wrong" do
      expect(problems(stacked({ "material" => "fine_sand", "coats" => -1 })))
        .to contain_exactly(start_with("/stacks/pine_floor/courses/0/coats: "))
      expect(problems(stacked({ "material" => "fine_sand" }, { "material" => "fine_snd" })).join)
        .to match(%r{/stacks/pine_floor/courses/1/material.*did you mean fine_sand})
      expect(problems(stacked({ "material" => "mix:mud" })).join).to start_with("/stacks/pine_floor/courses/0/material: ")
    end
  end

  # what is wrong => pointer and words of the problem
  {
    { "dry_h" => [24, 12, 48] } => %r{/materials/bog/dry_h.*low, typical, high},
    { "full_h" => [1, 2, 3] } => %r{/materials/bog/full_h.*is over before dry_h},
    { "density_wet" => nil } => %r{/materials/bog.*density_wet},
    { "density_wet" => 0 } => %r{/materials/bog/density_wet.*more than 0},
    { "family" => "soup" } => %r{/materials/bog/family.*one of},
    { "hazards" => ["sharks"] } => %r{/materials/bog/hazards/0.*sharks is none of},
    { "technique" => "spred_paste" } => %r{/materials/bog/technique.*did you mean spread_paste},
    { "windows" => { "texture" => [30, 10] } } => %r{/materials/bog/windows/texture.*after it begins},
    { "colour" => "brown" } => %r{/materials/bog/colour.*colour like},
    { "source" => nil } => /source/
  }.each do |change, words|
    it "says what is wrong with #{change}" do
      expect(problems(file(materials: { bog: paste.merge(change).compact })).join("\n")).to match(words)
    end
  end

  {
    { "glue" => "wite_glue" } => %r{/techniques/smear/glue.*did you mean white_glue},
    { "title" => "Smear %{colour}" } => %r{/techniques/smear/title.*blank for colour},
    { "phase" => "party" } => %r{/techniques/smear/phase.*one of},
    { "rate_min" => -1 } => %r{/techniques/smear/rate_min.*0 or more},
    { "also" => { "gin" => 2 } } => %r{/techniques/smear/also/gin.*gin is not among}
  }.each do |change, words|
    it "says what is wrong with a technique: #{change}" do
      expect(problems(file(techniques: { smear: way.merge(change) })).join("\n")).to match(words)
    end
  end

  it "refuses what is no catalogue file, and keys that are no keys" do
    expect(problems([])).to include(/must be an object/)
    expect(problems({ "format" => "green-plinth/1" })).not_to be_empty
    expect(problems(file(materials: { "Bog Paste" => paste }))).not_to be_empty
  end

  it "lets a build use what is the maker's own, and what stands before what ships" do
    own = catalogue.with({ "bog_paste" => paste.merge("name" => "bog paste"),
                           "earth_paste" => catalogue["earth_paste"].to_h.merge("dry_h" => [50, 60, 70]) }, {})
    data = plain_file(zones: [zone(course("bog_paste", thickness_mm: 2))])
    expect(problems_of(data, own)).to be_empty
    expect(problems_of(data, catalogue)).not_to be_empty
    expect(own["earth_paste"].hours("dry").typical).to eq(60)
    expect(catalogue["earth_paste"].hours("dry").typical).to eq(24)
    expect(own.technique("spread_paste")).to be(catalogue.technique("spread_paste"))
  end

  def problems_of(data, with) = GreenPlinth::Files::PlinthFile.new(with).problems(data)
end
