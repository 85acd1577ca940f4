# frozen_string_literal: true

require "securerandom"

# Whatever was used and however it comes in: nothing appears, nothing is taken twice, and no jar runs below empty.
RSpec.describe "What is used out of jars (property)" do
  let(:noon) { 1_803_902_400 } # 2027-03-01T12:00:00Z
  let(:random) { Random.new(21) }

  def used(amount, minute)
    GreenPlinth::Events::Event.of("id" => SecureRandom.uuid, "kind" => "used", "step" => "bed",
      "at" => format("2027-03-01T%<hour>02d:%<minute>02d:00Z", hour: 13 + (minute / 60), minute: minute % 60),
      "data" => { "material" => "earth_paste", "amount" => amount, "unit" => "ml" })
  end

  def jars
    Array.new(random.rand(1..3)) do |index|
      jar = { "material" => "earth_paste", "pack" => 200, "unit" => "ml", "full" => random.rand(0..2) }
      jar = jar.merge("open" => random.rand(0..200), "opened_on" => "2027-02-01") if random.rand < 0.6
      GreenPlinth::Stores::UsedUp::Looked.new(index + 1, jar, noon)
    end
  end

  def whole(list) = list.sum { |jar| ((jar["full"] || 0) * jar["pack"]) + (jar["open"] || 0) }
  def left(list, events) = GreenPlinth::Stores::UsedUp.new(events, catalogue).left(list).values

  it "leaves what was there less what was used, as far as it goes" do
    80.times do
      list = jars
      events = Array.new(random.rand(1..6)) { |index| used(random.rand(1..150), index * 7) }
      after = left(list, events)
      asked = events.sum { |event| event.data["amount"] }
      expect(whole(after)).to be_within(0.02).of([whole(list.map(&:jar)) - asked, 0].max)
      expect(after.flat_map { |jar| [jar["full"] || 0, jar["open"] || 0] }).to all(be >= 0)
      expect(after.map { |jar| jar["open"] || 0 }).to all(be <= 200)
    end
  end

  it "comes to the same in two goes as in one, and is not touched by what was used before it was looked at" do
    40.times do
      list = jars
      amount = random.rand(2..120)
      once, twice = left(list, [used(amount, 0)]), left(list, [used(amount / 2.0, 0), used(amount / 2.0, 1)])
      expect(whole(twice)).to be_within(0.02).of(whole(once))
      later = list.map { |one| one.dup.tap { |looked| looked.noted = noon + 90_000 } }
      expect(left(later, [used(amount, 0)])).to eq(later.map(&:jar))
    end
  end
end
