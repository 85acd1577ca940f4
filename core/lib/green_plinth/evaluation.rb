# frozen_string_literal: true

module GreenPlinth
  # Everything the core can say of one design. Parts are computed when asked for and remembered by what they depend
  # on, so that moving a figure does not rebuild the relief:
  #
  #   design ─► bulk ─► terrain ─► pools ─► order of work ─► batches ─► schedule
  #                        └► layout, mass                      └► shopping
  #   every part ─► snags
  class Evaluation
    include Remembering
    include Planning
    include Afloat
    include Varied
    include Bodied
    include Drawn

    # The members of the plinth file that each part depends on.
    BASE = %w[plinth forms].freeze
    GROUND = [*BASE, "zones", "mixes"].freeze
    WET = [*GROUND, "waters"].freeze
    STANDING = %w[plinth subjects features].freeze
    STOOD = [*WET, "subjects", "features"].freeze
    SEEN = [*STOOD, "eye"].freeze
    SAILED = [*STOOD, "scale", "wind"].freeze
    SIDES = %w[sides schools].freeze
    JUDGED = %w[scale wind purpose formation limits variants copies groups].freeze
    private_constant :BASE, :GROUND, :WET, :STANDING, :STOOD, :SEEN, :SAILED, :SIDES, :JUDGED

    attr_reader :design

    # @param memo [Memo]
    # @param effort [Symbol] of the schedule: :quick within an edit, :thorough when there is time
    # @param known [Hash{String => Integer}, nil] starts by step of a plan that a longer search has found, minutes
    def initialize(design, memo, effort: :quick, known: nil)
      @design = design
      @memo = memo
      @effort = effort
      @known = known
      @digests = {}
    end

    def catalogue = design.catalogue

    # @return [Relief::Bulk] the forms alone
    def bulk = part(:bulk, BASE) { Relief::Bulk.new(design.plinth, design.forms, @memo) }

    # @return [Relief::Terrain] the forms with every zone's courses on them
    def terrain
      part(:terrain, GROUND) { Relief::Terrain.new(bulk, ground, covers, design.zones) }
    end

    # @return [Plan::Ground] who owns which part of the top
    def ground = part(:ground, %w[plinth], outlines) { Plan::Ground.new(design.plinth, design.zones, @memo) }

    # @return [Relief::Slopes]
    def slopes = part(:slopes, GROUND) { Relief::Slopes.new(terrain, design.zones) }

    # @return [Array<Templates::Piece>] of this body, then of the others
    def templates = own_templates + body_templates(own_templates.size)

    # @return [Array<Templates::Piece>]
    def own_templates = part(:templates, [*SAILED, "title"]) { Templates::Pieces.new(self).all }

    # @return [Array<Faces::Building>] features whose faces are known
    def buildings = part(:buildings, %w[features]) { design.features.filter_map { |feature| Faces::Building.of(feature) } }

    # @return [Balance::Floating]
    def floating = Balance::Floating.new(design, mass, terrain)

    # @return [Steps::OrderOfWork]
    def order
      order = design.variants.empty? ? own_order : varied_order
      design.bodies.empty? ? order : order_with_bodies(order)
    end

    # @return [Steps::OrderOfWork] of the copies that are as the file has them
    def own_order
      recalled(:order) do
        expansion = Steps::Expansion.new(design, terrain, pools, survey)
        made = Steps::OrderOfWork.new(expansion.works, expansion.places, design, ruling(expansion))
        @memo.same(:same_order, made.fields, made)
      end
    end

    # @return [Batching::Batches] its works as steps that fit into sittings
    def batches = part(:batches, %w[calendar copies progress], order) { Batching::Batches.new(design, order) }

    # @return [Array<Steps::Step>] in an order that respects their waits
    def steps = batches.steps

    # @return [Array<Quantities::Shopping::Line>]
    def quantities
      part(:quantities, %w[copies plinth bodies], batches) do
        plinths = [design, *bodies.map { |_, own| own.design }].filter_map { |one| one.plinth.material&.key }
        Quantities::Shopping.new(steps, catalogue, design.copies, plinths: plinths).lines
      end
    end

    # @return [Array<Quantities::Shopping::Line>] of the steps that are not done: what those that are took is no longer on the shelf
    def still_needed
      done = design.progress.done
      return quantities if done.empty?

      part(:still_needed, %w[copies plinth], batches) do
        Quantities::Shopping.new(steps.reject { |step| done.key?(step.id) }, catalogue, design.copies).lines
      end
    end

    # @return [Hash{String => Array<Array(String, String, Float, String)>}] what each step uses up of what is bought: material, colour,
    #   amount (nil where unknown) and unit, by the step's id
    def takes
      part(:takes, %w[mixes], batches) do
        bought = Quantities::Bought.new(catalogue)
        told = ->(use) { bought.for(use).map { |one| [one.material, one.colour, one.amount&.round(2), one.unit] } }
        steps.to_h { |step| [step.id, step.uses.flat_map(&told)] }
      end
    end

    # @return [Screens::Palette]
    def palette = Screens::Palette.new(design)

    # @return [Mixes::Cards] of all steps that stir something up
    def mix_cards = part(:mix_cards, %w[mixes], batches) { Mixes::Cards.new(steps, catalogue, design.mixes) }

    # @return [Array<Quantities::UnitCount::Count>] bricks, setts, planks and the like
    def units
      part(:units, ["plinth", "zones", "features", "scale"]) do
        Quantities::UnitCount.new(design, ->(zone) { Plan::Geos.area(ground.area(design.zones.index(zone))) }).counts
      end
    end

    # @return [Balance::Mass]
    def mass = part(:mass, STOOD) { Balance::Mass.new(design, terrain, pools) }

    # @return [Composition::Layout]
    def layout
      taking = part(:features_taking, %w[features]) { Composition::FeaturesTaking.new(design.outlined_features) }
      part(:layout, STANDING) { Composition::Layout.new(design, ground, taking) }
    end

    # @return [Composition::Eye] where the base is looked at from
    def eye = Composition::Eye.of(design)

    # @return [Composition::Solids] what stands on the ground, as upright prisms
    def solids = part(:solids, STOOD) { Composition::Solids.new(design, terrain, pools) }

    # @return [Composition::Sight]
    def sight = part(:sight, SEEN) { Composition::Sight.new(solids, terrain, eye) }

    # @return [Composition::Judgements::StandingRoom] whether each subject stands level
    def standing_room = part(:standing_room, STOOD) { Composition::Judgements::StandingRoom.new(self) }

    # @return [Composition::Footing]
    def footing = Composition::Footing.new(terrain, nearest_place)

    # @return [Balance::Joints]
    def joints = Balance::Joints.new(design, ground, catalogue)

    # @return [Composition::NearestPlace]
    def nearest_place = @nearest_place ||= Composition::NearestPlace.new(design, ground, survey)

    # @return [Plan::Survey] what was found of areas, in this design or in those before it
    def survey = @memo.fetch(:survey) { Plan::Survey.new }

    # @return [Composition::Formation]
    def formation
      part(:formation, [*STANDING, "formation", "variants", "copies"]) do
        Composition::Formation.new(design, ground.foot, others: shadows_by_place)
      end
    end

    # @return [Composition::Judgements::Heights] front, middle and back
    def heights = part(:heights, SEEN) { Composition::Judgements::Heights.new(self) }

    # @return [Array<Composition::Judgement::Verdict>]
    def judgements = part(:judgements, [*SEEN, *JUDGED]) { Composition::Judgement.verdicts(self) }

    # @return [Array<Snags::Snag>] what stops the work first; without what the maker wants so
    def snags = parted_snags.first

    # @return [Array<Snags::Snag>] those that the maker wants so
    def wanted_snags = parted_snags.last

    # @return [Snags::Accepted]
    def accepted = @accepted ||= Snags::Accepted.new(design.to_h)

    # @return [Array<Snags::Snag>] all that was found
    def found_snags
      found = [*own_snags, *variant_snags, *body_snags]
      found.size == own_snags.size ? found : Snags::Check.worst_first(found)
    end

    # @param families [Array<String>, nil] only those of these families
    # @return [Array<Snags::Snag>] of the copies that are as the file has them
    def own_snags(families: nil) = Snags::Check.snags(self, families: families) { |check| recalled(check) { check.looked(self) } }

    # @param id [String, nil] of a variant or a body
    # @return [Evaluation] of its own; this one where nobody says which, or there is none
    def of(id) = id ? (variants + bodies).find { |part, _| part.id == id }&.last || self : self

    # @return [Hash] green-plinth-evaluation/1
    def to_h = part(:told, file.keys, @effort, @known) { Files::EvaluationFile.new(self).to_h }

    private

    def parted_snags = @parted_snags ||= accepted.parted(found_snags)

    # How much of each cell each zone covers. Forms matter only where they widen the grid.
    def covers
      part(:covers, %w[plinth], outlines, bulk.grid.bounds) do
        ground.areas.map do |area|
          # The area is kept with its cover: no other can come to stand at the same address.
          @memo.fetch(:cover, area.object_id, bulk.grid.bounds) { [area, Relief::Cover.of(area, bulk.grid)] }.last
        end
      end
    end

    # Where zones lie; what is laid on them is another matter.
    def outlines
      Reads.note("zones")
      @outlines ||= Memo.digest(design.zones.map(&:outline))
    end

    def ruling(expansion)
      works, places = expansion.works, expansion.places
      ruled = Steps::Ruling.ruled(works, design)
      @memo.find(:ruling, ->(known) { known.serves?(ruled, places) }) { Steps::Ruling.new(works, places, design, ruled) }
    end

    def file = design.file

    # What the steps depend on: all but the words that only people read.
    def buildable = file.keys - %w[title story limits eye formation]
  end
end
