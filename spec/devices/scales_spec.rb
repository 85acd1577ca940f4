# frozen_string_literal: true

require "tmpdir"
$LOAD_PATH.unshift(File.join(Specimens::ROOT, "devices/lib"))
require "green_plinth/devices/scales"
require "green_plinth/devices/socket"

# The simulated scales, with time handed in.
RSpec.describe GreenPlinth::Devices::Scales do
  let(:scales) { described_class.new(seed: 7) }

  def reading(at) = scales.read(at)["g"]
  def settled(from, seconds = 4) = (0..(seconds * 5)).map { |tick| reading(from + (tick * 0.2)) }.last

  it "reads what was poured, within its noise, once it has settled" do
    reading(0)
    scales.take("do" => "flow", "g_per_s" => 5)
    reading(2)
    scales.take("do" => "flow", "g_per_s" => 0)
    expect(settled(2)).to be_within(0.05).of(10)
    expect(scales.read(6.2)).to include("stable" => true, "simulated" => true)
  end

  it "lags behind while it is poured onto, and says that it moves" do
    reading(0)
    scales.take("do" => "flow", "g_per_s" => 10)
    reading(1)
    expect(reading(1.2)).to be < 12
    expect(scales.read(1.4)["stable"]).to be(false)
  end

  it "is tared, drifts a little, and is empty when it is cleared" do
    reading(0)
    scales.take("do" => "flow", "g_per_s" => 20)
    reading(1)
    scales.take("do" => "flow", "g_per_s" => 0)
    settled(1)
    scales.take("do" => "tare")
    expect(settled(5, 1)).to be_within(0.05).of(0)
    expect((0..10).map { |tick| reading(10 + (tick * 60)) }.last).to be_between(0.1, 0.3)
    scales.take("do" => "clear")
    expect(settled(700)).to be_within(0.3).of(-20)
  end

  it "takes nothing that means nothing, and no more than it bears" do
    expect([{ "do" => "explode" }, { "do" => "flow" }, {}].map { |command| scales.take(command) }).to eq([false] * 3)
    reading(0)
    scales.take("do" => "flow", "g_per_s" => 1e9)
    reading(60)
    expect(settled(60)).to be_within(1).of(described_class::MOST_G)
  end

  it "streams lines of JSON over its socket, and obeys" do
    Dir.mktmpdir do |folder|
      path = File.join(folder, "scales.sock")
      device = Thread.new { GreenPlinth::Devices::Socket.new(path, described_class.new).run }
      sleep(0.01) until File.socket?(path)
      UNIXSocket.open(path) do |socket|
        socket.puts("no json", JSON.generate("do" => "flow", "g_per_s" => 50))
        grams = Array.new(6) { JSON.parse(socket.gets)["g"] }
        expect(grams.last).to be > grams.first + 5
      end
    ensure
      device.kill.join
    end
  end
end
