# frozen_string_literal: true

# The small tools that the relief is made with.
RSpec.describe "Fields" do
  describe GreenPlinth::Relief::Adjacent do
    let(:field) { Numo::DFloat[[1, 2, 3], [4, 9, 6], [7, 8, 5]] }

    it "folds each cell with the eight round it" do
      expect(described_class.fold(field, :maximum).to_a).to eq([[9, 9, 9]] * 3)
      expect(described_class.fold(field, :minimum).to_a).to eq([[1, 1, 2], [1, 1, 2], [4, 4, 5]])
    end

    it "leaves the field as it was, and one cell as it is" do
      before = field.copy
      described_class.fold(field, :maximum)
      expect(field).to eq(before)
      expect(described_class.fold(Numo::DFloat[[3]], :minimum).to_a).to eq([[3]])
    end
  end

  describe GreenPlinth::Relief::EdgeDistance do
    let(:grid) { GreenPlinth::Relief::Grid.new([0.0, 0.0, 40.0, 20.0]) }

    it "measures to the nearest of some lines, up to a reach" do
      field = described_class.within([[[0.0, 0.0], [40.0, 0.0]]], grid, 5.0)
      expect(field[0, 10]).to be_within(1e-9).of(grid.cell / 2)
      expect(field.max).to eq(5.0)
    end

    it "measures to a segment's end, not to its line" do
      field = described_class.within([[[10.0, 10.0], [20.0, 10.0]]], grid, 100.0)
      row, column = grid.at(30.1, 10.1)
      expect(field[row, column]).to be_within(0.3).of(10)
    end

    it "is deepest in the middle of a disc" do
      disc = GreenPlinth::Plan::Outline.polygon(round(16, at: [20, 10]))
      field = described_class.inside(disc, grid)
      row, column = grid.at(20.0, 10.0)
      expect(field[row, column]).to be_within(0.2).of(8)
    end
  end

  describe GreenPlinth::Relief::Cover do
    let(:grid) { GreenPlinth::Relief::Grid.new([0.0, 0.0, 100.0, 60.0]) }
    let(:square) { GreenPlinth::Plan::Outline.polygon(rectangle(10, 10, at: [50, 30])) }

    it "is kept over its own window, and reads as if it were whole" do
      cover = described_class.of(square, grid)
      whole = GreenPlinth::Relief::Coverage.of(square, grid)
      expect(cover.field.size).to be < whole.size / 20
      [[120, 200], [0, 0], [119, 199]].each do |row, column|
        expect(cover.at(row, column)).to be_within(1e-12).of(whole[row, column])
      end
      expect(cover.field.sum).to be_within(1e-9).of(whole.sum)
    end

    it "is nothing for nothing" do
      expect(described_class.of(GreenPlinth::Plan::Geos.empty, grid).field.sum).to eq(0)
    end

    it "counts against the part of a cell that lies on the base" do
      weight = Numo::DFloat.zeros(*grid.shape) + 0.5
      expect(described_class.of(square, grid).relative(weight).max).to eq(1.0)
    end
  end

  describe GreenPlinth::Relief::CourseThickness do
    def thickness(material, **more)
      described_class.mm(design(plain_file(zones: [zone(course(material, **more))])).zones.first.courses.first)
    end

    it "is what the maker says, else the material's usual layer" do
      expect(thickness("earth_paste", thickness_mm: 3)).to eq(3)
      expect(thickness("earth_paste")).to eq(2)
    end

    it "is nothing for films, dusts and greenery" do
      %w[acrylic_paint dry_pigment static_grass tufts white_glue].each { |key| expect(thickness(key)).to eq(0), key }
    end

    it "is nothing for a mix nobody has measured" do
      file = plain_file(zones: [zone(course("mix:mud"))], mixes: [{ id: "mud", parts: [{ material: "white_glue", amount: 1 }] }])
      expect(described_class.mm(design(file).zones.first.courses.first)).to eq(0)
    end
  end

  it "keeps the ground under a form while a later one changes" do
    memo = GreenPlinth::Memo.new
    build = lambda do |depth|
      made = design(plain_file(forms: [lift(5, round(40)), cut(depth, round(10))]))
      GreenPlinth::Relief::Bulk.new(made.plinth, made.forms, memo)
    end
    first = build[2]
    second = build[3]
    expect(second.strata[0]).to equal(first.strata[0])
    expect(second.strata[1]).not_to equal(first.strata[1])
    expect(first.height.min).to eq(0)
    expect(second.volume(second.height)).to be < first.volume(first.height)
  end
end
