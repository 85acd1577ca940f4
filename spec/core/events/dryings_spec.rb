# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Dryings do
  def paste = { "material" => "earth_paste", "foretold_min" => 600.0 }

  def event(kind, at, step: "moor", of: paste, **data)
    GreenPlinth::Events::Event.of({ "id" => SecureRandom.uuid, "kind" => kind, "at" => "#{at}Z", "step" => step, "of" => of,
                                    "data" => data.transform_keys(&:to_s) })
  end

  def observed(*events) = described_class.new(GreenPlinth::Events::Log.new(events)).notes.map(&:observed_min)

  let(:laid) { event("laid", "2027-03-01T20:00:00") }

  it "takes what was dry sooner than foretold at the time it was seen" do
    expect(observed(laid, event("seen_dry", "2027-03-02T04:00:00"))).to eq([480.0])
  end

  it "learns nothing of what was looked at late and never seen wet: it may have been dry for long" do
    expect(observed(laid, event("seen_dry", "2027-03-03T20:00:00"))).to be_empty
  end

  it "takes the middle, by ratio, between the last time wet and the first time dry" do
    wet, dry = event("still_wet", "2027-03-02T10:00:00"), event("seen_dry", "2027-03-02T18:00:00")
    # √(840 × 1320) min, by hand
    expect(observed(laid, wet, dry)).to contain_exactly(be_within(0.01).of(1053.0))
  end

  it "takes a time that was said as it was said" do
    expect(observed(event("seen_dry", "2027-03-02T18:00:00", observed_min: 3600))).to eq([3600])
  end

  it "begins anew after it came off, and learns nothing of what does not dry" do
    off = event("redone", "2027-03-02T02:00:00")
    expect(observed(laid, off, event("seen_dry", "2027-03-02T04:00:00"))).to be_empty
    expect(observed(laid, event("seen_dry", "2027-03-02T04:00:00", of: { "title" => "Prepare" }))).to be_empty
  end
end
