# frozen_string_literal: true

RSpec.describe "Groups of subjects" do
  def man(id, x, y = 0, **more) = figure(round(8), id: id, at_mm: [x, y], height_mm: 30, **more)
  def scene(*men, groups:) = plain_file(subjects: men, groups: groups.map { |id, members| { "id" => id, "members" => members } })
  def judged(file) = evaluation(file).judgements.find { |one| one.key == "groups" }

  # Discs of 8 mm: 12 mm from middle to middle leaves 4 mm, 25 mm leaves 17.
  let(:pair_and_one) { scene(man("a", -20), man("b", -8), man("c", 17), groups: { "watch" => %w[a b] }) }

  it "hold together where their members are nearer to each other than to the rest" do
    expect(judged(pair_and_one).verdict).to eq("good")
    expect(judged(pair_and_one).figure).to be_within(0.05).of(17)
    expect(judged(pair_and_one).sentence).to include("4 mm from one to the next", "17 mm to the others")
  end

  it "are told where a stranger stands nearer" do
    near = scene(man("a", -20), man("b", -8), man("c", 3), groups: { "watch" => %w[a b] })
    expect(judged(near).verdict).to eq("look")
    expect(judged(near).sentence).to include("does not read as a group")
  end

  # From the first to the second 4 mm, from the second to the third 7: the widest step counts, not the 19 mm from end to end.
  it "are measured from one to the next" do
    row = scene(man("a", -30), man("b", -18), man("c", -3), man("d", 30), groups: { "row" => %w[a b c] })
    expect(judged(row).sentence).to include("7 mm from one to the next")
  end

  it "have their principal highest, and say so where another is" do
    high = scene(man("a", -20, 0, focal: true, height_mm: 34), man("b", -8), man("c", 17), groups: { "watch" => %w[a b] })
    low = scene(man("a", -20, 0, focal: true, height_mm: 28), man("b", -8), man("c", 17), groups: { "watch" => %w[a b] })
    expect([high, low].map { |file| judged(file).verdict }).to eq(%w[good look])
    expect(judged(low).sentence).to include("A is not the highest")
  end

  it "say nothing where there are none, and none of one alone" do
    expect(judged(scene(man("a", 0), man("b", 20), groups: {}))).to be_nil
    expect(judged(scene(man("a", 0), man("b", 20), groups: { "one" => ["a"] }))).to be_nil
  end

  it "are held as their group is, where they say nothing themselves" do
    file = scene(man("a", -20), man("b", -8, 0, mount: "wired"), groups: { "watch" => %w[a b] })
    file["groups"][0]["mount"] = "pinned"
    expect(design(file).subjects.map { |subject| subject.mount.key }).to eq(%w[pinned wired])
    expect(evaluation(file).steps.map(&:title)).to include("Pin a", "Wire b")
  end

  it "are mounted one after the other" do
    file = scene(man("a", -30), man("b", 10), man("c", -15), man("d", 30), groups: { "right" => %w[b d], "left" => %w[a c] })
    times = evaluation(file).schedule
    right, left = %w[b d], %w[a c]
    expect(right.map { |id| times.finish("#{id}/mount") }.max).to be <= left.map { |id| times.start("#{id}/mount") }.min
  end

  describe "in rank and file" do
    def ranked(places, rows: 1, columns: 3)
      spear = { "id" => "spear", "count" => places.size, "places" => places,
                "changed" => { "man" => { "silhouette" => rectangle(26, 8) } } }
      plain_file(copies: rows * columns, purpose: "unit_base", plinth: { "outline" => round(20), "thickness_mm" => 3, "material" => "mdf" },
        subjects: [man("man", 0)], variants: [spear], formation: { "rows" => rows, "columns" => columns, "gap_mm" => 0 })
    end

    # Bases of 20 mm side by side; figures of 8 mm leave 12 mm; one of 26 mm beside one of 8 leaves 20 − 13 − 4 = 3.
    it "are looked at each where it stands" do
      expect(evaluation(ranked([2])).formation.least_gap_mm).to be_within(0.1).of(3)
    end

    # Two of 26 mm side by side overlap by 6 mm; apart from each other they do not.
    it "meet where two wide ones stand together" do
      expect(evaluation(ranked([1, 2])).formation.least_gap_mm).to eq(0)
      expect(evaluation(ranked([1, 3])).formation.least_gap_mm).to be_within(0.1).of(3)
    end

    it "stand on the first free places where nobody says" do
      file = ranked([3])
      file["variants"] << { "id" => "drum", "count" => 1 }
      expect(evaluation(file).standing_places.transform_values(&:id)).to eq({ 3 => "spear", 1 => "drum" })
    end
  end
end
