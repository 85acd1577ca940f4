# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::Shifted do
  it "moves every sample and what happened to it, so that it comes to the same on another day" do
    days = 250
    %w[sheepfold-spring peat-bank].each do |name|
      was = evaluation(sample(name))
      moved = evaluation(described_class.new(sample(name)).by(days))
      by = days * GreenPlinth::Moment::DAY
      expect(moved.schedule.starts).to eq(was.schedule.starts.transform_values { |minute| minute + by })
      expect(moved.design.progress.done).to eq(was.design.progress.done.transform_values { |minute| minute + by })
    end
  end

  it "comes back as it was" do
    PropCheck.forall(PropCheck::Generators.choose(-3000..3000)) do |days|
      file = sample("sheepfold-spring")
      there = described_class.new(file).by(days)
      expect(described_class.new(there).by(-days)).to eq(file)
    end
  end

  it "leaves words alone, also those that name a day" do
    file = { "title" => "2027-03-01T19:30", "calendar" => { "start" => "2027-03-01T19:30", "weekly" => [{ "day" => "sun" }] } }
    expect(described_class.new(file).by(1)).to eq({ "title" => "2027-03-01T19:30",
                                                    "calendar" => { "start" => "2027-03-02T19:30", "weekly" => [{ "day" => "mon" }] } })
  end
end
