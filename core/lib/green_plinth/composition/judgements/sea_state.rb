# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # The waves of a water at the scale: how high they would be in life, which sea state that is, and how steep they stand.
      class SeaState < Judgement
        title "Sea state"
        how "the height of the waves × the scale, against the sea states; steepness is height ÷ length",
          from: "WMO 3700; Michell's limit of steepness"
        weight 84

        def verdict
          return if seas.empty?

          wrong = seas.reject { |sea| fits?(sea) }
          judged(wrong.empty? ? "good" : "look", seas.map { |sea| sentence(sea) }.join(" "), figure: seas.first.height_mm, unit: "mm high")
        end

        private

        def seas = @seas ||= design.waters.map { |water| @evaluation.spots.sea(water) }.select(&:any?)
        def fits?(sea) = (sea.state.nil? || sea.state == sea.state_of_height) && sea.steepness < Seas::GravityWaves::BREAKS_AT

        def sentence(sea)
          state = sea.state_of_height
          "Waves #{mm(sea.height_mm)} high and #{mm(sea.length_mm)} long stand for #{format("%.2g", sea.height_m)} m, sea state " \
            "#{state["state"]} (#{state["name"]}), with #{format("%.1f", sea.period_s)} s from crest to crest in life; they stand " \
            "1 in #{(1 / sea.steepness).round}."
        end
      end
    end
  end
end
