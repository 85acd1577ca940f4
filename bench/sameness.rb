# frozen_string_literal: true

# Whether two states of the code say the same of every sample and of three hundred random builds, byte for byte: the
# evaluation, what the pages draw from, and the questions asked of a whole build.
#   ruby --yjit -rbundler/setup bench/sameness.rb write TREE FILE     what the code in TREE says, as digests
#   ruby bench/sameness.rb compare FILE FILE                          what differs; exit 1 where anything does
#   ruby -rbundler/setup bench/sameness.rb show TREE BUILD PART       the text behind one digest
# BUILDS=20 takes fewer random ones; JOBS=2 processes share the work.
require "digest"
require "etc"
require "json"
require_relative "random_builds"

BUILDS = Integer(ENV.fetch("BUILDS", "300"))
JOBS = Integer(ENV.fetch("JOBS", Etc.nprocessors))

# What one tree says.
class Teller
  def initialize(tree)
    $LOAD_PATH.unshift(File.join(tree, "core/lib"))
    require "green_plinth"
    @tree = tree
  end

  # @return [Hash{String => Hash}] plinth files by name
  def builds
    random = RandomBuilds.new(data("materials/*"), data("techniques").keys, data("reference/things").keys)
    samples = Dir[File.join(__dir__, "../samples/*.json")].sort.to_h { |path| [File.basename(path, ".json"), JSON.parse(File.read(path))] }
    samples.merge((1..BUILDS).to_h { |seed| ["random-#{seed}", random.build(seed)] })
  end

  # @return [Hash{String => String}] text by part
  def told(file)
    evaluation = GreenPlinth.evaluate(GreenPlinth.read(JSON.generate(file)))
    parts(evaluation).transform_values { |part| told_or_failed(&part) }
  rescue GreenPlinth::InvalidFile => e
    { "invalid" => e.problems.map(&:to_h).inspect }
  end

  # @return [Hash{String => Hash{String => String}}] digests by build and part
  def digests(builds)
    builds.transform_values { |file| told(file).transform_values { |text| Digest::SHA256.hexdigest(text)[0, 16] } }
  end

  private

  def data(name) = Dir[File.join(@tree, "core/data/#{name}.yml")].sort.map { |path| YAML.load_file(path) }.reduce({}, :merge)

  # A part that fails says the same where it fails the same way.
  def told_or_failed
    said = yield
    said.is_a?(String) ? said : JSON.generate(said)
  rescue StandardError => e
    "#{e.class}: #{e.message}"
  end

  def parts(evaluation)
    half = evaluation.design.plinth.outline.values_at("width_mm", "diameter_mm").compact.first / 2.0
    { "evaluation" => -> { evaluation.to_h }, "drawing" => -> { evaluation.drawing }, "mass" => -> { evaluation.mass.total_g.to_s },
      "section" => -> { evaluation.section([-half, 0.0], [half, 3.0]) }, "judgements" => -> { evaluation.judgements.map(&:to_h) },
      "sight" => -> { evaluation.sight_view(evaluation.eye) }, "relief" => -> { evaluation.relief_map(nil) },
      "solid" => -> { evaluation.turntable }, "units" => -> { evaluation.units.map(&:to_h) },
      "pieces" => -> { evaluation.templates.map(&:to_h).inspect }, "chance" => -> { evaluation.chance.to_h },
      "batch" => -> { evaluation.batch }, "infeasible" => -> { evaluation.infeasible&.message.to_s } }
  end
end

# Each process tells its share; the digests come back through a pipe.
def shared_out(teller, builds)
  shares = builds.each_slice((builds.size / JOBS.to_f).ceil).map do |share|
    reader, writer = IO.pipe
    fork do
      reader.close
      writer.write(JSON.generate(teller.digests(share.to_h)))
      exit!(0)
    ensure
      writer.close
    end
    writer.close
    reader
  end
  shares.map { |reader| JSON.parse(reader.read) }.reduce(:merge)
end

# @return [Array<String>] "build part" wherever two tellings are not the same
def differences(before, after)
  (before.keys | after.keys).flat_map do |name|
    one, other = before[name] || {}, after[name] || {}
    (one.keys | other.keys).reject { |part| one[part] == other[part] }.map { |part| "#{name} #{part}" }
  end
end

case ARGV.shift
when "write"
  tree, out = ARGV
  teller = Teller.new(File.expand_path(tree))
  digests = shared_out(teller, teller.builds)
  File.write(out, JSON.pretty_generate(digests))
  puts "#{digests.size} builds, #{digests.values.sum(&:size)} parts, #{digests.values.count { |parts| parts.key?("invalid") }} not valid"
when "compare"
  before, after = ARGV.map { |path| JSON.parse(File.read(path)) }
  differ = differences(before, after)
  puts differ.first(40), "#{differ.size} of #{before.values.sum(&:size)} parts differ"
  exit 1 if differ.any?
when "show"
  tree, name, part = ARGV
  teller = Teller.new(File.expand_path(tree))
  puts teller.told(teller.builds.fetch(name)).fetch(part)
else
  abort File.read(__FILE__).lines.grep(/\A#/)[1..].join
end
