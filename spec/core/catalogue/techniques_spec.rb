# frozen_string_literal: true

# What every way of working owes a maker, whatever it is.
RSpec.describe "Ways of working" do
  techniques = GreenPlinth::Catalogue.default.techniques.values
  places = { place: "the bank", material: "paste", detail: "2 mm", treatment: "Bake" }

  techniques.each do |technique|
    it "#{technique.key} has a title, a time, a tool, something to look at, and a source" do
      expect(technique.title(places)).to match(/\A[A-Z]/).and(satisfy { |title| !title.include?("%") })
      expect(technique.hands_on(1)).to be_positive
      expect(technique.hands_on(2)).to be > technique.hands_on(1)
      expect(technique.rig).not_to be_empty
      expect(technique.look).not_to be_nil unless technique.key == "own_task"
      expect(technique["source"]).to be_in(["from memory", "common practice"])
    end
  end

  it "carries a caution wherever blades, dust, fumes or lamps are at work" do
    risky = { "knife" => %w[blade], "hot wire" => %w[hot], "lamp" => %w[eyes], "applicator" => %w[high_voltage], "airbrush" => %w[aerosol] }
    bare = techniques.select { |technique| risky.key?(technique.rig) && (technique.cautions & risky[technique.rig]).empty? }
    # Pastes are spread with a blunt knife.
    expect(bare.map(&:key) - %w[spread_paste]).to eq([])
  end

  it "stays by water and fibres in the sitting they are laid in" do
    staying = techniques.select { |technique| technique["stay_min"] }.map(&:key)
    expect(staying).to include("pour_acrylic", "pour_resin", "static_grass")
  end

  it "speaks only of phases that some rule or the search knows" do
    told = Dir[File.join(Specimens::ROOT, "core/lib/green_plinth/**/*.rb")].map { |path| File.read(path) }.join
    unknown = techniques.map(&:phase)
      .uniq.reject { |phase| told.include?(":#{phase}") || catalogue.kinds["phases"][phase.to_s].traits.any? }
    expect(unknown).to eq([])
  end

  matcher(:be_in) { |list| match { |one| list.include?(one) } }
end
