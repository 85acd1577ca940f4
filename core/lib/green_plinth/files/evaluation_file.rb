# frozen_string_literal: true

module GreenPlinth
  module Files
    # green-plinth-evaluation/1: an evaluation as JSON-ready data. What is not known is nil, never 0.
    class EvaluationFile
      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
        @forecast = Drying::Forecast.new(@design.climate, evaluation.catalogue.history)
      end

      # @return [Hash]
      def to_h
        { "format" => "green-plinth-evaluation/1", "title" => @design.title, "plinth" => plinth, "relief" => relief, "waters" => waters,
          "balance" => balance, "composition" => composition, "schools" => @design.schools.to_h, "steps" => steps,
          "rows" => @evaluation.order_rows, "schedule" => schedule,
          "infeasible" => @evaluation.infeasible&.message, "quantities" => @evaluation.quantities.map(&:to_h), "cost" => cost,
          "mixing" => @evaluation.mix_cards.to_h, "palette" => @evaluation.palette.to_h,
          "units" => @evaluation.units.map(&:to_h), "faces" => faces,
          "snags" => @evaluation.snags.map { |snag| @evaluation.accepted.to_h(snag) },
          "wanted_snags" => @evaluation.wanted_snags.map { |snag| @evaluation.accepted.to_h(snag) } }
      end

      # @return [Hash] of a part of a build that is composed by itself: what is told of its base
      def base = { "plinth" => plinth, "relief" => relief, "faces" => faces }.merge(standing)

      # @return [Hash] what a placing or a level changes: composition, balance and waters
      def standing = { "composition" => composition, "balance" => balance, "waters" => waters }

      private

      # Buildings whose faces are known.
      def faces
        @evaluation.buildings.map do |building|
          { "where" => building.feature.pointer, "eaves_mm" => number(building.eaves_mm), "area_mm2" => number(building.area_mm2),
            "room_mm" => building.room_mm&.map { |side| number(side) }, "faces" => building.faces.map { |face| face(face) } }
        end
      end

      def face(face)
        { "name" => face.name, "wall" => face.wall?, "area_mm2" => number(face.area_mm2), "ring" => shortened(face.ring),
          "openings" => face.openings.map { |one| { "where" => one.pointer, "name" => one.name, "ring" => shortened(one.ring) } } }
      end

      def shortened(ring) = ring.map { |point| point.map { |value| value.round(2) } }

      def plinth
        { "area_mm2" => number(Plan::Geos.area(@evaluation.ground.top)),
          "bounds_mm" => Plan::Outline.size(@design.plinth.outline).map { |side| number(side) } }
      end

      def relief
        terrain = @evaluation.terrain
        { "cell_mm" => terrain.grid.cell, "max_height_mm" => number(terrain.highest_mm), "min_height_mm" => number(terrain.lowest_mm),
          "forms" => terrain.bulk.strata.map { |stratum| form(stratum) },
          "zones" => @design.zones.each_with_index.map { |zone, index| shown(zone, index) } }
      end

      # How much of a zone no later one takes.
      def shown(zone, index) = { "id" => zone.id, "area_mm2" => number(Plan::Geos.area(@evaluation.ground.area(index))) }

      def form(stratum)
        { "id" => stratum.form.id, "area_mm2" => number(stratum.area_mm2), "volume_mm3" => number(stratum.volume_mm3),
          "void_mm3" => number(stratum.void_mm3 || 0.0) }
      end

      def waters
        @evaluation.pools.map do |pool|
          { "id" => pool.id, "area_mm2" => number(pool.area_mm2), "volume_ml" => number(pool.volume_ml),
            "max_depth_mm" => number(pool.max_depth_mm), "shore_mm" => number(pool.shore_mm), "spill_mm2" => number(pool.spill_mm2),
            "dam_mm" => number(pool.dam_mm), "dry_mm2" => number(pool.dry_mm2), "islands" => pool.islands,
            "layers" => layers(pool), "reaches" => pool.reaches.map { |reach| reach(reach) },
            "fall_proposed" => Waters::FallProposed.of(pool.water, @evaluation.terrain) }
        end
      end

      # Of running water each with the reach that it is poured into.
      def layers(pool)
        return pool.layers.map { |layer| layer(layer, pool).merge("reach" => nil) } if pool.reaches.empty?

        pool.reaches.flat_map { |reach| reach.layers.map { |layer| layer(layer, pool).merge("reach" => reach.name) } }
      end

      def reach(reach)
        { "name" => reach.name, "from_mm" => number(reach.from), "to_mm" => number(reach.to), "drop_mm" => number(reach.drop),
          "slope_pct" => reach.slope_pct.finite? ? number(reach.slope_pct) : nil, "white" => reach.white?, "poured" => reach.poured?,
          "tilt_deg" => number(reach.propped_deg), "dam_mm" => number(reach.dam_mm), "area_mm2" => number(Plan::Geos.area(reach.area)) }
      end

      def layer(layer, pool)
        medium = pool.water.medium
        cure = medium && @forecast.call(medium, thickness_mm: layer.thickness_mm).dry_min
        { "thickness_mm" => number(layer.thickness_mm), "volume_ml" => number(layer.volume_mm3 / 1000), "cure_min" => cure,
          "bottom_mm" => number(layer.bottom_mm), "top_mm" => number(layer.top_mm) }
          .merge(Waters::PourCard.of(pool.water, medium, layer.volume_mm3 / 1000))
      end

      def balance
        mass = @evaluation.mass
        { "mass_g" => number(mass.total_g), "centre_of_mass_mm" => mass.centre&.map { |value| number(value) },
          "tip_deg" => number(mass.tip_deg), "known_g" => number(mass.known_g), "unknown" => mass.unknown,
          "height_mm" => number(mass.height_mm),
          "parts" => mass.pieces.map { |piece| { "where" => piece.pointer, "mass_g" => number(piece.grams) } },
          "together" => together, "floating" => (@evaluation.floating.to_h if @design.purpose.trait?("floats")) }
      end

      # With the bodies that are set on it; nil where there are none.
      def together
        return if @design.bodies.none? { |body| body.carried? && !body.how.trait?("over") }

        whole = @evaluation.together
        { "mass_g" => number(whole.total_g), "centre_of_mass_mm" => whole.centre&.map { |value| number(value) },
          "tip_deg" => number(whole.tip_deg) }
      end

      def composition
        layout = @evaluation.layout
        seen = @design.subjects.map { |subject| { "visible_pct" => @evaluation.sight.visible_pct(subject), "life" => life(subject) } }
        { "subjects" => layout.subjects.zip(seen).map { |told, more| told.merge(more) }, "clearances" => layout.clearances,
          "feature_clearances" => layout.feature_clearances, "symmetry_pct" => layout.symmetry_pct,
          "judgements" => @evaluation.judgements.map(&:to_h) }
      end

      # What a subject is in life, mm.
      def life(subject)
        width, depth = subject.footprint_size
        { "length_mm" => number(width * @design.scale), "width_mm" => number(depth * @design.scale),
          "height_mm" => number(subject.height_mm&.*(@design.scale)) }
      end

      def steps
        @evaluation.made_of(:told_steps, @evaluation.batches) do
          @evaluation.steps.map { |step| StepFile.new(step, @evaluation.catalogue).to_h }
        end
      end

      def schedule
        return if @evaluation.infeasible

        answer = @evaluation.schedule
        @evaluation.made_of(:told_schedule, answer, @evaluation.batches, @design.calendar.finish_by) { planned(answer, answer.slack) }
      end

      def planned(answer, slack)
        { "ready_at" => Moment.format(answer.ready_at), "makespan_min" => answer.makespan_min, "lower_bound_min" => answer.lower_bound_min,
          "proven_optimal" => answer.proven_optimal?, "hands_on_min" => answer.network.steps.sum(&:hands_on_min),
          "objective" => @design.calendar.objective.to_s,
          "start" => Moment.format(answer.network.start), "finish_by" => @design.calendar.finish_by&.then { |at| Moment.format(at) },
          "late_min" => late(answer), "sittings" => Schedule::Sittings.of(answer).map { |one| sitting(one) },
          "steps" => answer.network.steps.map { |step| scheduled(step.id, answer, slack) }, "timeline" => timeline.parts }
      end

      def timeline = @timeline ||= @evaluation.timeline
      def possible = @possible ||= timeline.possible

      # @return [Integer, nil] minutes over the deadline; negative: to spare; nil: no deadline
      def late(answer) = @design.calendar.finish_by&.then { |by| answer.ready_at - by }

      def sitting(one) = { "from" => Moment.format(one.from), "to" => Moment.format(one.to), "steps" => one.steps }

      def scheduled(id, answer, slack)
        { "id" => id, "possible" => possible[id], "start" => Moment.format(answer.start(id)), "finish" => Moment.format(answer.finish(id)),
          "ready" => Moment.format(answer.ready(id)), "slack_min" => slack[id], "critical" => slack[id].zero?,
          "done" => answer.network.by_id[id].done?, "pinned" => @design.progress.pinned.key?(id) }
      end

      def cost
        lines = @evaluation.quantities
        unpriced = lines.select { |line| line.cost_minor.nil? }.map(&:material)
        { "buy_minor" => lines.sum { |line| line.cost_minor || 0 }, "used_minor" => lines.sum { |line| line.used_minor || 0 },
          "unpriced" => unpriced, "per_base_minor" => (lines.sum { |line| line.used_minor || 0 } / @design.copies.to_f).round }
      end

      def number(value) = value && value.to_f.round(4)
    end
  end
end
