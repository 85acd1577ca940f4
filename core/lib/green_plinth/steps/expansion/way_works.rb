# frozen_string_literal: true

module GreenPlinth
  module Steps
    class Expansion
      # What is painted on roads, over all their courses.
      module WayWorks
        private

        def markings
          record = @catalogue.kinds["works"]["road_marked"]
          Ways::Markings.all(@design).each do |marked|
            part = marked.part
            add(@catalogue.technique(record["technique"]), part, id: "#{part.id}/markings", amount: marked.length_mm / DM,
              laid: Laid.new(material_key: record["material"]), stack: [part.pointer, part.courses.size],
              uses: [film(record["material"], marked.area_mm2 / DM2)])
          end
        end
      end
    end
  end
end
