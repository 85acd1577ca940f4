# frozen_string_literal: true

# Seeded random networks of steps, as green-plinth-sequence/1.
module Networks
  # Sittings, how many waits a step has and how far back they reach, hands-on minutes, waits, share of them with a window.
  KINDS = {
    "evenings" => { open: [[1140, 1320]] * 7, waits: 2, reach: 60, hands: 5..60, least: [0, 0, 60, 240, 720, 1440], windows: 0.05 },
    "weekend" => { open: [nil, [1170, 1320], nil, [1170, 1320], nil, [600, 780], nil], waits: 2, reach: 12, hands: 5..60,
                   least: [0, 0, 60, 720, 1440], windows: 0.1 },
    "short" => { open: [[1200, 1290]] * 7, waits: 2, reach: 20, hands: 5..45, least: [0, 0, 60, 240, 720, 1440], windows: 0.05 },
    "open" => { open: nil, waits: 3, reach: 15, hands: 5..90, least: [0, 0, 30, 60, 240, 480], windows: 0.1 }
  }.freeze
  # What the large ones are made of: no windows, which random networks of hundreds of steps cannot all keep.
  LONG = { open: [[1140, 1320]] * 7, waits: 2, reach: 60, hands: 5..60, least: [0, 0, 60, 240, 720, 1440], windows: 0 }.freeze
  DAYS = 90

  module_function

  def instance(name, steps, seed)
    kind = name == "long" ? LONG : KINDS.fetch(name)
    random = Random.new((seed * 1000) + steps)
    start = GreenPlinth::Moment.parse("2027-03-01T00:00")
    day = ->(index, span) { span&.map { |at| GreenPlinth::Moment.format(start + (index * 1440) + at) } }
    sittings = kind[:open] && (0...(steps > DAYS ? 2 * steps : DAYS)).filter_map { |index| day[index, kind[:open][index % 7]] }
      .map { |from, to| { "from" => from, "to" => to } }
    rows = Array.new(steps) { |index| row(index, kind, random) }
    { "format" => "green-plinth-sequence/1", "start" => "2027-03-01T00:00", "sittings" => sittings, "steps" => rows }
  end

  def row(index, kind, random)
    firsts = (0...index).to_a.last(kind[:reach]).sample(random.rand(0..kind[:waits]), random: random)
    after = firsts.map do |first|
      least = kind[:least].sample(random: random)
      most = least + [30, 60, 240, 1440, 2880].sample(random: random) if random.rand < kind[:windows]
      { "step" => "s#{first}", "at_least_min" => least, "at_most_min" => most }
    end
    { "id" => "s#{index}", "hands_on_min" => random.rand(kind[:hands]), "tail_min" => [0, 0, 240, 1440].sample(random: random),
      "after" => after }
  end
end
