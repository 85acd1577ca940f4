# frozen_string_literal: true

# How long the search for a tone takes among so many paints, of colours that paints can make and of some that they cannot; and what
# a shelf and a book of a thousand entries cost.
#   ruby --yjit -rbundler/setup -Icore/lib bench/tones.rb [PAINTS]
require "benchmark"
require "green_plinth"

include GreenPlinth

paints = Integer(ARGV[0] || 30)
random = Random.new(1)
tone = -> { format("#%02x%02x%02x", random.rand(20..240), random.rand(20..230), random.rand(20..220)) }
offered = Array.new(paints) { Colour::PaintMix::Paint.new(tone.call, 1, nil) }
search = ->(wanted) { Colour::Matching.new(wanted, offered).nearest(5) }
search.call(tone.call)
times = Array.new(20) { tone.call }.map { |wanted| [Benchmark.realtime { search.call(wanted) } * 1000, wanted] }
sorted = times.map(&:first).sort
puts format("tone among %d paints: median %d ms, p95 %d ms, worst %d ms (%s)", paints, sorted[sorted.size / 2], sorted[-2], *times.max)
pure = Benchmark.realtime { search.call("#ff0000") } * 1000
puts format("a red that no paint is: %d ms", pure)

catalogue = Catalogue.default
keys = catalogue.materials.values.select(&:pack).map(&:key)
recipes = (1..1000).to_h do |number|
  parts = Array.new(4) do
    { "material" => "acrylic_paint", "amount" => random.rand(1..9), "colour" => offered.sample(random: random).colour }
  end
  ["recipe_#{number}", { "name" => "recipe #{number}", "by" => "drops", "parts" => parts }]
end
stocked = catalogue.with({}, {}, recipes: recipes)
puts format("1,000 recipes derived: %d ms", Benchmark.realtime { stocked.stirred } * 1000)
one = recipes.merge("recipe_7" => recipes["recipe_8"])
puts format("and once more when one has changed: %d ms", Benchmark.realtime { catalogue.with({}, {}, recipes: one).stirred } * 1000)
all = Benchmark.realtime { stocked.recipes.each_value { |recipe| Mixes::Told.new(recipe, stocked.stirred).to_h } }
puts format("and told: %d ms", all * 1000)
jars = (1..1000).map do |number|
  data = { "material" => keys.sample(random: random), "pack" => 100, "unit" => "ml", "full" => 1, "open" => 20 }
  Stores::Jar.new(number, data, catalogue)
end
told = Benchmark.realtime do
  shelves = Stores::Shelves.new(jars, catalogue)
  jars.each { |jar| shelves.remarks(jar, Date.new(2027, 3, 1)) }
end
puts format("1,000 jars looked over: %d ms", told * 1000)
