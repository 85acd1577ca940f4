# frozen_string_literal: true

# The format grows by optional members, so that it keeps its number: a file of before means what it meant. What was told of the samples
# before it learnt of running water, further bodies, copies that differ, faces and ways is kept beside, and must be told still.
RSpec.describe "Files of before the format grew" do
  told_before = JSON.parse(File.read(File.join(Specimens::ROOT, "spec/support/told_before.json")))

  def told_now(answer)
    { "area_mm2" => answer["plinth"]["area_mm2"], "relief" => answer["relief"].slice("max_height_mm", "min_height_mm"),
      "waters" => answer["waters"].map { |water| water.slice("id", "area_mm2", "volume_ml", "max_depth_mm", "dam_mm") },
      "mass_g" => answer["balance"]["mass_g"] || answer["balance"]["known_g"], "steps" => answer["steps"].map { |step| step["id"] }.sort,
      "quantities" => answer["quantities"].map { |line| line.values_at("material", "colour", "amount", "unit") }.sort_by(&:to_s),
      "symmetry_pct" => answer["composition"]["symmetry_pct"] }
  end

  told_before.each do |name, before|
    it "mean what they meant: #{name}" do
      expect(told_now(told(sample(name)))).to eq(before)
    end
  end

  it "have none of the members that came later" do
    told_before.each_key do |name|
      file = sample(name)
      expect(file.keys & %w[bodies variants]).to be_empty
      expect(file["waters"].to_a.select { |water| water["fall"] }).to be_empty
      expect(file["format"]).to eq("green-plinth/1")
    end
  end
end
