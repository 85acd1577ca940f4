# frozen_string_literal: true

RSpec.describe GreenPlinth::Quantities::Money do
  # ISO 4217: the euro has cents, the yen none, the Kuwaiti dinar a thousand fils, the Icelandic króna none any more.
  { "EUR" => "1250.00 EUR", "JPY" => "125000 JPY", "KWD" => "125.000 KWD", "ISK" => "125000 ISK", "CLF" => "12.5000 CLF",
    "XYZ" => "1250.00 XYZ" }.each do |code, words|
    it "tells #{code} in its own decimals" do
      expect(described_class.new(code, catalogue).words(125_000)).to eq(words)
    end
  end

  # ISO 4217: the euro has cents, the yen has none, the dinar of Kuwait has a thousand fils.
  it "tells the figure alone, with the decimals of its currency" do
    figure = ->(code) { described_class.new(code, GreenPlinth::Catalogue.default).figure(1250) }
    expect(%w[EUR JPY KWD XXX].map { |code| figure[code] }).to eq(["12.50", "1250", "1.250", "12.50"])
  end
end
