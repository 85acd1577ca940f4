# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # The wake of a hull under way: how wide its arms open, how far apart its crests lie, where it leaves the base, and whether the
      # room about the hull is what the maker wished.
      class WakeRoom < Judgement
        title "Wake"
        how "the angle whose sine is ⅓, wider where the water is shallow for the speed",
          from: "Kelvin; Havelock for shallow water"
        weight 85

        def verdict
          return if tracks.empty?

          judged(short.any? ? "look" : "good", sentences, figure: tracks.first.wake.half_angle_deg, unit: "° to each side", marks: marks)
        end

        private

        def tracks = @evaluation.tracks

        # @return [Array<String>] sides on which there is less room than wished
        def short
          @short ||= tracks.flat_map do |track|
            track.room.filter_map do |side, lengths|
              wished = design.limits.sea_room[side]
              "#{track.hull.name} has #{format("%.1f", lengths)} of its lengths #{side}, you wished for #{format("%g", wished)}" if
                wished && lengths < wished - 0.05
            end
          end
        end

        def sentences = [*tracks.map { |track| sentence(track) }, *short.map { |words| "#{words.capitalize}." }].join(" ")

        def sentence(track)
          wake = track.wake
          crests = wake.length_mm ? "transverse crests #{mm(wake.length_mm)} apart" : "no transverse crests, since it outruns them"
          out = track.leavings.map { |leaving| "#{leaving.side} #{mm(leaving.aft_mm)} aft of the bow" }
          "At #{format("%g", track.hull.speed_knots)} knots #{track.hull.name} draws arms #{mm(wake.out_per_100)} out on 100 mm aft, " \
            "with #{crests}.#{out.empty? ? "" : " The arms leave the base to #{out.join(" and to ")}."}"
        end

        def marks
          tracks.flat_map do |track|
            track.leavings.map { |leaving| Mark.point(leaving.at) } +
              track.lines.select { |line| line.kind == "arm" }.map { |line| Mark.line(line.points) }
          end
        end
      end
    end
  end
end
