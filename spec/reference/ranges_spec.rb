# frozen_string_literal: true

# Drying and working times of the trade. Source of the ranges: the catalogue's own low and high, `common practice` or `from
# memory` as each value says: at 20 °C, 50 % and the reference thickness every prediction falls inside.
RSpec.describe "Drying at the reference state" do
  catalogue = GreenPlinth::Catalogue.default
  climate = GreenPlinth::Design.new("climate" => { "temperature_c" => 20, "humidity_pct" => 50, "airflow" => "room" }).climate
  forecast = GreenPlinth::Drying::Forecast.new(climate)

  catalogue.materials.each_value.select { |material| material.sets? && material.hours("dry") }.each do |material|
    it "#{material.key}: every stage within its range" do
      stages = forecast.call(material)
      told = { "handle" => stages.handle_min, "next" => stages.next_min, "dry" => stages.dry_min, "full" => stages.full_min }
      told.each do |stage, minutes|
        range = material.hours(stage) or next
        expect(minutes).to be_between((range.low * 60).floor, (range.high * 60).ceil), "#{stage}: #{minutes} min"
      end
      if material.open_min
        expect(stages.open_min).to be_between(material.open_min.low, material.open_min.high)
      end
    end
  end

  it "takes longer in a cold and damp workshop, for all that gives off water" do
    damp = GreenPlinth::Design.new("climate" => { "temperature_c" => 12, "humidity_pct" => 75, "airflow" => "still" }).climate
    slow = GreenPlinth::Drying::Forecast.new(damp)
    wet = catalogue.materials.each_value.select { |material| material.mechanism == "evaporation" }
    expect(wet.map { |material| slow.call(material).dry_min <=> forecast.call(material).dry_min }).to all(eq(1))
  end

  it "is ready no later when a layer is thinner, in any material" do
    setting = catalogue.materials.each_value.select { |material| %w[evaporation hydration].include?(material.mechanism) }
    setting.each do |material|
      thick, thin = [1.0, 0.5].map { |share| forecast.call(material, thickness_mm: material.reference_mm * share).dry_min }
      expect(thin).to be <= thick, material.key
    end
  end
end
