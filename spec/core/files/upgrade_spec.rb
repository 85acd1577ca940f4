# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::Upgrade do
  # Two formats to come, by way of example: a member gets another name, then a list becomes an object.
  let(:steps) do
    { 1 => ->(file) { file["tale"] = file.delete("story") }, 2 => ->(file) { file["tale"] = { "text" => file["tale"] } } }
  end
  let(:upgrade) { described_class.new(steps: steps, present: "green-plinth/3") }

  it "brings a file up step by step, and leaves the one it was given" do
    old = { "format" => "green-plinth/1", "story" => "Fog", "mine" => [1] }
    expect(upgrade.call(old)).to eq("format" => "green-plinth/3", "tale" => { "text" => "Fog" }, "mine" => [1])
    expect(old).to eq("format" => "green-plinth/1", "story" => "Fog", "mine" => [1])
    expect(upgrade.call({ "format" => "green-plinth/2", "tale" => "Fog" })["tale"]).to eq("text" => "Fog")
  end

  it "leaves what is of the present format, of a newer one, or of none" do
    [{ "format" => "green-plinth/3" }, { "format" => "green-plinth/4" }, { "format" => "other/1" }, {}, [], nil].each do |file|
      expect(upgrade.call(file)).to equal(file)
    end
  end

  it "leads from every format that there was to this one" do
    first, present = ["green-plinth/1", GreenPlinth::Files::PlinthFile::FORMAT].map { |format| format[/\d+/].to_i }
    expect(described_class::STEPS.keys).to match_array((first...present).to_a)
  end

  it "says of a newer file that the program is too old for it" do
    expect(problems(plain_file.merge("format" => "green-plinth/9")).map(&:to_s)).to match([/a newer Green Plinth made this file/])
    expect(problems(plain_file.merge("format" => "other/1")).map(&:to_s)).to match([/must be "green-plinth\/1"/])
  end
end
