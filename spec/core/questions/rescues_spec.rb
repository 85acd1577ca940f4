# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::Rescues do
  def ways(file)
    made = evaluation(file)
    described_class.new(made.design, made.schedule, ->(changed) { evaluation(changed) }).call
  end

  def with(file, way) = evaluation(GreenPlinth::Patch.apply(JSON.parse(JSON.generate(file)), way.patch))

  # A thick paste on two evenings a week, in a damp and cool room.
  def slow(**more)
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 5), course("matt_varnish"))],
      climate: { temperature_c: 17, humidity_pct: 65 },
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "20:30" },
        { day: "thu", from: "19:00", to: "20:30" }] }.merge(more))
  end

  it "offers each way there is, with what it costs" do
    labels = ways(slow).map(&:label)
    expect(labels).to include(/fan/, /warm the room to 21 °C/, /dry the air to 40 %/, /one more evening, (Tues|Wednes|Fri|Satur|Sun)day/)
    expect(ways(slow).map(&:cost)).to all(match(/\w/))
  end

  it "keeps what it promises: each applied gives its date and its gain" do
    was = evaluation(slow).schedule.ready_at
    ways(slow).each do |way|
      expect(with(slow, way).schedule.ready_at).to eq(way.ready_at), way.label
      expect(was - way.ready_at).to eq(way.gain_min)
      expect(way.gain_min).to be >= 30
    end
  end

  it "says which make the date, and puts those first" do
    was = evaluation(slow).schedule.ready_at
    best = ways(slow).map(&:ready_at).min
    wanted = GreenPlinth::Moment.format((was + best) / 2)
    found = ways(slow(finish_by: wanted))
    expect(found.map(&:saves)).to eq(found.map(&:saves).sort_by { |saves| saves ? 0 : 1 })
    expect(found.first).to have_attributes(saves: true)
    expect(found.first.ready_at).to be <= minutes(wanted)
  end

  it "tells no way to save a date where none is wanted" do
    expect(ways(slow).map(&:saves)).to all(be_nil)
  end

  it "joins three where none alone is enough" do
    found = ways(slow(finish_by: "2027-03-01T20:00"))
    expect(found.first.label).to start_with("all of these: ")
    expect(found.first.gain_min).to be >= found.drop(1).map(&:gain_min).max
    expect(with(slow, found.first).schedule.ready_at).to eq(found.first.ready_at)
  end

  it "asks the free day that gains most" do
    found = ways(slow).find { |way| way.label.include?("evening") }
    row = { "from" => "19:00", "to" => "20:30" }
    dates = %w[tue wed fri sat sun].map do |day|
      file = JSON.parse(JSON.generate(slow))
      file["calendar"]["weekly"] << row.merge("day" => day)
      evaluation(file).schedule.ready_at
    end
    expect(found.ready_at).to eq(dates.min)
  end

  it "does not offer what is so already" do
    dry = plain_file(zones: [zone(course("earth_paste", thickness_mm: 5))], schools: { rim: "bare" },
      climate: { temperature_c: 26, humidity_pct: 35, airflow: "fan" })
    expect(ways(dry).map(&:label)).not_to include(/fan|warm|dry the air|evening|rim|helper/)
  end

  it "pours a quicker medium, and forgets layers chosen for the slow one" do
    file = pool_file(level: 9, depth: 6, medium: "acrylic_water")
    file["waters"][0]["layers"] = Array.new(3) { { "thickness_mm" => 3 } }
    way = ways(file).find { |one| one.label.include?("two part resin") }
    changed = with(file, way).design.waters.first
    expect(changed).to have_attributes(medium_key: "two_part_resin", own_layers: nil)
  end

  it "leaves several finishing coats off without shifting the places of the rest" do
    file = slow
    file["zones"][0]["courses"] = [course("earth_paste", thickness_mm: 2), course("dry_pigment"), course("tufts"),
                                   course("matt_varnish")]
    way = ways(file).find { |one| one.label.include?("last varnish") }
    expect(way).not_to be_nil
    expect(with(file, way).design.zones.first.courses.map(&:material_key)).to eq(%w[earth_paste tufts])
  end
end
