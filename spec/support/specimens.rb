# frozen_string_literal: true

# Small plinth files for specs, and what the core says of them. Each spec adds only what it is about.
module Specimens
  ROOT = File.expand_path("../..", __dir__)

  # A bare 100 × 60 mm board, 20 mm thick, at 1:35, with an always open bench.
  def plain_file(**members)
    { "format" => "green-plinth/1", "title" => "Specimen", "purpose" => "diorama", "scale" => 35,
      "calendar" => { "start" => "2027-03-01T09:00" },
      "plinth" => { "outline" => rectangle(100, 60), "thickness_mm" => 20, "material" => "mdf", "key" => "scuffed" } }
      .merge(JSON.parse(JSON.generate(members)))
  end

  def rectangle(width, depth, at: [0, 0], **more)
    { "kind" => "rectangle", "width_mm" => width, "depth_mm" => depth,
      "at_mm" => at }.merge(more.transform_keys(&:to_s))
  end
  def round(diameter, at: [0, 0]) = { "kind" => "round", "diameter_mm" => diameter, "at_mm" => at }
  def polygon(*points) = { "kind" => "polygon", "points_mm" => points }
  def rest = { "kind" => "rest" }

  # Corners of a plan that points in and out as chance has it, counter-clockwise about its middle; no side crosses another.
  # @param far [Range] mm that a corner lies from the middle
  def star(random, far, corners: random.rand(3..12))
    Array.new(corners) do |at|
      out, turn = random.rand(far), 2 * Math::PI * at / corners
      [Math.cos(turn) * out, Math.sin(turn) * out]
    end
  end

  def lift(sheet, outline, id: "lift", **more)
    form("lift", id, outline, sheet_mm: sheet, material: "cork_sheet", **more)
  end
  def cut(depth, outline, id: "cut", **more) = form("cut", id, outline, depth_mm: depth, **more)
  def form(kind, id, outline, **more)
    { "id" => id, "kind" => kind, "outline" => outline }.merge(JSON.parse(JSON.generate(more)))
  end
  def zone(*courses, id: "ground", ground: "earth", outline: rest, **more)
    { "id" => id, "ground" => ground, "outline" => outline,
      "courses" => courses }.merge(JSON.parse(JSON.generate(more)))
  end
  def course(material, **more) = { "material" => material }.merge(JSON.parse(JSON.generate(more)))
  def figure(outline, id: "figure", **more)
    { "id" => id, "kind" => "figure", "footprint" => outline }.merge(JSON.parse(JSON.generate(more)))
  end
  def water(level, outline, id: "pool", medium: "acrylic_water", **more)
    { "id" => id, "medium" => medium, "outline" => outline,
      "level_mm" => level }.merge(JSON.parse(JSON.generate(more)))
  end

  # A pool: a 10 mm cork board with a sheer cut of the outline, and water in it.
  def pool_file(level:, depth: 6, outline: rectangle(40, 20), medium: "acrylic_water", **members)
    plain_file(forms: [lift(10, rectangle(100, 60)), cut(depth, outline)],
      waters: [water(level, outline, medium: medium)], **members)
  end

  def design(file, catalogue = self.catalogue) = GreenPlinth.read(JSON.generate(file), catalogue: catalogue)
  def evaluation(file) = GreenPlinth.evaluate(design(file))
  def told(file) = evaluation(file).to_h
  def problems(file) = GreenPlinth::Files::PlinthFile.new(catalogue).problems(file)
  def catalogue = GreenPlinth::Catalogue.default
  def sample(name) = JSON.parse(File.read(File.join(ROOT, "samples", "#{name}.json")))
  def sample_names = Dir[File.join(ROOT, "samples", "*.json")].map { |path| File.basename(path, ".json") }.sort

  def minutes(moment) = GreenPlinth::Moment.parse(moment)

  # A bare network: steps as id => [hands_on, tail, {after => [least, most]}].
  def network(steps, sittings: nil, start: "2027-03-01T00:00", hands: 1)
    nodes = steps.map do |id, (hands_on, tail, after)|
      links = (after || {})
        .map { |first, (least, most)| GreenPlinth::Wait.new(first: first.to_s, at_least_min: least || 0, at_most_min: most) }
      GreenPlinth::Schedule::Node.new(id: id.to_s, hands_on_min: hands_on, tail_min: tail || 0, after: links)
    end
    GreenPlinth::Schedule::Network.new(start: minutes(start), sittings: sittings&.map do |pair|
      pair.map do |moment|
        minutes(moment)
      end
    end, hands: hands, steps: nodes)
  end

  # Evenings of so many minutes from 19:00, on consecutive days.
  def evenings(count, long = 120)
    first = minutes("2027-03-01T19:00")
    Array.new(count) { |day| [first + (day * 1440), first + (day * 1440) + long].map { |at| GreenPlinth::Moment.format(at) } }
  end
end
