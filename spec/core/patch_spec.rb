# frozen_string_literal: true

RSpec.describe GreenPlinth::Patch do
  let(:file) { plain_file(forms: [lift(3, round(10)), cut(2, round(5))]) }

  def apply(*operations)
    described_class.apply(file, operations.map { |operation| operation.transform_keys(&:to_s) })
  end

  it "changes a copy and leaves the original" do
    changed = apply({ op: "replace", path: "/forms/0/sheet_mm", value: 5 })
    expect(changed["forms"][0]["sheet_mm"]).to eq(5)
    expect(file["forms"][0]["sheet_mm"]).to eq(3)
  end

  it "adds, moves, copies, removes and tests" do
    changed = apply({ op: "test", path: "/scale", value: 35 }, { op: "add", path: "/forms/-", value: { "id" => "new" } },
      { op: "move", from: "/forms/1", path: "/forms/0" }, { op: "copy", from: "/title", path: "/story" },
      { op: "remove", path: "/forms/2" })
    expect(changed["forms"].map { |form| form["id"] }).to eq(%w[cut lift])
    expect(changed["story"]).to eq("Specimen")
  end

  it "reads escaped pointers" do
    expect(described_class.apply({ "a/b" => 1 },
      [{ "op" => "replace", "path" => "/a~1b", "value" => 2 }])).to eq({ "a/b" => 2 })
  end

  [
    [{ op: "replace", path: "/forms/9/sheet_mm", value: 1 }, "a part that is not there"],
    [{ op: "remove", path: "/nothing" }, "a member that is not there"],
    [{ op: "add", path: "/title/deeper", value: 1 }, "a member of a text"],
    [{ op: "test", path: "/scale", value: 36 }, "a test that fails"],
    [{ op: "move", from: "/forms/7", path: "/forms/0" }, "a move from nowhere"],
    [{ op: "add", path: "forms", value: 1 }, "a pointer without its slash"],
    [{ op: "replace", path: "", value: {} }, "the whole file"],
  ].each do |operation, what|
    it "refuses #{what}, naming the operation" do
      expect do
        apply({ op: "test", path: "/scale", value: 35 }, operation)
      end.to raise_error(GreenPlinth::InvalidFile, %r{/patch/1})
    end
  end

  it "applies all or nothing" do
    before = Marshal.load(Marshal.dump(file))
    expect do
      apply({ op: "replace", path: "/scale", value: 72 }, { op: "remove", path: "/nothing" })
    end.to raise_error(GreenPlinth::InvalidFile)
    expect(file).to eq(before)
  end
end
