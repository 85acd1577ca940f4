# frozen_string_literal: true

# What goes with a step, beside its drying.
RSpec.describe "Notes at the step" do
  it "say for every way of working what to look for, what goes wrong and what to think of" do
    without = catalogue.techniques.reject { |_, one| one.look && one.trouble && one.notes.any? }
    expect(without.keys).to be_empty
  end

  it "are short, each one thing" do
    long = catalogue.techniques.values.flat_map(&:notes).reject { |note| note.length.between?(8, 90) }
    expect(long).to be_empty
  end

  it "come with the step in the evaluation" do
    told = evaluation(plain_file(zones: [zone(course("fine_sand", id: "sand", technique: "wetted_flood"))])).to_h
    step = told["schedule"] && told["steps"].find { |one| one["id"] == "sand" }
    expect(step["notes"]).to include("blot pools within the window")
  end

  it "may be a maker's own" do
    own = catalogue.technique("dry_brush").to_h.except("key").merge("notes" => ["on the windward side only"])
    expect(catalogue.with({}, { "dry_brush" => own }).technique("dry_brush").notes).to eq(["on the windward side only"])
  end
end
