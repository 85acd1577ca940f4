# frozen_string_literal: true

RSpec.describe GreenPlinth::Balance::Joints do
  def joint(subject = {}, **members)
    told = evaluation(plain_file(subjects: [figure(round(10), height_mm: 45, **subject)], **members))
    told.joints.of(told.design.subjects.first)
  end

  paste = [{ "id" => "z", "ground" => "earth", "outline" => { "kind" => "rest" },
             "courses" => [{ "material" => "earth_paste" }, { "material" => "acrylic_wash" }] }]

  it "lies on the topmost course with a body, else on the topmost form, else on the plinth" do
    foam = lift(6, rectangle(100, 60), material: "xps_foam")
    expect(joint(zones: paste).ground.key).to eq("earth_paste")
    expect(joint(forms: [foam]).ground.key).to eq("xps_foam")
    expect(joint.ground.key).to eq("mdf")
  end

  it "is made by the glue that the maker names, else by the mount's" do
    expect(joint.glue.key).to eq("superglue_gel")
    expect(joint({ fixing: { "glue" => "white_glue" } }).glue.key).to eq("white_glue")
  end

  it "bears what the weaker of glue and sides bears" do
    expect(joint(zones: paste).strength_g_mm2).to eq(60)
    expect(joint(zones: paste).weakest.key).to eq("earth_paste")
    expect(joint.strength_g_mm2).to eq(500)
  end

  # Figure of 12 g, 45 mm high, on 42 mm²; at play a knock of 10 times its weight: 120 g at half its height. The moment,
  # 2,700 g·mm, over the modulus of a square, 42 × √42 / 6 = 45.4 mm³, is 59.5; shear is 120 / 42 = 2.9 g/mm² (beam theory).
  it "is asked for shear and moment at the foot" do
    subject = figure(round(10), height_mm: 45, mass_g: 12, contact_mm2: 42)
    found = evaluation(plain_file(purpose: "gaming_base", subjects: [subject], zones: paste)).snags
    expect(found.find { |snag| snag.code == "fix/too_weak" }.message)
      .to include("pulls 62.4 g/mm² at the foot of figure, and earth texture paste bears about 60 g/mm²")
  end
end
