# frozen_string_literal: true

module GreenPlinth
  module Scale
    # The scale desk: real and model sizes both ways, what a packet's size is in life, and by how much to resize a print.
    class Desk
      # Kinds of thing that are bought by size, and the reference things each may stand for.
      KINDS = {
        "grain" => %w[silt sand_fine sand_medium sand_coarse gravel_fine gravel_medium gravel_coarse cobble boulder large_boulder],
        "ballast" => %w[railway_ballast], "grass" => %w[moss lawn pasture_grass meadow_grass cereal sedge reed],
        "brick" => %w[brick_uk brick_de_nf brick_de_df brick_us brick_fr brick_it brick_nl brick_jp brick_in brick_cn],
        "sett" => %w[sett cobblestone], "slab" => %w[slab apron_slab], "road" => %w[farm_track lane country_road],
        "marking" => %w[road_line stop_line], "tree" => %w[bush hedge fruit_tree broadleaf_tree conifer], "wave" => []
      }.freeze
      # Off by less than this nobody sees (from memory).
      ALLOWED = 1.15

      # @param catalogue [Materials::Catalogue]
      # @param ratio [Numeric] n of 1:n
      def initialize(catalogue, ratio)
        @catalogue = catalogue
        @ratio = Ratio.new(ratio.to_f)
        @things = Things.new(catalogue)
      end

      # @return [Hash] everything there is to look up at this scale
      def to_h
        { "ratio" => @ratio.n, "things" => @catalogue.things.keys.map { |key| told(@things[key]) }, "kinds" => KINDS,
          "figures" => @catalogue.figures.map { |name, data|
 { "name" => name, "ratio" => data["ratio"], "height_mm" => data["height_mm"], "source" => data["source"] } },
          "railways" => @catalogue.railways.map { |name, data| { "name" => name, "ratio" => data["ratio"], "source" => data["source"] } },
          "waves" => waves }
      end

      # @param real_mm [Float, nil] either this
      # @param model_mm [Float, nil] or that
      # @return [Hash] both, in mm and in words
      def length(real_mm: nil, model_mm: nil)
        real = real_mm || @ratio.real(model_mm)
        { "real" => worded(real), "model" => worded(@ratio.model(real)) }
      end

      # What sizes on a packet are in life.
      # @param kind [String] a key of KINDS
      # @param low [Float] mm of the model
      # @param high [Float]
      # @param represents [String, nil] what the maker wants it to be
      # @return [Hash]
      def check(kind, low, high, represents: nil)
        life = [low, high].map { |size| @ratio.real(size) }
        passes = candidates(kind).map { |thing|
 [thing, share(life, thing["life_mm"])] }.select { |_, part| part.positive? }.sort_by { |_, part| -part }
        wanted = candidates(kind).find { |thing| thing["key"] == represents } || passes.first&.first || nearest(candidates(kind), life)
        { "kind" => kind, "model_mm" => [low, high], "life" => life.map { |size| worded(size) },
          "passes_for" => passes.map { |thing, part| thing.merge("share_pct" => (100 * part).round) }, "wanted" => wanted,
          "verdict" => verdict(life, wanted), "sentence" => sentence(low, high, life, passes, wanted) }
      end

      # By how much to resize a print or a scan, percent.
      # @param from [Numeric] n of the scale it has
      # @return [Float]
      def resize_pct(from:) = 100.0 * from / @ratio.n

      # The same where only its size is known: what it is in life, and how large the thing in hand is.
      # @return [Float] percent
      def resize_to_pct(real_mm:, present_mm:) = 100.0 * @ratio.model(real_mm) / present_mm

      private

      def told(thing)
        { "key" => thing.key, "name" => thing.name, "measure" => thing.measure, "life_mm" => thing.range_mm.to_a,
          "model_mm" => thing.range_mm.to_a.map { |size| @ratio.model(size).round(6) }, "size_mm" => thing.size_mm, "source" => thing.source }
      end

      def candidates(kind) = kind == "wave" ? waves : KINDS.fetch(kind).map { |key| told(@things[key]) }

      # The last state has no upper end.
      def waves
        @catalogue.sea_states.map do |sea|
          low, high = sea["height_m"].map { |height| height && (height * 1000.0) }
          { "key" => "sea_state_#{sea["state"]}", "name" => "sea state #{sea["state"]}, #{sea["name"]}", "measure" => "height",
            "life_mm" => [low, (low + (high || (low * 1.3))) / 2, high], "model_mm" => [low, (low + (high || (low * 1.3))) / 2, high].map { |size|
 size && @ratio.model(size).round(2) },
            "size_mm" => nil, "source" => "WMO code table 3700" }
        end
      end

      # How much of the packet's range lies within a thing's; things of one size are allowed for.
      def share(life, range)
        low = range[0] / (range[0] == range[2] ? ALLOWED : 1)
        high = (range[2] || Float::INFINITY) * (range[0] == range[2] ? ALLOWED : 1)
        return life[0].between?(low, high) ? 1.0 : 0.0 if life[0] == life[1]

        [[life[1], high].min - [life[0], low].max, 0].max / (life[1] - life[0])
      end

      def nearest(things, life) = things.min_by { |thing| Math.log([life.sum / 2, 1e-3].max / [thing["life_mm"][1], 1e-3].max).abs }

      def verdict(life, wanted)
        low, _, high = wanted["life_mm"]
        if high && life[1] > high * ALLOWED then "too_big"
        elsif life[0] < low / ALLOWED then "too_small"
        else "right"
        end
      end

      def sentence(low, high, life, passes, wanted)
        sizes = low == high ? Length.metric(low) : "#{Length.short(low)}–#{Length.metric(high)}"
        real = life[0] == life[1] ? Length.metric(life[0]) : "#{Length.metric(life[0])} to #{Length.metric(life[1])}"
        names = passes.first(2).map { |thing, _| thing["name"] }
        told = "#{sizes} at 1:#{Length.short(@ratio.n)} is #{real} in life"
        told += names.empty? ? ": nearest to #{wanted["name"]}, and not quite that." : ": it passes for #{names.join(" or ")}."
        verdict(life, wanted) != "right" ? "#{told} For #{wanted["name"]} look for #{wanted_size(wanted)}." : told
      end

      def wanted_size(wanted)
        low, _, high = wanted["model_mm"]
        return "#{Length.metric(low)} or more" unless high

        low == high ? Length.metric(low) : "#{Length.short(low)}–#{Length.metric(high)}"
      end

      def worded(mm)
        { "mm" => mm.round(4), "inches" => (mm / Length::INCH).round(4), "metric" => Length.metric(mm), "imperial" => Length.imperial(mm) }
      end
    end
  end
end
