# frozen_string_literal: true

require "open3"
require "tmpdir"

# The printable solid: closed by our own count of edges, by its volume, and by a second program (admesh).
RSpec.describe GreenPlinth::Relief::Mesh do
  files = {
    "a board with a bank and a pond" => { forms: [{ "id" => "bank", "kind" => "lift", "material" => "cork_tile", "sheet_mm" => 12,
                                                    "outline" => { "kind" => "rectangle", "width_mm" => 50, "depth_mm" => 60,
                                                                   "at_mm" => [-25, 0] } },
      { "id" => "pond", "kind" => "cut", "depth_mm" => 8,
        "outline" => { "kind" => "round", "diameter_mm" => 24, "at_mm" => [-20, 0] } }] },
    "a cone on a disc" => { plinth: { "outline" => { "kind" => "round", "diameter_mm" => 60 }, "thickness_mm" => 6 },
                            forms: [{ "id" => "cone", "kind" => "mound", "crown_mm" => 20, "profile" => "cone", "material" => "xps_foam",
                                      "outline" => { "kind" => "round", "diameter_mm" => 50 } }] },
    "a kidney" => {
      plinth: { "outline" => { "kind" => "polygon",
                               "points_mm" => [[-40, -20], [10, -28], [42, -10], [36, 18], [8, 6], [-14, 10], [-36, 26]] },
                "thickness_mm" => 9 }, forms: [] }
  }

  files.each do |name, members|
    describe name do
      let(:told) { evaluation(plain_file(**members)) }
      let(:mesh) { told.mesh }

      it "is closed: every edge is shared by two triangles that run along it in opposite ways" do
        edges = Hash.new(0)
        mesh.triangles.each { |a, b, c| [[a, b], [b, c], [c, a]].each { |from, to| edges[[from, to]] += 1 } }
        expect(edges.values.max).to eq(1)
        expect(edges.keys).to all(satisfy { |from, to| edges[[to, from]] == 1 })
      end

      it "holds what the relief holds, by the divergence theorem" do
        wanted = told.bulk.volume(told.terrain.height) + (told.ground.foot.area * told.design.plinth.thickness_mm)
        expect(mesh.volume_mm3).to be_within(0.005 * wanted).of(wanted)
      end

      it "is whole to a second program" do
        Dir.mktmpdir do |folder|
          path = File.join(folder, "base.stl")
          File.binwrite(path, GreenPlinth::Exports::Stl.new(told).bytes(mesh, name))
          report, = Open3.capture2("admesh", "--no-check", "--normal-directions", path)
          exact, = Open3.capture2("admesh", path)
          expect(exact).to match(/Total disconnected facets\s*:\s*0\s+0/)
          expect(exact[/Backwards edges\s*:\s*(\d+)/, 1].to_i).to eq(0)
          expect(report[/Volume\s*:\s*([\d.]+)/, 1].to_f).to be_within(0.001 * mesh.volume_mm3).of(mesh.volume_mm3)
        end
      end
    end
  end
end
