# frozen_string_literal: true

# The samples that ship, as what a newcomer sees first: everything told of them hangs together.
RSpec.describe "The samples" do
  Dir[File.join(Specimens::ROOT, "samples", "*.json")].map { |path| File.basename(path, ".json") }.sort.each do |name|
    describe name do
      let(:file) { sample(name) }
      let(:answer) { told(file) }
      let(:steps) { answer["steps"].to_h { |step| [step["id"], step] } }
      # Whatever the file says that is a material of the catalogue; what a part is and how it is done are no materials.
      def materials_in(data)
        case data
        when Hash then data.except("kind", "ground", "id", "name", "title", "represents").values.flat_map { |value| materials_in(value) }
        when Array then data.flat_map { |value| materials_in(value) }
        else catalogue[data] ? [data] : []
        end.uniq
      end

      let(:times) { answer["schedule"]["steps"].to_h { |step| [step["id"], step] } }

      it "is a valid file" do
        expect(problems(file)).to be_empty
      end

      it "has a date, and does every step once" do
        expect(times.keys).to match_array(steps.keys)
        done = times.select { |_, step| step["done"] }.keys
        expect(answer["schedule"]["sittings"].flat_map { |sitting| sitting["steps"] }).to match_array(steps.keys - done)
      end

      it "does every step within its sitting" do
        answer["schedule"]["sittings"].each do |sitting|
          sitting["steps"].each do |id|
            expect(times[id]["start"]).to be >= sitting["from"]
            expect(times[id]["finish"]).to be <= sitting["to"]
          end
        end
      end

      # A window that closed before anything was done within it binds nothing any more.
      def missed?(after) = times[after["step"]]["done"] && minutes(times[after["step"]]["finish"]) + after["at_most_min"] < minutes(as_of)
      def as_of = file.dig("progress", "as_of")

      it "keeps every wait it tells" do
        steps.each_value do |step|
          step["after"].each do |after|
            gap = minutes(times[step["id"]]["start"]) - minutes(times[after["step"]]["finish"])
            expect(gap).to be >= after["at_least_min"], "#{step["id"]} after #{after["step"]}"
            expect(gap).to be <= after["at_most_min"] if after["at_most_min"] && !(as_of && missed?(after))
          end
        end
      end

      it "is ready when its last layer is" do
        expect(answer["schedule"]["ready_at"]).to eq(times.values.map { |time| time["ready"] }.max)
      end

      it "buys every material that a step or the file names, and no other" do
        listed = answer["quantities"].map { |line| line["material"] }.uniq
        mixes = file["mixes"] || []
        parts = mixes.flat_map { |mix| mix["parts"].map { |part| part["material"] } }
        named = steps.values.flat_map { |step| step["materials"] } - mixes.map { |mix| "mix:#{mix["id"]}" }
        expect(listed).to match_array([*named, *parts, file.dig("plinth", "material")].uniq)
        expect(materials_in(file) - listed).to eq([])
      end

      it "costs what its lines cost" do
        expect(answer["cost"]["buy_minor"]).to eq(answer["quantities"].sum { |line| line["cost_minor"] || 0 })
        expect(answer["cost"]["used_minor"]).to be <= answer["cost"]["buy_minor"]
      end

      it "lays its ground on the whole top, once" do
        expect(answer["relief"]["zones"].sum do |zone|
          zone["area_mm2"]
        end).to be_within(answer["plinth"]["area_mm2"] * 0.001).of(answer["plinth"]["area_mm2"])
      end

      it "has a caution wherever something that hurts is used" do
        hurtful = steps.values.select do |step|
          step["materials"].any? do |key|
            (catalogue[key]&.hazards || []).include?("sensitiser")
          end
        end
        hurtful.each { |step| expect(step["cautions"].join).to match(/gloves/i), step["id"] }
      end

      it "names only parts that are there" do
        pointers = steps.values.flat_map { |step| step["where"] } + answer["quantities"].flat_map do |line|
          line["where"]
        end
        expect(pointers.uniq.reject do |pointer|
          pointer == "/plinth" || Hana::Pointer.new(pointer).eval(file)
        end).to be_empty
      end

      it "is told in words without gaps" do
        words = steps.values.map { |step| step["title"] } + answer["snags"].map { |snag| snag["message"] }
        expect(words).to all(match(/\A[[:upper:]“\d]/))
        expect(words.grep(/%\{|  |\bnil\b|NaN/)).to be_empty
      end
    end
  end
end
