# frozen_string_literal: true

module GreenPlinth
  module Scale
    # The scale desk: real and model sizes both ways, what a packet's size is in life, and by how much to resize a print.
    class Desk
      # Off by less than this nobody sees (from memory).
      ALLOWED = 1.15
      # The last sea state has no upper end: waves a little above its lower one stand for it.
      OPEN_ENDED = 1.3

      # @param catalogue [Catalogue]
      # @param ratio [Numeric] n of 1:n
      def initialize(catalogue, ratio)
        @catalogue = catalogue
        @ratio = Ratio.new(ratio.to_f)
        @things = Things.new(catalogue)
      end

      # @return [Hash] everything there is to look up at this scale
      def to_h
        { "ratio" => @ratio.n, "things" => @catalogue.things.keys.map { |key| looked_up(@things[key]) },
          "kinds" => packets.transform_values { |packet| packet["things"] },
          "figures" => named(@catalogue.figures, "ratio", "height_mm", "source"),
          "railways" => named(@catalogue.railways, "ratio", "source"), "waves" => waves }
      end

      # @param real_mm [Float, nil] either this
      # @param model_mm [Float, nil] or that
      # @return [Hash] both, in mm and in words, and how the one that was not asked with comes about
      def length(real_mm: nil, model_mm: nil)
        real = real_mm || @ratio.real(model_mm)
        model = @ratio.model(real)
        { "real" => worded(real), "model" => worded(model),
          "how" => (real_mm ? reckoned.in_model(real, model) : reckoned.in_life(model, real)).to_h }
      end

      # What sizes on a packet are in life.
      # @param kind [String] a key of the kinds of packet
      # @param low [Float] mm of the model
      # @param high [Float]
      # @param represents [String, nil] what the maker wants it to be
      # @return [Hash]
      def check(kind, low, high, represents: nil)
        life = [low, high].map { |size| @ratio.real(size) }
        shares = candidates(kind).map { |thing| [thing, share(life, thing["life_mm"])] }
        passes = shares.select { |_, part| part.positive? }.sort_by { |_, part| -part }
        wanted = candidates(kind).find { |thing| thing["key"] == represents } || passes.first&.first || nearest(candidates(kind), life)
        { "kind" => kind, "model_mm" => [low, high], "life" => life.map { |size| worded(size) },
          "passes_for" => passes.map { |thing, part| thing.merge("share_pct" => (100 * part).round) }, "wanted" => wanted,
          "verdict" => verdict(life, wanted), "sentence" => sentence(low, high, life, passes, wanted),
          "how" => reckoned.packet([low, high], life, wanted).to_h }
      end

      # By how much to resize a print or a scan: from the scale that it has, or from what it is in life and how large it is in hand.
      # @return [Hash] percent, and how it comes about
      def resized(from: nil, real_mm: nil, present_mm: nil)
        percent = 100.0 * (from ? from / @ratio.n : @ratio.model(real_mm) / present_mm)
        how = from ? reckoned.from_scale(from, percent) : reckoned.from_size(real_mm, present_mm, percent)
        { "percent" => percent.round(2), "how" => how.to_h }
      end

      private

      def reckoned = Reckoned.new(@ratio, ALLOWED)
      def packets = @catalogue.kinds["packets"]
      def named(entries, *members) = entries.map { |name, data| { "name" => name }.merge(data.slice(*members)) }

      def looked_up(thing)
        { "key" => thing.key, "name" => thing.name, "measure" => thing.measure, "life_mm" => thing.range_mm.to_a,
          "model_mm" => thing.range_mm.to_a.map { |size| @ratio.model(size).round(6) }, "size_mm" => thing.size_mm,
          "source" => thing.source, "drawn_as" => thing.drawn_as }
      end

      def candidates(kind) = packets.fetch(kind)["seas"] ? waves : packets.fetch(kind)["things"].map { |key| looked_up(@things[key]) }

      # The last state has no upper end.
      def waves
        @catalogue.sea_states.map do |sea|
          low, high = sea["height_m"].map { |height| height && (height * 1000.0) }
          life = [low, (low + (high || (low * OPEN_ENDED))) / 2, high]
          { "key" => "sea_state_#{sea["state"]}", "name" => "sea state #{sea["state"]}, #{sea["name"]}", "measure" => "height",
            "life_mm" => life, "model_mm" => life.map { |size| size && @ratio.model(size).round(2) }, "size_mm" => nil,
            "source" => "WMO code table 3700" }
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

        low, high = [low, high].map { |size| shop(size) }
        low == high ? Length.metric(low) : "#{Length.short(low)}–#{Length.metric(high)}"
      end

      # As packets are marked and a person says it: no finer than a tenth, or than its first figure where it is less.
      def shop(size) = size >= 0.1 ? size.round(1) : size.round(1 - Math.log10(size).ceil)

      def worded(mm)
        { "mm" => mm.round(4), "inches" => (mm / Length::INCH).round(4), "metric" => Length.metric(mm), "imperial" => Length.imperial(mm) }
      end
    end
  end
end
