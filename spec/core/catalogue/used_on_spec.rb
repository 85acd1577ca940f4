# frozen_string_literal: true

# What ways of working are offered for: told from the records, held against records read by hand.
RSpec.describe "Where ways of working are used" do
  let(:used) { catalogue.used_on }

  it "is told by the materials that are laid by them" do
    expect(used["stack_cork"]).to eq(%w[bulk])
    expect(used["static_grass"]).to include("greenery")
    expect(used["stack_foam"]).to include("bulk")
  end

  it "tells those of the schools that leave the way open" do
    side = catalogue.kinds.of("schools", "fixing")["sides"].each_value.map { |one| one["technique"] }.compact
    expect(side).not_to be_empty
    side.each { |key| expect(used[key]).to include("grain"), key }
  end

  it "is told by the kinds of part that are made by them" do
    expect(used["build_wall"]).to eq(%w[features])
    expect(used["skim_paste"]).to include("forms")
    catalogue.kinds["features"].each_value { |kind| expect(used[kind["technique"]]).to include("features"), kind.key }
  end

  it "names no way that is not there, and none for what nothing is made by" do
    expect(used.keys - catalogue.techniques.keys).to be_empty
    expect(used).not_to have_key("own_task")
  end

  it "goes by a maker's own material, too" do
    own = catalogue["mud_paste"].to_h.except("key").merge("technique" => "dust")
    expect(catalogue.used_on["dust"]).not_to include("paste")
    expect(catalogue.with({ "bog" => own }, {}).used_on["dust"]).to include("paste")
  end
end

RSpec.describe "Everyday words for materials" do
  it "are there for all that ship, and lead nobody to two things by its own name" do
    wordless = catalogue.materials.values.reject { |material| material.to_h["also"]&.any? }
    expect(wordless.map(&:key)).to be_empty
    catalogue.materials.each_value do |material|
      expect(material.to_h["also"]).not_to include(material.name), material.key
    end
  end

  { "PVA" => %w[tacky_glue white_glue wood_glue], "gesso" => %w[acrylic_primer],
    "resin" => %w[two_part_resin uv_resin], "sand" => %w[coarse_sand fine_sand sand_paste] }.each do |word, keys|
    it "lead from #{word} to #{keys.join(", ")}" do
      found = catalogue.materials.values.select { |material| material.to_h["also"].include?(word) }.map(&:key)
      expect(found.sort).to eq(keys)
    end
  end
end
