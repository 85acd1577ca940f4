# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::Formation do
  # A 25 × 50 base whose rider's lance reaches 20 mm past its front edge, 6 mm to the right of the middle.
  def unit(rows: 2, columns: 1, **more)
    lance = polygon([-8, -20], [8, -20], [8, 20], [7, 20], [7, 45], [5, 45], [5, 20], [-8, 20])
    plain_file(purpose: "unit_base", copies: 4,
      plinth: { "outline" => rectangle(25, 50), "thickness_mm" => 3, "material" => "plastic_base" },
      subjects: [figure(rectangle(16, 40), kind: "mounted", silhouette: lance)], formation: { rows: rows, columns: columns, **more })
  end

  def formation(...) = evaluation(unit(...)).formation

  it "knows where the neighbours stand" do
    expect(formation(rows: 1, columns: 2).neighbours).to contain_exactly([-25.0, 0.0], [25.0, 0.0])
    expect(formation(rows: 2, columns: 1, gap_mm: 2,
      stagger_mm: 5).neighbours).to contain_exactly([5.0, 52.0], [5.0, -52.0])
    expect(formation(rows: 1, columns: 1).least_gap_mm).to be_nil
  end

  # The horse in front begins 30 mm ahead (50 − 20), the lance ends at 45: 15 × 2 mm shared, before and behind.
  it "measures what silhouettes share" do
    expect(formation.interference_mm2).to be_within(0.01).of(60)
    expect(formation.least_gap_mm).to eq(0)
  end

  it "measures the gap where they pass" do
    expect(formation(gap_mm: 18).least_gap_mm).to be_within(0.001).of(3)
    expect(formation(rows: 1, columns: 2).least_gap_mm).to be_within(0.001).of(9)
  end

  it "does not change with the sign of the stagger's neighbour: one base and its neighbour foul alike" do
    check = PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(-12..12), PropCheck::Generators.choose(0..20)))
    check.with_config(n_runs: 20).check do |(stagger, gap)|
      one = formation(stagger_mm: stagger, gap_mm: gap)
      offset = one.neighbours.first
      back = offset.map { |value| -value }
      shadow = evaluation(unit).design.subjects.first.shadow
      there, here = [offset,
                     back].map { |by| GreenPlinth::Plan::Geos.area(shadow.intersection(GreenPlinth::Plan::Outline.moved(shadow, by, 0.0))) }
      expect(there).to be_within(1e-6).of(here)
    end
  end
end
