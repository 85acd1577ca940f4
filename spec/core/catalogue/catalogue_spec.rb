# frozen_string_literal: true

# The catalogue is data: these specs hold it to what the code expects of it.
RSpec.describe GreenPlinth::Catalogue do
  let(:materials) { catalogue.materials.values }

  it "ships at least 30 materials, of every family" do
    expect(materials.size).to be >= 30
    expect(materials.map { |material| material.family.key }.uniq)
      .to include("plinth", "bulk", "grain", "pigment", "greenery", "fixing", "glue", "paste", "coating",
      "water", "wetting")
  end

  it "says where each value comes from: a standard, common practice or memory" do
    materials.each { |material| expect(material.source("dry_h").to_s).not_to be_empty, material.key }
    expect(catalogue.techniques.values.map { |technique| technique["source"] }).to all(be_a(String))
    expect(catalogue.things.values.map { |thing| thing["source"] }).to all(be_a(String))
    expect(catalogue.kinds["grounds"].values.map { |ground| ground["source"] }).to all(be_a(String))
  end

  it "names no technique that is not there, and no hazard without its caution" do
    materials.each do |material|
      expect(catalogue.techniques).to include(material.technique), material.key if material.technique
      expect(catalogue.cautions.keys).to include(*material.hazards) if material.hazards.any?
    end
    catalogue.techniques.each_value do |technique|
      expect(catalogue.cautions.keys).to include(*technique.cautions) if technique.cautions.any?
    end
  end

  it "names no glue that is not a material" do
    catalogue.techniques.each_value do |technique|
      expect(catalogue[technique.glue]).not_to be_nil, technique.key if technique.glue
    end
  end

  it "runs every range from low over typical to high" do
    materials.each do |material|
      ranges = %w[handle next dry full].filter_map do |stage|
        material.hours(stage)
      end + [material.open_min, material.grain_mm].compact
      ranges.each { |range| expect(range.to_a).to eq(range.to_a.sort), material.key }
    end
  end

  it "gives what sets its stages in their order" do
    materials.select(&:sets?).each do |material|
      typical = %w[handle dry full].map { |stage| material.hours(stage)&.typical }
      expect(typical).to eq(typical.sort), material.key
      expect(material.reference_mm).to be > 0
    end
  end

  it "packs everything in a unit with a price" do
    packs = materials.filter_map(&:pack)
    expect(packs.size).to be > materials.size * 0.9
    expect(packs.map { |pack| pack["price_minor"] }).to all(be_a(Integer).and(be >= 0))
  end

  it "pours every water by a technique of pouring or brushing" do
    phases = materials.select { |material| material.trait?("fills_water") }.map { |material| catalogue.technique(material.technique).phase }
    expect(phases).to all(be_in(%i[pour surface foam]))
  end

  it "speaks for an unknown key and a mix" do
    expect(catalogue.name("mix:red_mud")).to eq("red mud")
  end
end

RSpec::Matchers.define(:be_in) { |list| match { |value| list.include?(value) } }
