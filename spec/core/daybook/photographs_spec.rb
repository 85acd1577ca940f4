# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Daybook::Photographs do
  def pictured(clock, of: nil, **data)
    GreenPlinth::Events::Event.of("id" => SecureRandom.uuid, "kind" => "pictured", "at" => "2027-03-01T#{clock}:00Z",
      "of" => of, "data" => data.transform_keys(&:to_s))
  end

  def used(*events, file: plain_file(subjects: [figure(round(8), id: "heron", name: "grey heron")]))
    described_class.new(GreenPlinth::Events::Log.new(events), design(file))
  end

  def under(**more) = { "mm_per_px" => 0.2, "at_mm" => [0, 0] }.merge(more.transform_keys(&:to_s))

  it "lie as they were laid last, each by itself, whatever order they are told in" do
    events = [pictured("19:00", picture: 1, underlay: under), pictured("19:05", picture: 2, underlay: under(turn_deg: 90)),
      pictured("19:10", picture: 1, underlay: under(at_mm: [4, -2]))]
    [events, events.reverse].each do |told|
      expect(used(*told).underlays.map { |one| [one.picture, one.at_mm, one.turn_deg] }).to eq([[1, [4, -2], 0], [2, [0, 0], 90]])
    end
  end

  it "show how the base came to be, evenly through the work, without what is kept for a fact or lies under the plan" do
    work = (1..7).map { |number| pictured("19:#{10 + number}", picture: number) }
    aside = [pictured("20:00", picture: 8, underlay: under), pictured("20:01", picture: 9, fact: "colour")]
    told = used(*work, *aside)
    expect([4, 2, 9].map { |count| told.of_the_work(count) }).to eq([[1, 3, 5, 7], [1, 7], [1, 2, 3, 4, 5, 6, 7]])
    expect([told.of_the_work(1), used(*aside).of_the_work(4)]).to eq([[7], []])
  end

  it "are taken away, and come back where that is taken back" do
    away = pictured("19:10", picture: 1, underlay: under(shown: false))
    back = GreenPlinth::Events::Event.of("id" => SecureRandom.uuid, "kind" => "took_back", "at" => "2027-03-01T19:20:00Z",
      "data" => { "event" => away.id })
    laid = pictured("19:00", picture: 1, underlay: under)
    expect(used(laid, away).underlays).to eq([])
    expect(used(laid, away, back).underlays.map(&:picture)).to eq([1])
  end

  it "are told with their fact and the part that they are pinned to, also where it has no name of its own" do
    named = pictured("19:00", of: { "part" => "heron" }, picture: 1, fact: "one leg", part: "/subjects/7")
    placed = pictured("19:01", picture: 2, fact: "grey", part: "/subjects/0")
    loose = pictured("19:02", picture: 3, fact: "the light", text: "towards evening")
    expect(used(loose, named, placed).references.map { |one| one.to_h.values_at("picture", "fact", "text", "part", "name") })
      .to eq([[1, "one leg", nil, "/subjects/0", "grey heron"], [2, "grey", nil, "/subjects/0", "grey heron"],
        [3, "the light", "towards evening", nil, nil]])
  end

  # 3 : 4 : 5, so 500 px are 100 mm.
  it "are scaled by two points, and refused where these say nothing" do
    laid = described_class.laid([100, 100], [400, 500], 100, [800, 600])
    expect(laid).to eq("mm_per_px" => 0.2, "at_mm" => [0, 0], "turn_deg" => 0, "shown" => true)
    expect { described_class.laid([100, 100], [102, 101], 100, [800, 600]) }
      .to raise_error(GreenPlinth::InvalidFile) { |error| expect(error.problems.map(&:pointer)).to eq(["/to_px"]) }
    expect { described_class.laid([900, 0], [0, 700], 100, [800, 600]) }
      .to raise_error(GreenPlinth::InvalidFile) { |error| expect(error.problems.map(&:pointer)).to eq(["/from_px", "/to_px"]) }
  end
end
