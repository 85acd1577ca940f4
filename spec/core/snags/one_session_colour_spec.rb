# frozen_string_literal: true

RSpec.describe GreenPlinth::Snags::OneSessionColour do
  def found(colours, wish: nil)
    zones = colours.each_with_index.map do |colour, index|
      zone(course("earth_paste", thickness_mm: 1 + (index * 3)), course("acrylic_paint", colour: colour, id: "coat-#{index}"),
        id: "ground-#{index}", outline: rectangle(20, 20, at: [(index * 40) - 20, 0]))
    end
    made = evaluation(plain_file(zones: zones, order: wish ? [wish] : [],
      calendar: { start: "2027-03-01T09:00", weekly: %w[mon tue wed thu].map { |day| { day: day, from: "19:00", to: "20:00" } } }))
    [described_class.new(made).snags, made]
  end

  it "tells of one colour that is laid on two days, and where" do
    snags, made = found(%w[#5a4632 #5a4632], wish: { first: "coat-0", then: "coat-1", at_least_min: 1440 })
    days = %w[coat-0 coat-1].map { |id| GreenPlinth::Moment.midnight(made.schedule.start(id)) }
    expect(days.uniq.size).to eq(2)
    expect(snags.map(&:where)).to eq(["/zones/1/courses/1"])
    expect(snags.first.message).to match(/ground 0 and ground 1 take the same acrylic paint on .* and .*never match/)
  end

  it "keeps quiet for other colours, and for one sitting" do
    expect(found(%w[#5a4632 #807060], wish: { first: "coat-0", then: "coat-1", at_least_min: 1440 }).first).to be_empty
    expect(found(%w[#5a4632]).first).to be_empty
  end
end
