# frozen_string_literal: true

# Saturation vapour pressure against a published table. Source: Allen et al., FAO Irrigation and Drainage Paper 56
# (1998), annex 2, table 2.3, e°(T) in kPa.
RSpec.describe GreenPlinth::Drying::Air do
  { 5 => 0.872, 10 => 1.228, 15 => 1.705, 20 => 2.338, 25 => 3.168, 30 => 4.243 }.each do |celsius, kilopascal|
    it "#{celsius} °C: #{kilopascal} kPa" do
      expect(described_class.saturation_hpa(celsius) / 10).to be_within(kilopascal * 0.004).of(kilopascal)
    end
  end

  it "leaves half of it as deficit at half humidity" do
    expect(described_class.deficit_hpa(20, 50) / 10).to be_within(0.005).of(2.338 / 2)
  end
end
