# frozen_string_literal: true

# The large base that the product promises to bear: 1200 × 250 mm, 40 zones, 200 features, over a relief of 8 forms.
def large
  strip = ->(y, width) { { "kind" => "strip", "points_mm" => [[-590, y], [0, y + 6], [590, y - 4]], "width_mm" => width } }
  spot = ->(i, size) { { "kind" => "round", "diameter_mm" => size, "at_mm" => [-580 + ((i * 61) % 1160), -110 + ((i * 37) % 220)] } }
  { "format" => "green-plinth/1", "title" => "Large", "purpose" => "diorama", "scale" => 76,
    "plinth" => { "outline" => { "kind" => "rectangle", "width_mm" => 1200, "depth_mm" => 250 }, "thickness_mm" => 12 },
    "calendar" => { "start" => "2027-03-01T18:00", "weekly" => %w[mon tue wed thu fri].map do |day|
      { "day" => day, "from" => "19:00", "to" => "22:00" }
    end },
    "forms" => Array.new(7) do |i|
      { "id" => "f#{i}", "kind" => "lift", "sheet_mm" => 5, "material" => "cork_sheet", "outline" => strip[-90 + (i * 30), 40],
        "edge" => { "kind" => "bevel", "run_mm" => 6 } }
    end +
      [{ "id" => "ditch", "kind" => "cut", "depth_mm" => 4, "outline" => strip[-60, 16], "edge" => { "kind" => "bevel", "run_mm" => 4 } }],
    "zones" => Array.new(40) do |i|
      { "id" => "z#{i}", "ground" => "earth", "outline" => spot[i, 70],
        "courses" => %w[earth_paste acrylic_paint acrylic_wash static_grass tufts].map do |key|
        { "material" => key }
      end }
    end,
    "features" => Array.new(200) do |i|
      { "id" => "p#{i}", "kind" => "sign", "outline" => spot[i * 3, 4], "height_mm" => 20, "mass_g" => 1 }
    end,
    "subjects" => Array.new(3) do |i|
      { "id" => "s#{i}", "kind" => "vehicle", "footprint" => { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 25 },
        "at_mm" => [-200 + (i * 200), 20], "turn_deg" => 12, "height_mm" => 30, "mass_g" => 60 }
    end,
    "waters" => [{ "id" => "w", "medium" => "acrylic_water", "outline" => strip[-60, 14], "level_mm" => 3 }] }
end
