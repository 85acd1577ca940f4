# frozen_string_literal: true

# Answers that tell a page only what is different of what it holds.
RSpec.describe "What a page is told" do
  include Api

  before { ServerSpec.clear }

  let(:build) { create(plain_file(zones: [zone(course("earth_paste"))], subjects: [figure(round(8), height_mm: 20)])) }
  let(:path) { "/api/builds/#{build["id"]}" }

  def edit(at, *patch, **more)
    patch_json(path, { version: at["version"], label: "Change", patch: patch, since: at["told"] }.merge(more))
  end
  def title(text) = { "op" => "replace", "path" => "/title", "value" => text }
  def patch? = last_response.media_type == "application/json-patch+json"
  def whole = get(path).then { answer.except("told") }

  it "is the build as it is, once what is different is applied" do
    held = build
    [[title("Another")], [{ "op" => "add", "path" => "/climate", "value" => { "temperature_c" => 12 } }],
      [{ "op" => "add", "path" => "/zones/0/courses/0/thickness_mm", "value" => 3 }]].each do |change|
      different = edit(held, *change)
      expect(patch?).to be(true)
      held = GreenPlinth::Patch.apply(held, different)
      expect(held.except("told")).to eq(whole)
    end
    different = post_json("#{path}/undo", { version: held["version"], since: held["told"] })
    expect(patch?).to be(true)
    expect(GreenPlinth::Patch.apply(held, different).except("told")).to eq(whole)
  end

  it "is little where little has changed" do
    different = edit(build, title("Another"))
    expect(different.map { |operation| operation["path"] })
      .to contain_exactly("/version", "/told", "/file/title", "/evaluation/title", "/undo")
  end

  it "is the whole for one who holds nothing that is known, or says nothing" do
    told = edit(build, title("Another"), since: "nobody said this")
    expect([patch?, told["version"]]).to eq([false, 2])
    told = patch_json(path, { version: 2, label: "Change", patch: [title("Third")] })
    expect([patch?, told["version"]]).to eq([false, 3])
  end

  it "tells each window what is different for it" do
    one = build
    other = read(build)
    different = edit(one, title("Another"))
    ahead = GreenPlinth::Patch.apply(one, different)
    # The other one is refused, takes the build as it is, and goes on.
    stale = edit(other, title("Mine"))
    expect(stale["status"]).to eq(409)
    held = stale["current"]
    expect(GreenPlinth::Patch.apply(held, edit(held, title("Mine"))).except("told")).to eq(whole)
    expect(GreenPlinth::Patch.apply(ahead, edit(ahead.merge("version" => 3), title("Last"))).except("told")).to eq(whole)
  end

  it "forgets what was told long ago" do
    telling = GreenPlinth::Server::Telling.new
    names = Array.new(GreenPlinth::Server::Telling::MOST + 1) { |number| telling.named({ "number" => number })["told"] }
    expect(telling.difference(names.first, {})).to be_nil
    expect(telling.difference(names.last, { "number" => 1, "told" => "x" }).size).to eq(2)
  end

  describe "a difference" do
    # Whatever answers are made of, some levels deep.
    def data(random, deep = 3)
      case deep.zero? ? random.rand(5) : random.rand(9)
      when 0..4 then [nil, true, random.rand(3), "text #{random.rand(3)}", 1.5][random.rand(5)]
      when 5, 6 then Array.new(random.rand(5)) { data(random, deep - 1) }
      else object(random, deep)
      end
    end

    def object(random, deep = 3) = ["a", "b/c", "~", ""].sample(random.rand(5), random: random).to_h { |key| [key, data(random, deep - 1)] }

    it "makes the one of the other, whatever they hold" do
      300.times do |seed|
        random = Random.new(seed)
        before, after = object(random), object(random)
        operations = GreenPlinth::Server::Difference.between(before, after)
        expect(GreenPlinth::Patch.apply(before, operations)).to eq(after), "seed #{seed}"
      end
    end

    it "is empty for the same" do
      50.times do |seed|
        one = object(Random.new(seed))
        expect(GreenPlinth::Server::Difference.between(one, Marshal.load(Marshal.dump(one)))).to eq([]), "seed #{seed}"
      end
    end
  end
end
