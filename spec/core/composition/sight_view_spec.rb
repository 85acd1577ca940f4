# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::SightView do
  def eye(direction, elevation) = GreenPlinth::Composition::Eye.new(direction.to_f, elevation.to_f)
  def view(direction, elevation, **members)
    evaluation(plain_file(forms: [lift(10, rectangle(100, 60))], **members)).sight_view(eye(direction, elevation))
  end

  it "is a true elevation from level: a 100 × 60 board, 20 below and 10 above its top" do
    left, low, right, high = view(0, 0)["bounds_mm"]
    expect([left, low, right,
      high]).to match([be_within(0.2).of(-50), -20, be_within(0.2).of(50), be_within(0.2).of(10)])
    expect(view(90, 0)["bounds_mm"].values_at(0, 2)).to match([be_within(0.2).of(-30), be_within(0.2).of(30)])
  end

  it "draws a figure as tall as it is, shortened by the cosine from above" do
    subjects = [figure(round(8), height_mm: 30, at_mm: [10, 0])]
    from = ->(elevation) { view(0, elevation, subjects: subjects)["items"].find { |item| item["kind"] == "figure" } }
    expect(from[0].values_at("at", "width_mm", "height_mm")).to match([[10, 10], be_within(0.05).of(8), 30])
    expect(from[60]["height_mm"]).to be_within(0.01).of(15)
  end

  it "paints from the back to the front" do
    subjects = [figure(round(8), id: "front", height_mm: 30, at_mm: [0, -20]),
      figure(round(8), id: "back", height_mm: 30, at_mm: [0, 20])]
    names = ->(direction) { view(direction, 20, subjects: subjects)["items"].filter_map { |item| item["name"] } }
    expect(names[0]).to eq(%w[back front])
    expect(names[180]).to eq(%w[front back])
  end

  it "shows only the faces that are turned to the eye, each in its own light" do
    wall = { "id" => "w", "kind" => "wall", "outline" => rectangle(30, 4), "height_mm" => 20 }
    faces = view(30, 20, features: [wall])["items"].find { |item| item["kind"] == "wall" }["faces"]
    expect(faces.size).to eq(3)
    expect(faces.map { |face| face["shade"] }.uniq.size).to eq(3)
  end

  # A terrace of 12 mm whose front runs askew: from 10 mm before the middle to 4 mm before it.
  describe "a sheer side" do
    let(:terrace) { polygon([-50, -10], [50, -4], [50, 30], [-50, 30]) }
    let(:strips) do
      painted = ->(id, colour, outline) { zone(course("acrylic_paint", colour: colour), id: id, outline: outline) }
      grounds = [painted["low", "#203080", rest], painted["high", "#b03020", terrace]]
      made = evaluation(plain_file(forms: [lift(12, terrace)], zones: grounds))
      made.sight_view(eye(0, 30))["items"].drop(1)
    end
    let(:faces) { strips.select { |item| item["ring"].map(&:last).minmax.reduce(:-).abs > 8 } }

    it "is one face in one light, wherever it passes between the places that are looked at" do
      expect(faces.size).to be > 5
      expect(faces.map { |item| item["colour"] }.uniq.size).to eq(1)
    end

    it "is of the ground that it falls from" do
      red_to_blue = strips.to_h { |item| [item, item["colour"].scan(/\h\h/).values_at(0, 2).map { |channel|
 channel.to_i(16) }.reduce(:fdiv)] }
      expect(red_to_blue.values_at(*faces)).to all(be > 2)
      expect(red_to_blue.values.min).to be < 1
    end
  end

  # A sea of 4 mm over the plinth's face, seen from level: its waves stand half their height over it, and what is laid on it is seen.
  describe "waters" do
    def sea(elevation, **more)
      water = { "id" => "sea", "name" => "sea", "medium" => "two_part_resin", "level_mm" => 4, "outline" => rectangle(100, 60),
                "tint" => { "colour" => "#203040", "material" => "acrylic_ink" } }
      evaluation(plain_file(waters: [water.merge(JSON.parse(JSON.generate(more)))])).sight_view(eye(0, elevation))
    end

    def colours(view) = view["items"].map { |item| item["colour"] }.uniq
    def highest(view) = view["items"].flat_map { |item| item["ring"].map(&:last) }.max

    it "move as high as their waves, and are lit by their slopes" do
      expect(highest(sea(0))).to be_within(0.01).of(4)
      expect(highest(sea(0, waves: { height_mm: 3, length_mm: 40 }))).to be_within(0.1).of(5.5)
      expect(colours(sea(40, waves: { height_mm: 3, length_mm: 40 })).size).to be > colours(sea(40)).size
    end

    it "show what lies on them, and nothing that lies under a pour" do
      paint = { "material" => "acrylic_paint", "colour" => "#f0f0f0" }
      expect(colours(sea(40, courses: [paint]))).to include("#f0f0f0")
      expect(colours(sea(40, courses: [paint.merge("after_pour" => 0)]))).not_to include("#f0f0f0")
    end
  end

  it "has no number that is none, whatever is looked at" do
    sample_names.each do |name|
      told = evaluation(sample(name))
      [0, 135].each { |direction| expect { JSON.generate(told.sight_view(eye(direction, 35))) }.not_to raise_error }
    end
  end
end
