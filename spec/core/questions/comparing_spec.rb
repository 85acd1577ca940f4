# frozen_string_literal: true

# Other ways of building the same: side by side, and by the schools.
RSpec.describe "Comparing ways" do
  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 3), course("acrylic_primer"), course("fine_sand"),
      course("static_grass", length_mm: 2))], calendar: { start: "2027-03-01T09:00", finish_by: "2027-03-20T12:00",
                  weekly: [{ day: "mon", from: "19:00", to: "21:00" }, { day: "thu", from: "19:00", to: "21:00" }] })
  end
  let(:evaluate) { ->(data) { evaluation(data) } }

  describe GreenPlinth::Questions::Comparison do
    it "finds nothing between a build and itself" do
      told = described_class.new(evaluation(file), evaluation(file)).to_h
      expect(told.values_at("only_first", "only_second", "moved", "snags_new", "snags_gone")).to all(be_empty)
      expect(told["sides"].uniq.size).to eq(1)
    end

    it "tells what only one side does, and what is done on another day" do
      other = file.merge("schools" => { "rim" => "bare" }, "climate" => { "temperature_c" => 10, "humidity_pct" => 80 })
      told = described_class.new(evaluation(file), evaluation(other)).to_h
      expect(told["only_first"]).to include("Paint the rim, coat 1 of 2")
      expect(told["only_second"]).to be_empty
      expect(told["moved"]).not_to be_empty
      expect(told["sides"].map { |side| side["hands_on_min"] }.reduce(:-)).to be_positive
    end

    it "says why a side has no date, instead of one" do
      stuck = file.merge("tasks" => [{ "id" => "mural", "title" => "Mural", "hands_on_min" => 900 }])
      told = described_class.new(evaluation(file), evaluation(stuck)).to_h["sides"].last
      expect(told).to include("ready_at" => nil, "sittings" => nil, "infeasible" => /mural takes 15 h/)
    end
  end

  describe GreenPlinth::Questions::SchoolCosts do
    let(:costs) { described_class.new(evaluation(file), evaluate).call }

    it "has every side of every school, with what it gives and risks" do
      expect(costs.map { |one| one["school"] }).to match_array(catalogue.kinds["schools"].keys)
      costs.each do |one|
        expect(one["sides"].map { |side| side["side"] }).to include(one["taken"])
        expect(one["sides"].flat_map { |side| side.values_at("gain", "risk") }).to all(be_a(String))
      end
    end

    it "costs what the build then takes" do
      side = costs.find { |one| one["school"] == "fixing" }["sides"].find { |one| one["side"] == "thin_superglue" }
      made = evaluation(GreenPlinth::Patch.apply(file, side["patch"]))
      expect(side["ready_at"]).to eq(GreenPlinth::Moment.format(made.schedule.ready_at))
      expect(side["hands_on_min"]).to eq(made.steps.sum(&:hands_on_min) - evaluation(file).steps.sum(&:hands_on_min))
    end

    it "asks for no change where the build goes that way" do
      taken = costs.map { |one| one["sides"].find { |side| side["side"] == one["taken"] } }
      expect(taken.map { |side| side["patch"] }).to all(be_empty)
    end
  end

  describe "planning from what was done" do
    it "begins nothing before the moment it is planned from" do
      planned = evaluation(file.merge("progress" => { "as_of" => "2027-03-09T00:00",
                                                      "done" => [{ "step" => "plinth/prepare", "finished" => "2027-03-01T19:10" }] }))
      starts = planned.schedule.starts.except("plinth/prepare")
      expect(starts.values.min).to be >= minutes("2027-03-09T00:00")
      expect(planned.schedule.starts["plinth/prepare"]).to eq(minutes("2027-03-01T19:10"))
      expect(GreenPlinth::Schedule::Sittings.of(planned.schedule).flat_map(&:steps)).not_to include("plinth/prepare")
    end
  end
end
