# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::WhyNot do
  include Works

  def chain(first, later, steps) = described_class.new(steps).chain(first, later)
  def titled(id, after: []) = step(id, after: after).tap { |one| one.title = "Do #{id}" }

  let(:row) { [titled("a"), titled("b", after: [after("a")]), titled("c", after: [after("b", strength: :should)]), titled("d")] }

  it "finds nothing against two that do not wait for each other" do
    expect(chain("d", "a", row)).to be_empty
    expect(chain("a", "c", row)).to be_empty
  end

  it "gives the rule that stands against one step" do
    expect(chain("b", "a", row).map(&:to_h)).to eq([{ "first" => "Do a", "later" => "Do b", "why" => "because",
                                                     "strength" => "must", "code" => "order/by_hand" }])
  end

  it "gives the chain in the order of the work" do
    expect(chain("c", "a", row).map { |reason| [reason.first, reason.later] }).to eq([["Do a", "Do b"], ["Do b", "Do c"]])
    expect(chain("c", "a", row).map(&:strength)).to eq(%i[must should])
  end

  it "gives the shortest of several" do
    round_about = [*row.first(3), titled("e", after: [after("c"), after("a")])]
    expect(chain("e", "a", round_about).size).to eq(1)
  end

  it "is a way through the order of work of a real build, each link one of its own" do
    steps = evaluation(sample("peat-bank")).steps
    titles = steps.to_h { |one| [one.title, one] }
    pairs = steps.combination(2).first(200).filter_map do |first, later|
      found = chain(later.id, first.id, steps)
      [first, later, found] if found.any?
    end
    expect(pairs.size).to be > 50
    pairs.each do |first, later, found|
      expect([found.first.first, found.last.later]).to eq([first.title, later.title])
      found.each_cons(2) { |one, two| expect(one.later).to eq(two.first) }
      found.each { |one| expect(titles[one.later].after.map(&:why)).to include(one.why) }
    end
  end
end
