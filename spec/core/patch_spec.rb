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
    [{ op: "replace", path: "/forms/-", value: 1 }, "the place after the last"],
    [{ op: "remove", path: "/forms/01" }, "an index with a leading zero"],
    [{ op: "add", path: "/forms/3", value: {} }, "a place past the end"],
    [{ op: "replace", path: "/scale/2", value: 1 }, "a member of a number"],
    [{ op: "copy", from: "/nothing", path: "/story" }, "a copy of nothing"],
    [{ op: "move", from: "/plinth", path: "/plinth/inner" }, "a move into itself"],
    [{ op: "add", path: "/story" }, "an addition without a value"],
    [{ op: "turn", path: "/story" }, "an operation that there is none of"],
  ].each do |operation, what|
    it "refuses #{what}, naming the operation" do
      expect do
        apply({ op: "test", path: "/scale", value: 35 }, operation)
      end.to raise_error(GreenPlinth::InvalidFile, %r{/patch/1})
    end
  end

  it "copies: what is changed later is changed in one place" do
    changed = apply({ op: "copy", from: "/forms/0", path: "/forms/-" }, { op: "replace", path: "/forms/2/sheet_mm", value: 9 })
    expect(changed["forms"].map { |form| form["sheet_mm"] }).to eq([3, nil, 9])
  end

  it "keeps no hold of the values it was given" do
    value = { "id" => "new" }
    operations = [{ "op" => "add", "path" => "/forms/-", "value" => value },
                  { "op" => "add", "path" => "/forms/2/name", "value" => "New" }]
    described_class.apply(file, operations)
    expect(value).to eq({ "id" => "new" })
  end

  it "copies a part into itself" do
    changed = apply({ op: "copy", from: "/plinth", path: "/plinth/inner" })
    expect(changed["plinth"]["inner"]).to eq(file["plinth"])
  end

  it "puts null where null is said" do
    expect(apply({ op: "add", path: "/story", value: nil })).to include("story" => nil)
    expect(apply({ op: "add", path: "/story", value: nil }, { op: "test", path: "/story", value: nil })).to include("story" => nil)
  end

  it "refuses copies of copies that double until the memory is full" do
    doubling = (0..60).map { |n| { op: "copy", from: "/x", path: "/x/#{n}" } }
    expect { apply({ op: "add", path: "/x", value: { "a" => "x" * 100 } }, *doubling) }
      .to raise_error(GreenPlinth::InvalidFile, /puts more than 2 MB into the file|deeper than 40/)
    lists = (0..60).map { { op: "copy", from: "/x", path: "/x/-" } }
    expect { apply({ op: "add", path: "/x", value: ["x" * 100] }, *lists) }.to raise_error(GreenPlinth::InvalidFile, /\/patch/)
  end

  it "refuses what makes the file too large or too deep" do
    expect { apply({ op: "add", path: "/story", value: "x" * 2_000_001 }) }.to raise_error(GreenPlinth::InvalidFile, /2\.0 MB/)
    deep = 45.times.reduce(1) { |inner, _| [inner] }
    expect { apply({ op: "add", path: "/story", value: deep }) }.to raise_error(GreenPlinth::InvalidFile, /deeper than 40/)
    expect { apply(*Array.new(501) { { op: "test", path: "/scale", value: 35 } }) }.to raise_error(GreenPlinth::InvalidFile, /500/)
  end

  it "applies all or nothing" do
    before = Marshal.load(Marshal.dump(file))
    expect do
      apply({ op: "replace", path: "/scale", value: 72 }, { op: "remove", path: "/nothing" })
    end.to raise_error(GreenPlinth::InvalidFile)
    expect(file).to eq(before)
  end
end
