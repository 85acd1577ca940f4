# frozen_string_literal: true

$LOAD_PATH.unshift(File.join(Specimens::ROOT, "devices/lib"))
require "green_plinth/devices/thermometer"

# The simulated thermometer, with the clock handed in.
RSpec.describe GreenPlinth::Devices::Thermometer do
  def at(hour) = described_class.new(seed: 3, clock: -> { Time.new(2027, 3, 1, hour, 0) }).read(0)

  # 18 ± 3 °C and 55 ∓ 12 %, the coldest at five in the morning, the warmest twelve hours later.
  it "is cool and damp at night, mild by day, and says that it is simulated" do
    expect(at(5)).to include("temperature_c" => be_within(0.11).of(15), "humidity_pct" => be_within(1.1).of(67), "simulated" => true)
    expect(at(17)).to include("temperature_c" => be_within(0.11).of(21), "humidity_pct" => be_within(1.1).of(43))
    expect(at(11)).to include("temperature_c" => be_within(0.11).of(18), "humidity_pct" => be_within(1.1).of(55))
  end
end
