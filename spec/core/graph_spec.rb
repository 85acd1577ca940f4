# frozen_string_literal: true

RSpec.describe GreenPlinth::Graph do
  # Edges as before => [afters].
  def graph(edges, nodes = edges.to_a.flatten.uniq.sort)
    described_class.new(nodes).tap { |made| edges.each { |from, later| later.each { |to| made.add(from, to, "#{from}#{to}") } } }
  end

  describe "its order" do
    it "has each node after all that come before it" do
      expect(graph({ "c" => %w[a], "b" => %w[d] }).order).to eq(%w[b c d a])
    end

    it "goes level by level, in the turn of what each waits for last" do
      expect(graph({ "a" => %w[z], "b" => %w[y], "z" => %w[x] }).order).to eq(%w[a b z y x])
    end

    it "is none where a circle keeps some from having a turn" do
      expect(graph({ "a" => %w[b], "b" => %w[a], "c" => %w[a] }).order).to be_nil
    end

    it "has all of a chain of many thousands that was given from its end" do
      ids = Array.new(20_000) { |i| "s#{i}" }
      made = described_class.new(ids)
      ids.each_cons(2) { |later, first| made.add(first, later) }
      expect(made.order).to eq(ids.reverse)
    end
  end

  describe "ways" do
    let(:net) { graph({ "a" => %w[b c], "b" => %w[d], "c" => %w[d], "d" => %w[e] }) }

    it "are told by their fewest edges" do
      expect(net.path("a", "e")).to eq(%w[ab bd de])
      expect(net.path("c", "c")).to eq([])
      expect(net.path("e", "a")).to be_nil
    end

    it "say what comes before what" do
      expect(net.before?("a", "e")).to be(true)
      expect(net.before?("b", "c")).to be(false)
      expect(net.before?("b", "b")).to be(true)
    end

    it "count what is added later" do
      expect { net.add("e", "f1") }.to raise_error(KeyError)
      expect { net.add("b", "c") }.to change { net.before?("b", "c") }.from(false).to(true)
    end

    it "lead through what was united" do
      expect { net.unite("b", "c") }.to change { net.before?("b", "c") }.from(false).to(true)
      expect(net.before?("e", "b")).to be(false)
    end

    it "are what a walk over random edges finds" do
      PropCheck.forall(PropCheck::Generators.array(PropCheck::Generators.tuple(PropCheck::Generators.choose(0..9),
        PropCheck::Generators.choose(0..9)))) do |pairs|
        edges = pairs.select { |a, b| a < b }.uniq
        made = described_class.new(("0".."9").to_a).tap { |net| edges.each { |a, b| net.add(a.to_s, b.to_s) } }
        # Numbers only go up, so all that a number leads to is known before it is.
        reached = 9.downto(0)
          .each_with_object({}) { |a, all| all[a] = edges.select { |from, _| from == a }.flat_map { |_, b| [b, *all[b]] }.uniq }
        (0..9).to_a.product((0..9).to_a).each { |a, b| expect(made.before?(a.to_s, b.to_s)).to eq(a == b || reached[a].include?(b)) }
      end
    end
  end

  describe "a circle" do
    it "is found, each node before the next" do
      expect(graph({ "a" => %w[b], "b" => %w[c], "c" => %w[a] }).shortest_circle).to eq(%w[b c a])
    end

    it "is the shortest of several" do
      expect(graph({ "a" => %w[b d], "b" => %w[c], "c" => %w[a], "d" => %w[a] }).shortest_circle).to contain_exactly("a", "d")
    end

    it "may be a node that comes before itself" do
      expect(graph({ "a" => %w[a b] }).shortest_circle).to eq(%w[a])
    end

    it "is none where there is none" do
      expect(graph({ "a" => %w[b] }).shortest_circle).to be_nil
    end
  end
end
