# frozen_string_literal: true

RSpec.describe GreenPlinth::Relief::EdgeDistance do
  geos = GreenPlinth::Plan::Geos

  def distances(polygon)
    grid = GreenPlinth::Relief::Grid.new(GreenPlinth::Plan::Geos.bounds(polygon))
    field = described_class.inside(polygon, grid)
    cells = (0...grid.rows).step(7).to_a.product((0...grid.columns).step(7).to_a)
    cells.filter_map do |row, column|
      point = GreenPlinth::Plan::Geos.point([grid.xs[column], grid.ys[row, 0]])
      [field[row, column], polygon.boundary.distance(point)] if polygon.contains?(point)
    end
  end

  # What is convex is measured to the lines of its edges, what is not to the edges themselves.
  { "convex" => [[0, 0], [60, 8], [70, 40], [30, 66], [-10, 30]],
    "hollowed" => [[0, 0], [60, 0], [60, 60], [34, 60], [30, 12], [26, 60], [0, 60]] }.each do |shape, points|
    it "is what GEOS says, inside of a #{shape} polygon" do
      found = distances(geos.polygon(points))
      expect(found.size).to be > 100
      expect(found).to all(satisfy { |here, there| (here - there).abs < 0.02 })
    end
  end
end
