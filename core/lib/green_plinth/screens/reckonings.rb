# frozen_string_literal: true

module GreenPlinth
  module Screens
    # How the figures that a build is told by come about: each with its formula in words, what went into it, and where that is from.
    class Reckonings
      # So many of what goes into a sum are told, the largest first; the rest together.
      MOST = 8

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Array<Reckoning>]
      def to_a = [*dates, hands_on, height, mass, tips, *money, *waters, *pours, *masses, edge, *quantities, *judgements].compact

      private

      def reckoning(key, name, value, unit, formula, inputs, source)
        Reckoning.new(key: key, name: name, value: value.is_a?(Float) ? value.round(3) : value, unit: unit, formula: formula,
          inputs: inputs, source: source)
      end

      # The largest first, what is left told together.
      def largest(inputs)
        sorted = inputs.sort_by { |input| -(input.value || Float::INFINITY) }
        rest = sorted.drop(MOST)
        return sorted if rest.size < 2

        sorted.first(MOST) << Reckoning::Input.new("#{rest.size} others together", rest.sum(&:value).round(3), rest.first.unit)
      end

      def dates
        return [] if @evaluation.infeasible

        plan = @evaluation.schedule
        slack = plan.slack
        chain = plan.network.steps.select { |step| slack[step.id].zero? && !step.done? }.sort_by { |step| plan.start(step.id) }
        titles = @evaluation.steps.to_h { |step| [step.id, step.title] }
        told = chain.last(MOST).map { |step| Reckoning::Input.new(titles[step.id] || step.id, Moment.format(plan.ready(step.id)), "moment") }
        [reckoning("vitals/ready", "Ready", Moment.format(plan.ready_at), "moment",
          "the latest of: finish of a step + its drying; a step begins in a free sitting, once all it waits for is ready",
          [Reckoning::Input.new("begun", Moment.format(plan.network.start), "moment"), *told],
          plan.proven_optimal? ? "critical path, searched to the end: nothing is sooner" : "critical path, the best that was found")]
      end

      def hands_on
        steps = @evaluation.infeasible ? @evaluation.steps : planned
        inputs = steps.map { |step| Reckoning::Input.new(step.title, step.hands_on_min, "min") }
        reckoning("vitals/hands_on", "At the bench", steps.sum(&:hands_on_min), "min",
          "the sum over all steps of: setting up + minutes for each × how many, at your own pace where the daybook has taught it",
          largest(inputs), "techniques of the catalogue, each with its source")
      end

      # As much of each as is left to do.
      def planned
        titles = @evaluation.steps.to_h { |step| [step.id, step.title] }
        @evaluation.schedule.network.steps.map { |step| Ahead.new(titles[step.id] || step.id, step.hands_on_min) }
      end

      Ahead = Struct.new(:title, :hands_on_min)
      private_constant :Ahead

      def height
        reckoning("vitals/height", "Tall", @evaluation.mass.height_mm, "mm",
          "plinth + the highest of: ground, water, part and the ground under it",
          [Reckoning::Input.new("plinth", @design.plinth.thickness_mm, "mm"),
            Reckoning::Input.new("highest ground", @evaluation.terrain.highest_mm.round(2), "mm"), *tallest], "the relief")
      end

      def tallest
        part = (@design.subjects + @design.features).select(&:height_mm).max_by(&:height_mm)
        part ? [Reckoning::Input.new(part.name, part.height_mm, "mm")] : []
      end

      def mass
        pieces = @evaluation.mass.pieces
        known = pieces.select { |piece| piece.grams&.nonzero? }
        inputs = known.map { |piece| Reckoning::Input.new(called(piece.pointer), piece.grams.round(2), "g") }
        unknown = pieces.select { |piece| piece.grams.nil? }.map { |piece| Reckoning::Input.new(called(piece.pointer), nil, "g") }
        reckoning("vitals/mass", "Heavy", @evaluation.mass.total_g, "g",
          "the sum over all parts of: volume as it stands × density when dry",
          largest(inputs) + unknown.first(MOST), "densities of the catalogue; subjects as you weighed them")
      end

      def tips
        x, y, z = @evaluation.mass.centre
        return unless x

        arm = @evaluation.ground.foot.convex_hull.exterior_ring.distance(Plan::Geos.point([x, y]))
        reckoning("balance/tips", "Tips at", @evaluation.mass.tip_deg, "deg",
          "the angle whose tangent is: distance of the centre of mass to the nearest edge of the foot ÷ its height over the bench",
          [Reckoning::Input.new("to the nearest edge", arm.round(2), "mm"),
            Reckoning::Input.new("over the bench", (z + @design.plinth.thickness_mm).round(2), "mm")],
          "statics: it tips once its centre of mass is over the edge")
      end

      def money
        lines = @evaluation.quantities
        priced = ->(member) { largest(lines.filter_map { |line| line[member] && Reckoning::Input.new(line.name, line[member], "minor") }) }
        [reckoning("vitals/buy", "To buy", lines.sum { |line| line.cost_minor || 0 }, "minor", "the sum of: packs × price of one",
          priced.call(:cost_minor), "prices of the catalogue, or what you paid last"),
          reckoning("vitals/used", "Used up", lines.sum { |line| line.used_minor || 0 }, "minor",
            "the sum of: packs × price of one × the share of them that is used up", priced.call(:used_minor),
            "prices of the catalogue, or what you paid last")]
      end

      def waters
        @evaluation.pools.select(&:wet?).map do |pool|
          cell = @evaluation.terrain.grid.cell
          reckoning("waters/#{pool.id}/volume", "#{pool.water.name}: volume", pool.volume_ml, "ml",
            "the sum over all cells of the relief that it floods of: depth there × area of a cell",
            [Reckoning::Input.new("level", pool.level, "mm"), Reckoning::Input.new("area", pool.area_mm2.round(1), "mm2"),
              Reckoning::Input.new("deepest", pool.max_depth_mm.round(2), "mm"),
              Reckoning::Input.new("a cell is wide", cell.round(3), "mm")], "the relief")
        end
      end

      # Of each layer, in the order in which they are told: reach by reach.
      def pours
        @evaluation.pools.select { |pool| pool.wet? && pool.water.medium }.flat_map do |pool|
          layers = pool.reaches.empty? ? pool.layers : pool.reaches.flat_map(&:layers)
          layers.each_with_index.map { |layer, index| pour(pool, layer, index) }
        end
      end

      def pour(pool, layer, index)
        medium, holds = pool.water.medium, layer.volume_mm3 / 1000
        reckoning("waters/#{pool.id}/pour/#{index}", "#{pool.water.name}: to mix", Waters::PourCard.of(pool.water, medium, holds)["mix_ml"],
          "ml", "what the layer holds once it has set ÷ (1 − what it shrinks by), and what stays in the cup",
          [Reckoning::Input.new("holds", holds.round(3), "ml"), share("shrinks by", medium.shrinkage),
            share("stays in the cup, of it", Waters::PourCard::WASTE - 1)], medium.source("shrinkage") || "from memory")
      end

      # Of each material that the base is of.
      def masses
        by_material = Balance::ByMaterial.new(@evaluation)
        by_material.lines.map do |line|
          density = @evaluation.catalogue[line.material]&.density_dry
          inputs = by_material.pieces[line.material].map { |piece| Reckoning::Input.new(called(piece.pointer), piece.grams.round(2), "g") }
          reckoning("mass/#{line.material}", line.name, line.grams, "g",
            "the sum over all that is of it: volume as it stands × density when dry",
            [*largest(inputs), Reckoning::Input.new("density", density && "#{density} g/ml", nil)],
            @evaluation.catalogue[line.material]&.source("density_dry") || "from memory")
        end
      end

      def edge
        skin = @evaluation.edge_skin
        reckoning("templates/edge", "Edge skin", skin.area_mm2, "mm2",
          "way round the plinth × the height of its side there, each millimetre by itself, and a lap at the seam",
          [Reckoning::Input.new("way round", skin.length_mm.round(2), "mm"), Reckoning::Input.new("lowest", skin.lowest_mm, "mm"),
            Reckoning::Input.new("highest", skin.highest_mm, "mm"), Reckoning::Input.new("lap", Relief::EdgeSkin::SEAM_MM, "mm")],
          "the relief")
      end

      def share(name, part) = Reckoning::Input.new(name, "#{(part * 100).round(1)} %", nil)

      def quantities
        titles = @evaluation.steps.to_h { |step| [step.id, step.title] }
        @evaluation.quantities.map do |line|
          taken = line.steps.flat_map { |id| taken_by(id, titles[id], line) }
          family = line.family && @evaluation.catalogue[line.material]&.family
          reckoning("quantities/#{line.material}/#{line.colour}", line.name, line.amount, line.unit,
            "the sum over its steps of: area × thickness or dose, wet, for all copies, with what is lost to bowl and brush",
            [*largest(taken), *waste(family)], @evaluation.catalogue[line.material]&.source("pack") || "from memory")
        end
      end

      def judgements
        ways = Composition::Judgement.all.to_h { |judgement| [judgement.code, judgement.worked_out] }
        @evaluation.judgements.map do |verdict|
          way = ways.fetch(verdict.key)
          reckoning("composition/#{verdict.key}", verdict.title, verdict.figure&.to_f, verdict.unit, way[:formula], [], way[:source])
        end
      end

      def taken_by(id, title, line)
        wanted = [line.material, line.colour, line.unit]
        mine = @evaluation.takes[id].to_a.select { |material, colour, _, unit| [material, colour, unit] == wanted }
        mine.map { |_, _, amount, unit| Reckoning::Input.new(title, amount, unit) }
      end

      def waste(family) = family&.[]("waste") ? [Reckoning::Input.new("lost, of it", "#{((family["waste"] - 1) * 100).round} %", nil)] : []

      # The name of a part, with the course of it.
      def called(pointer)
        return "plinth" if pointer == "/plinth"

        _, list, index, _, course = pointer.split("/")
        part = @design.public_send(list)[index.to_i]
        course ? "#{part.name}: #{part.courses[course.to_i].name}" : part.name
      end
    end
  end
end
