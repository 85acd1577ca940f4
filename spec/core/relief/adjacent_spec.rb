# frozen_string_literal: true

RSpec.describe GreenPlinth::Relief::Adjacent do
  it "spreads over the square about each cell, cut off at the edge" do
    random = Random.new(3)
    [[1, 1, 2], [5, 9, 0], [5, 9, 1], [12, 7, 3], [4, 6, 9]].each do |rows, columns, reach|
      field = Numo::DFloat.cast(Array.new(rows) { Array.new(columns) { random.rand } })
      spread = described_class.spread(field, :maximum, reach)
      rows.times.to_a.product(columns.times.to_a).each do |row, column|
        about = field[[row - reach, 0].max..[row + reach, rows - 1].min, [column - reach, 0].max..[column + reach, columns - 1].min]
        expect(spread[row, column]).to eq(about.max)
      end
    end
  end
end
