# frozen_string_literal: true

require "tmpdir"

RSpec.describe GreenPlinth::Kinds do
  let(:kinds) { catalogue.kinds }

  describe "the records that ship" do
    let(:lists) { kinds.to_h }

    # What a list's records need not have beside a name: those that are no kinds but say what comes by itself.
    def named(list) = list == "works" ? [] : lists[list]

    it "have a name, and a source unless the head of their file gives one for all" do
      nameless = lists.keys.flat_map do |list|
        named(list).reject { |kind| kind["name"].to_s.strip != "" }.map { |kind| "#{list}/#{kind["key"]}" }
      end
      unsourced = lists.keys.flat_map do |list|
        next [] if File.read(File.join(GreenPlinth::DATA, "kinds/#{list}.yml"))
          .match?(/^# .*[Ss]ource/) || %w[traits parts entries].include?(list)

        lists[list].reject { |kind| kind["source"] }.map { |kind| "#{list}/#{kind["key"]}" }
      end
      expect(nameless + unsourced).to be_empty
    end

    it "name only techniques, materials, fields and rules that are there" do
      fields = kinds["fields"].keys
      codes = GreenPlinth::Rules::Rule.all.map(&:code)
      lost = lists.flat_map do |list, records|
        records.flat_map do |kind|
          [*Array(kind["technique"]), kind["dressed_by"], kind["solid_technique"]].compact.reject { |key| catalogue.technique(key) } +
            [kind["material"], kind.dig("start", "material")].compact.reject { |key| catalogue[key] } +
            (list == "entries" ? [] : %w[fields more measures].flat_map { |of| kind[of] || [] }).reject { |key| fields.include?(key) } +
            (kind["sides"] || {}).values.flat_map { |side| side["rules"] || [] }.reject { |code| codes.include?(code) }
        end
      end
      expect(lost).to be_empty
    end

    it "have one of each choice that holds where nobody says" do
      %w[purposes mounts airs edges profiles states surfaces spots measures objectives].each do |list|
        expect(lists[list].count { |kind| kind["usual"] }).to eq(1), list
      end
    end

    it "draw their fields from records that say what they are" do
      lists["fields"].each do |field|
        expect(lists).to have_key(field["kinds"]), field["key"] if field["kinds"]
        expect(catalogue.materials.values.any? { |material| material.trait?(field["trait"]) }).to be(true),
          field["key"] if %w[material materials].include?(field["as"])
        expect(kinds["parts"]).to have_key(field["rows"]), field["key"] if field["rows"]
      end
    end

    it "stand in the schemas that ship, word for word" do
      [GreenPlinth::Files::Schema::PLINTH_FILE, GreenPlinth::Files::Schema::CATALOGUE_FILE].each do |path|
        shipped = JSON.parse(File.read(path))
        expect(GreenPlinth::Files::KindSchema.new(shipped, kinds).call).to eq(shipped), "run bin/lib/write_schemas.rb for #{path}"
      end
    end

    it "know every trait that a material or a technique claims" do
      %w[materials techniques].each do |of|
        claimed = catalogue.public_send(of).values.flat_map { |entry| entry.to_h["traits"] || [] }.uniq
        expect(claimed - kinds["traits"].each_value.select { |trait| trait.trait?(of) }.map(&:key)).to be_empty
      end
    end
  end

  it "raises for a list, or a kind, that is not there" do
    expect { kinds["hedges"] }.to raise_error(KeyError)
    expect { kinds.of("features", "windmill") }.to raise_error(KeyError)
    expect(kinds.of("features", nil)).to be_nil
  end

  # A folder of data with one more record of each kind: nothing of the code knows of them.
  describe "a further record" do
    around do |example|
      Dir.mktmpdir do |folder|
        FileUtils.cp_r("#{GreenPlinth::DATA}/.", folder)
        add(folder, "kinds/features.yml",
          "stile" => { "name" => "stile", "plural" => "stiles", "technique" => "build_fence", "source" => "from memory",
          "traits" => %w[bars_feet faces_eye], "colour" => "#6b5a40", "fields" => %w[height_mm] })
        add(folder, "kinds/families.yml",
          "felt" => { "name" => "felt", "dose" => "body", "hatch" => "greenery", "waste" => 1.2, "source" => "from memory",
          "traits" => %w[body laid crust of_forms], "measures" => %w[thickness_mm] })
        add(folder, "materials/felts.yml",
          "needle_felt" => { "name" => "needle felt", "family" => "felt", "mechanism" => "none", "colour" => "#5a6b3a",
          "technique" => "spread_paste", "reference_mm" => 2, "source" => "from memory", "traits" => %w[soft] })
        change(folder, "kinds/schools.yml") do |schools|
          schools["rim"]["sides"]["veneered"] = { "name" => "veneered: looks like furniture", "gain" => "looks like furniture",
                                                  "risk" => "grain runs out at corners", "technique" => "paint_rim",
                                                  "material" => "acrylic_paint", "coats" => 3 }
        end
        @catalogue = GreenPlinth::Catalogue.load(folder)
        example.run
      end
    end

    let(:file) do
      stile = { "id" => "stile", "kind" => "stile", "outline" => rectangle(12, 4, at: [20, 0]), "height_mm" => 30 }
      plain_file(features: [stile], zones: [zone(course("needle_felt", thickness_mm: 2))], schools: { "rim" => "veneered" })
    end
    let(:made) { GreenPlinth.evaluate(design(file, @catalogue)) }

    def change(folder, path)
      file = File.join(folder, path)
      data = File.file?(file) ? YAML.safe_load_file(file) : {}
      yield data
      File.write(file, YAML.dump(data))
    end

    def add(folder, path, records) = change(folder, path) { |data| data.merge!(records) }

    it "may be named in a file, where the shipped kinds alone refuse it" do
      expect(GreenPlinth::Files::PlinthFile.new(@catalogue).problems(file)).to be_empty
      expect(problems(file).map(&:pointer)).to contain_exactly("/features/0/kind", "/schools/rim")
      expect(problems(file).find { |problem| problem.pointer == "/features/0/kind" }.message).to include("must be one of")
    end

    it "is built, and stands where feet do not" do
      expect(made.steps.map(&:title)).to include(match(/stile/))
      feet = { "id" => "walker", "kind" => "figure", "footprint" => round(10), "at_mm" => [20, 0], "feet" => [{ "at_mm" => [0, 0] }] }
      trodden = GreenPlinth.evaluate(design(file.merge("subjects" => [feet]), @catalogue))
      expect(trodden.snags.map { |snag| [snag.code, snag.where] }).to include(["fit/on_feet", "/features/0"])
      beside = GreenPlinth.evaluate(design(file.merge("subjects" => [feet.merge("at_mm" => [-20, 0])]), @catalogue))
      expect(beside.snags.map(&:code)).not_to include("fit/on_feet")
    end

    it "is laid by the traits of its family: it has body, is bought by volume and raises the ground" do
      line = made.quantities.find { |one| one.material == "needle_felt" }
      expect(line.family.key).to eq("felt")
      # 100 × 60 mm less the stile's 12 × 4, 2 mm thick, and a fifth of waste: (6,000 − 48) × 2 × 1.2 / 1000 = 14.3 ml at most.
      expect(line.unit).to eq("ml")
      expect(line.amount).to be_between(12.0, 14.4)
      expect(made.terrain.highest_mm).to be_within(0.05).of(2.0)
    end

    it "is a side of its school like every other: its way of working, its coats, its costs" do
      expect(made.steps.map(&:title).grep(/rim/i).size).to eq(3)
      again = ->(changed) { GreenPlinth.evaluate(design(changed, @catalogue)) }
      sides = GreenPlinth::Questions::SchoolCosts.new(made, again).call.find { |school| school["school"] == "rim" }["sides"]
      expect(sides.map { |side| side["side"] }).to eq(%w[black earth bare veneered])
    end
  end
end
