# frozen_string_literal: true

# Seeded random builds, valid as plinth files, that between them name every kind, material and way of working the
# catalogue holds: for comparing two states of the code and for sweeps. Plain data of the catalogue in, plain files out,
# so that the same seed gives the same build whatever the code around it looks like.
class RandomBuilds
  GROUNDS = %w[earth mud peat sand gravel scree rock road paving setts boards turf meadow leaf_litter snow bed rubble concrete].freeze
  FEATURES = %w[wall fence road track bridge building steps kerb tree bush hedge rock log roots debris prop sign plaque ruts light].freeze
  SUBJECTS = %w[figure mounted animal vehicle aircraft hull prop].freeze
  PURPOSES = %w[gaming_base unit_base display_plinth vignette diorama photo_set sea_base floating_display].freeze
  SCHOOLS = { "mounting" => %w[before_painting after_painting painted_then_grounded], "ground_colour" => %w[painted natural],
              "texture" => %w[before_priming after_priming], "greenery" => %w[after_painting before_priming],
              "fixing" => %w[wetted_flood thin_superglue drop_in_binder], "tufts" => %w[glued self_adhesive],
              "rim" => %w[black earth bare] }.freeze
  UNITS = %w[brick_uk brick_de_nf sett plank sleeper kerb slab].freeze
  RIGS = %w[brush airbrush spray_can applicator knife pipette hands sieve].freeze
  LAID = %w[grain pigment greenery paste coating bulk glue wetting].freeze

  # @param materials [Hash{String => Hash}] the catalogue's entries, as in core/data/materials
  # @param techniques [Array<String>] keys
  # @param things [Array<String>] keys of the reference things
  def initialize(materials, techniques, things)
    @materials = materials
    @techniques = techniques
    @things = things
    @by_family = materials.keys.group_by { |key| materials[key]["family"] }
  end

  # @param seed [Integer]
  # @return [Hash] a plinth file
  def build(seed)
    @random = Random.new(seed)
    @seed = seed
    @width, @depth = [[50, 50], [60, 40], [100, 60], [120, 90], [150, 150], [220, 140]][seed % 6]
    file.reject { |_, value| value.nil? || value == [] || value == {} }
  end

  private

  def pick(list) = list[@random.rand(list.size)]
  def chance(share) = @random.rand < share
  def between(low, high) = (low + (@random.rand * (high - low))).round(2)
  def some(range, share = 1.0) = chance(share) ? Array.new(@random.rand(range)) { |index| yield index } : []
  def spot = [between(-0.4 * @width, 0.4 * @width), between(-0.4 * @depth, 0.4 * @depth)]

  # In turn, so that three hundred seeds name each of a list often; a random one in between.
  def turn(list, index) = list[((@seed * 7) + (index * 3)) % list.size]

  def file
    { "format" => "green-plinth/1", "title" => "Build #{@seed}", "purpose" => turn(PURPOSES, 0),
      "scale" => pick([20, 28, 35, 48, 56, 72, 76, 87, 148]), "copies" => chance(0.15) ? @random.rand(2..12) : nil,
      "climate" => chance(0.4) ? climate : nil, "calendar" => calendar, "schools" => schools, "plinth" => plinth,
      "forms" => some(0..4) { |index| form(index) }, "zones" => zones, "features" => some(0..6) { |index| feature(index) },
      "subjects" => some(0..3) { |index| subject(index) }, "waters" => some(1..2, 0.5) { |index| water(index) }, "mixes" => [earth],
      "tasks" => some(0..3, 0.5) { |index| task(index) }, "formation" => chance(0.2) ? formation : nil,
      "limits" => chance(0.3) ? limits : nil, "order" => chance(0.3) ? [{ "first" => "z0-c0", "then" => "z0-c1" }] : nil }
  end

  def schools = SCHOOLS.filter_map { |key, sides| [key, pick(sides)] if chance(0.4) }.to_h
  def earth
    { "id" => "earth", "parts" => [["white_glue", 2], ["fine_sand", 3]].map { |key, parts| { "material" => key, "amount" => parts } } }
  end
  def formation = { "rows" => 2, "columns" => 3, "gap_mm" => between(0, 4) }

  def climate = { "temperature_c" => between(8, 28), "humidity_pct" => between(25, 80), "airflow" => pick(%w[still room fan]) }

  def calendar
    days = %w[mon tue wed thu fri sat sun].select { chance(0.5) }
    weekly = days.map { |day| { "day" => day, "from" => "19:00", "to" => pick(%w[20:30 22:00 23:00]) } }
    { "start" => "2027-03-01T18:00", "weekly" => weekly, "finish_by" => chance(0.3) ? "2027-04-01T12:00" : nil }.compact
  end

  def limits
    { "raise_mm" => between(2, 8), "float_gap_mm" => 25, "float_load_g" => 300, "budget_minor" => 4000,
      "fit_in" => [{ "name" => "the case", "width_mm" => @width + 10, "depth_mm" => @depth, "height_mm" => 80 }] }
  end

  def plinth
    { "outline" => foot, "thickness_mm" => pick([3, 6, 12, 20]), "material" => turn(@by_family["plinth"] + ["xps_foam"], 1),
      "lip_mm" => chance(0.3) ? between(0.5, 3) : nil, "border_mm" => chance(0.2) ? between(1, 4) : nil,
      "key" => chance(0.6) ? pick(%w[none scuffed scored primed sealed]) : nil, "glazed" => chance(0.05) ? true : nil }.compact
  end

  def foot
    size = { "width_mm" => @width, "depth_mm" => @depth }
    [{ "kind" => "rectangle" }.merge(size), { "kind" => "oval" }.merge(size),
     { "kind" => "round", "diameter_mm" => @depth }][@random.rand(3)]
  end

  def outline
    at = spot
    case @random.rand(4)
    when 0 then { "kind" => "round", "diameter_mm" => between(10, @depth * 0.6), "at_mm" => at }
    when 1
      { "kind" => "rectangle", "width_mm" => between(10, @width * 0.6), "depth_mm" => between(8, @depth * 0.6), "at_mm" => at,
        "turn_deg" => between(0, 90) }
    when 2 then { "kind" => "oval", "width_mm" => between(12, @width * 0.7), "depth_mm" => between(8, @depth * 0.7), "at_mm" => at }
    else { "kind" => "polygon", "points_mm" => [[-1, -1], [1, -0.6], [0.7, 1], [-0.8, 0.9]].map { |x, y| corner(at, x, y) } }
    end
  end

  def corner(at, x, y) = [at[0] + (x * between(5, 25)), at[1] + (y * between(5, 20))].map { |value| value.round(2) }

  def strip(width)
    points = [[-0.45 * @width, between(-0.3, 0.3) * @depth], spot, [0.45 * @width, between(-0.3, 0.3) * @depth]]
    { "kind" => "strip", "points_mm" => points, "width_mm" => width }
  end

  def form(index)
    data = { "id" => "f#{index}", "outline" => outline, "material" => turn(@by_family["bulk"] + @by_family["paste"], index) }
    data["seal"] = [pick(%w[matte_medium acrylic_paint white_glue])] if chance(0.2)
    data["fixing"] = { "glue" => pick(@by_family["glue"]) } if chance(0.3)
    case @random.rand(5)
    when 0 then data.merge("kind" => "lift", "sheet_mm" => between(1, 8), "sheets" => @random.rand(1..3), "edge" => edge)
    when 1 then data.merge("kind" => "cut", "depth_mm" => between(0.5, 5), "edge" => edge).tap { |cut| cut.delete("material") }
    when 2
      data.merge("kind" => "ramp", "from_mm" => [-20, 0], "to_mm" => [20, 0], "from_z_mm" => between(0, 2), "to_z_mm" => between(3, 10))
    when 3 then data.merge("kind" => "mound", "crown_mm" => between(3, 20), "profile" => pick(%w[cone dome]))
    else data.merge("kind" => "skim", "slope_deg" => between(15, 50))
    end
  end

  def edge = [{ "kind" => "sheer" }, { "kind" => "torn" }, { "kind" => "bevel", "run_mm" => between(1, 4) }][@random.rand(3)]

  def zones
    rest = { "id" => "z0", "ground" => turn(GROUNDS, 0), "outline" => { "kind" => "rest" }, "courses" => courses("z0", 2..6) }
    [rest] + some(0..3) { |index| zone(index + 1) }
  end

  def zone(index)
    ground = turn(GROUNDS, index)
    { "id" => "z#{index}", "ground" => ground, "outline" => %w[road track].include?(ground) ? strip(between(8, 25)) : outline,
      "courses" => courses("z#{index}", 0..5), "represents" => chance(0.15) ? pick(@things) : nil,
      "unit" => chance(0.2) ? { "represents" => pick(UNITS) } : nil }.compact
  end

  def courses(stem, range) = Array.new(@random.rand(range)) { |index| course(index).merge("id" => "#{stem}-c#{index}") }

  def course(index)
    key = chance(0.03) ? "mix:earth" : turn(laid, index)
    family = @materials.dig(key, "family")
    { "material" => key, "thickness_mm" => %w[paste bulk].include?(family) && chance(0.8) ? between(0.3, 6) : nil,
      "coats" => family == "coating" && chance(0.5) ? @random.rand(1..3) : nil, "cover_pct" => chance(0.4) ? between(20, 100) : nil,
      "grain_mm" => family == "grain" && chance(0.3) ? [between(0.1, 0.5), between(0.6, 3)] : nil,
      "length_mm" => key == "static_grass" ? pick([2, 4, 6, 10]) : nil,
      "count" => key == "tufts" && chance(0.5) ? @random.rand(3..30) : nil, "colour" => chance(0.3) ? colour : nil,
      "technique" => chance(0.12) ? pick(@techniques) : nil, "rig" => chance(0.2) ? pick(RIGS) : nil,
      "represents" => chance(0.1) ? pick(@things) : nil, "treated" => chance(0.1) ? ["washed"] : nil,
      "fixing" => chance(0.1) ? { "glue" => pick(@by_family["glue"]) } : nil }.compact
  end

  def laid = @materials.keys.select { |one| LAID.include?(@materials[one]["family"]) }
  def colour = format("#%06x", @random.rand(0x1000000))

  def feature(index)
    kind = turn(FEATURES, index)
    { "id" => "p#{index}", "kind" => kind, "outline" => chance(0.9) ? (chance(0.5) ? strip(between(2, 12)) : outline) : nil,
      "height_mm" => chance(0.8) ? between(1, 60) : nil, "mass_g" => chance(0.4) ? between(1, 40) : nil,
      "material" => chance(0.5) ? pick(@by_family.values_at("bulk", "greenery", "grain").flatten) : nil,
      "technique" => chance(0.1) ? pick(@techniques) : nil, "unit" => chance(0.5) ? { "represents" => pick(UNITS) } : nil,
      "colour" => chance(0.2) ? colour : nil, "courses" => chance(0.25) ? courses("p#{index}", 1..3) : nil,
      "represents" => chance(0.3) ? pick(@things) : nil, "crown_mm" => chance(0.2) ? between(5, 40) : nil,
      "gauge_mm" => kind == "track" ? between(8, 33) : nil }.compact
  end

  def subject(index)
    { "id" => "s#{index}", "kind" => turn(SUBJECTS, index), "footprint" => footprint,
      "silhouette" => chance(0.3) ? box("rectangle", 15..60, 4..20) : nil, "height_mm" => chance(0.9) ? between(8, 60) : nil,
      "mass_g" => chance(0.7) ? between(2, 120) : nil, "at_mm" => spot, "turn_deg" => between(0, 359),
      "mount" => chance(0.7) ? pick(%w[glued pinned wired magnet loose]) : nil, "contact_mm2" => chance(0.3) ? between(5, 200) : nil,
      "focal" => chance(0.3) ? true : nil, "paint_min" => chance(0.4) ? @random.rand(20..300) : nil,
      "state" => chance(0.3) ? pick(%w[bare primed painted]) : nil, "draught_mm" => chance(0.3) ? between(1, 6) : nil,
      "represents" => chance(0.3) ? pick(@things) : nil,
      "disc" => chance(0.1) ? { "outline" => { "kind" => "round", "diameter_mm" => 20 }, "thickness_mm" => 1 } : nil }.compact
  end

  def footprint = chance(0.5) ? box("oval", 5..25, 4..12) : box("rectangle", 8..40, 4..15)
  def box(kind, width, depth) = { "kind" => kind, "width_mm" => between(*width.minmax), "depth_mm" => between(*depth.minmax) }

  def water(index)
    { "id" => "w#{index}", "medium" => turn(@by_family["water"], index), "outline" => outline, "level_mm" => between(-2, 8),
      "tint" => chance(0.3) ? { "drops_per_10ml" => @random.rand(1..10) } : nil, "sealed" => chance(0.2) ? true : nil }.compact
  end

  def task(index)
    own = { "id" => "t#{index}", "title" => "Task #{index}" }
    return own.merge("hands_on_min" => @random.rand(5..90), "tail_min" => @random.rand(0..600)) unless chance(0.6)

    own.merge("technique" => turn(@techniques, index), "on" => pick(%w[z0 f0 p0 s0]), "amount" => between(0.5, 3))
  end
end
