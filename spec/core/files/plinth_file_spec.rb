# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::PlinthFile do
  def pointers(file) = problems(file).map(&:pointer)
  def message(file) = problems(file).map(&:to_s).join("\n")
  def refused(text) = GreenPlinth.read(text) && nil

  it "keeps every member of a file through a round trip" do
    sample_names.each do |name|
      file = sample(name)
      expect(JSON.parse(described_class.write(design(file)))).to eq(file)
    end
  end

  it "keeps what this version does not compute yet" do
    file = plain_file(mixes: [{ id: "mud", parts: [{ material: "earth_paste", amount: 3 }, { material: "water", amount: 1 }] }],
      subjects: [figure(round(10), feet: [{ at_mm: [1, 2] }])], groups: [{ id: "pair", members: ["figure"] }],
      formation: { rows: 2, columns: 4, gap_mm: 1.5 }, limits: { fit_in: [{ name: "case", width_mm: 200 }] })
    expect(JSON.parse(described_class.write(design(file)))).to eq(file)
  end

  it "freezes what it has read" do
    expect(design(plain_file).to_h["plinth"]).to be_frozen
  end

  describe "text that is no plinth file" do
    it "says that it is not JSON" do
      expect { refused("{") }.to raise_error(GreenPlinth::InvalidFile, /not JSON/)
    end

    it "wants an object" do
      expect(message([])).to match(/must be an object/)
    end

    it "refuses 5 MB at once" do
      expect do
        refused("[#{"1," * 2_500_000}1]")
      end.to raise_error(GreenPlinth::InvalidFile, /5\.0 MB.*2 MB at the most/)
    end

    it "refuses nesting without end" do
      expect { refused("#{"[" * 500}#{"]" * 500}") }.to raise_error(GreenPlinth::InvalidFile, /nested deeper/)
    end

    it "refuses bytes that are not UTF-8" do
      expect { refused("\"\xFF\"") }.to raise_error(GreenPlinth::InvalidFile, /UTF-8/)
    end

    it "refuses numbers without end, with their place" do
      expect do
        refused(JSON.generate(plain_file).sub('"scale":35',
          '"scale":1e999'))
      end.to raise_error(GreenPlinth::InvalidFile, %r{/scale: is too large a number})
    end
  end

  describe "shape" do
    it "names every missing member" do
      expect(message({ "format" => "green-plinth/1" })).to include("missing title, purpose, scale, plinth")
    end

    it "finds all problems at once, each with its pointer" do
      file = plain_file(zones: [zone(course("earth_paste", thickness_mm: 0), ground: "lava")],
        forms: [lift(-1, round(10))]).merge("scale" => 0)
      expect(pointers(file)).to contain_exactly("/scale", "/zones/0/ground", "/zones/0/courses/0/thickness_mm",
        "/forms/0/sheet_mm")
    end

    it "judges an outline as the kind it says it is" do
      file = plain_file(forms: [lift(3, { "kind" => "oval", "width_mm" => 10 })])
      expect(message(file)).to eq("/forms/0/outline: is missing depth_mm")
    end

    it "says which kinds there are" do
      expect(message(plain_file(forms: [lift(3,
        { "kind" => "star" })]))).to match(%r{/forms/0/outline/kind: must be one of round, oval.*it is "star"})
    end

    it "says what a form of its kind lacks, and nothing of the other kinds" do
      expect(message(plain_file(forms: [{ "id" => "a", "kind" => "ramp",
                                          "outline" => round(10) }]))).to eq("/forms/0: is missing from_mm, to_mm, from_z_mm, to_z_mm")
    end

    it "does not take members it does not know" do
      expect(message(plain_file(colour: "red"))).to include("/colour: is not known here")
    end

    it "explains patterns in words" do
      file = plain_file(zones: [zone(course("acrylic_paint", colour: "red"), id: "My Zone")],
        calendar: { start: "tomorrow", weekly: [{ day: "mon", from: "7pm", to: "22:00" }] })
      expect(message(file)).to include("small letters", "a colour like #7a5a3c", "a moment like 2027-03-01T19:30",
        "a time of day like 19:30")
    end

    it "takes a deadline of null" do
      expect(problems(plain_file(calendar: { finish_by: nil }))).to be_empty
    end
  end

  describe "sense" do
    it "knows the catalogue and guesses what was meant" do
      file = plain_file(zones: [zone(course("earth_past"))])
      expect(message(file)).to eq("/zones/0/courses/0/material: earth_past is not in the catalogue; did you mean earth_paste?")
    end

    it "looks for materials everywhere they are named" do
      file = plain_file(forms: [lift(3, round(10), material: "cheese", seal: ["butter"])], waters: [water(3, round(9), medium: "milk")],
        features: [{ id: "wall", kind: "wall", material: "bread" }],
        subjects: [figure(round(10), material: "butter")], mixes: [{ id: "mix", parts: [{ material: "jam", amount: 1 }] }])
      expect(pointers(file)).to contain_exactly("/forms/0/material", "/forms/0/seal/0", "/waters/0/medium", "/features/0/material",
        "/subjects/0/material", "/mixes/0/parts/0/material")
    end

    it "wants a medium of the water family" do
      expect(message(plain_file(waters: [water(3, round(9),
        medium: "white_glue")]))).to match(%r{/waters/0/medium: .*is no water})
    end

    it "wants a mix that is there" do
      expect(pointers(plain_file(zones: [zone(course("mix:mud"))]))).to eq(["/zones/0/courses/0/material"])
      expect(problems(plain_file(zones: [zone(course("mix:mud"))],
        mixes: [{ id: "mud", parts: [{ material: "earth_paste", amount: 1 }] }]))).to be_empty
    end

    it "wants every id once, courses included" do
      file = plain_file(zones: [zone(course("earth_paste", id: "same"), id: "ground")],
        subjects: [figure(round(9), id: "same")])
      expect(message(file)).to match(%r{/subjects/0/id: same is taken by /zones/0/courses/0})
      mud = { id: "mud", parts: [{ material: "earth_paste", amount: 1 }] }
      expect(message(plain_file(mixes: [mud, mud]))).to match(%r{/mixes/1/id: mud is taken by /mixes/0})
    end

    it "gives what is new an id that nothing in it has, be it a mix or a group" do
      taken = design(plain_file(forms: [lift(3, round(9), id: "part-1")], subjects: [figure(round(9), id: "boy")],
        groups: [{ id: "part-3", members: ["boy"] }], mixes: [{ id: "part-2", parts: [{ material: "earth_paste", amount: 1 }] }]))
      expect(taken.fresh_ids("part").first(2)).to eq(%w[part-4 part-5])
    end

    it "refuses an outline that crosses itself" do
      expect(message(plain_file(forms: [lift(3,
        polygon([0, 0], [20, 20], [20, 0], [0, 20]))]))).to match(%r{/forms/0/outline: crosses or touches itself})
    end

    it "refuses outlines without an inside" do
      expect(message(plain_file(forms: [lift(3,
        polygon([0, 0], [10, 0], [20, 0]))]))).to match(%r{/forms/0/outline: })
      expect(message(plain_file(forms: [lift(3,
        { "kind" => "strip", "points_mm" => [[1, 1], [1, 1]], "width_mm" => 4 })]))).to match(/has no length/)
    end

    it "refuses a zone beside the plinth, and takes one that overlaps it" do
      expect(message(plain_file(zones: [zone(outline: round(20,
        at: [200, 0]))]))).to match(%r{/zones/0/outline: .*lies beside the plinth})
      expect(problems(plain_file(zones: [zone(outline: round(20, at: [55, 0]))]))).to be_empty
    end

    it "keeps 'rest' to zones" do
      expect(pointers(plain_file(forms: [lift(3, rest)]))).to eq(["/forms/0/outline"])
    end

    it "knows the calendar" do
      file = plain_file(calendar: { start: "2027-02-30T10:00",
                                    away: [{ from: "2027-03-05T00:00", to: "2027-03-04T00:00" }] })
      expect(pointers(file)).to contain_exactly("/calendar/start", "/calendar/away/0/to")
      expect(pointers(plain_file(calendar: { start: "2027-03-05T10:00",
                                             finish_by: "2027-03-01T10:00" }))).to eq(["/calendar/finish_by"])
    end

    it "follows wishes, hosts and groups to parts that are there" do
      file = plain_file(order: [{ first: "nobody", then: "nothing" }], features: [{ id: "ivy", kind: "bush", host: "wall" }],
        groups: [{ id: "set", members: ["gone"] }])
      expect(pointers(file)).to contain_exactly("/order/0/first", "/order/0/then", "/features/0/host",
        "/groups/0/members/0")
    end

    it "wants grains from the smaller to the larger" do
      expect(pointers(plain_file(zones: [zone(course("gravel",
        grain_mm: [3, 1]))]))).to eq(["/zones/0/courses/0/grain_mm"])
    end

    it "refuses more coats than can be planned, and takes as many as can" do
      paint = Array.new(20) { course("acrylic_paint", coats: 30) }
      courses = ->(count) { plain_file(zones: [zone(*paint, *Array.new(count) { course("tufts") })]) }
      expect(pointers(courses[0])).to be_empty
      expect(message(courses[1])).to match(/holds 601 coats .* 600 are the most/)
    end

    it "refuses a base narrower than any, and takes a narrow one" do
      strip = ->(mm) { plain_file.tap { |file| file["plinth"] = file["plinth"].merge("outline" => rectangle(100, mm)) } }
      expect(pointers(strip[0.9])).to eq(["/plinth/outline"])
      expect(pointers(strip[1])).to be_empty
    end

    it "refuses forms of what has no body, and seals that do not set" do
      expect(message(plain_file(forms: [lift(3, round(10), material: "white_glue")]))).to match(/white glue is no material for a form/)
      expect(message(plain_file(forms: [lift(3, round(10), seal: ["cork_sheet"])]))).to match(/cork sheet is no coat/)
      expect(pointers(plain_file(forms: [lift(3, round(10), seal: ["white_glue"])]))).to be_empty
    end

    it "refuses what lies farther out than any workshop" do
      expect(message(plain_file(forms: [lift(3,
        round(10, at: [20_000, 0]))]))).to match(/at_mm.*must be 5000 or less/)
    end
  end

  it "never raises anything but InvalidFile, whatever is changed in a good file" do
    files = sample_names.map { |name| sample(name) }
    values = [0, -1, 1e9, 0.5, "x", nil, true, [], {}, "rest", [[0, 0], [1, 1], [2, 2]], "two_part_resin", "skim"]
    PropCheck.forall(PropCheck::Generators.tuple(*[PropCheck::Generators.choose(0..1_000_000)] * 3)) do |which, where, what|
      file = Marshal.load(Marshal.dump(files[which % files.size]))
      Mutation.change(file, where, values[what % values.size])
      begin
        GreenPlinth.read(JSON.generate(file))
      rescue GreenPlinth::InvalidFile => e
        expect(e.problems).not_to be_empty
      end
    end
  end

  it "finds what is wrong in a part beside parts that it knows to be right, at its own place" do
    reader = described_class.new(catalogue)
    file = plain_file(forms: [lift(3, round(10), id: "a"), lift(4, round(10), id: "b")])
    expect(reader.problems(file)).to be_empty
    file["forms"][1]["sheet_mm"] = -1
    expect(reader.problems(file).map(&:pointer)).to eq(["/forms/1/sheet_mm"])
    file["forms"][1] = lift(4, round(10), id: "a").transform_keys(&:to_s)
    expect(reader.problems(JSON.parse(JSON.generate(file))).map(&:pointer)).to eq(["/forms/1/id"])
  end
end
