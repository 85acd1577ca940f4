# frozen_string_literal: true

module GreenPlinth
  module Templates
    # All that is cut from sheets for a base, bottom to top, which is the order to cut and stack in; before them the plan of the base
    # itself, to lay things out on, and after them what is marked round, and the skin of its side.
    class Pieces
      # Marks smaller than this are slips of the pencil, mm².
      LEAST_MM2 = 1.0

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
        @catalogue = evaluation.catalogue
        @top = evaluation.ground.top
      end

      # @return [Array<Piece>]
      def all
        @all ||= numbered([plan, *@design.forms.each_with_index.flat_map { |form, index| of_form(form, index) },
          *@design.features.flat_map { |feature| of_building(feature) },
          *Ways::Crossing.all(@design).flat_map { |crossing| of_crossing(crossing) },
          *LaidSheets.new(@evaluation).all, *patterns.all, *EdgeStrips.new(@evaluation).all])
      end

      private

      def numbered(pieces) = pieces.each_with_index { |piece, index| piece.order = index }

      def patterns = @patterns ||= Patterns.new(@evaluation)

      # The paper plan: the top, what stands on it, where the lowest forms go, and where ground ends.
      def plan
        foot = @evaluation.ground.foot
        Piece.new(pointer: "/plinth", name: "plan of #{@design.title}", material: "paper", sheet_mm: nil, count: 1, shape: foot,
          cut_lines: [], feet: feet(foot),
          glue_lines: outlines(@design.forms.reject(&:cut?)) + @design.subjects.map(&:footprint_area) + patterns.outlines,
          scores: wakes, note: wakes.any? ? "long and short: where wakes lie, to be marked" : nil)
      end

      # Of hulls under way, from point to point.
      def wakes = @wakes ||= @evaluation.tracks.flat_map { |track| track.lines.flat_map { |line| line.points.each_cons(2).to_a } }

      def outlines(forms) = forms.map { |form| placed(form) }.reject { |shape| Plan::Geos.area(shape) < LEAST_MM2 }
      def placed(form) = form.area.then { |shape| form.overhang? ? shape : shape.intersection(@top) }

      def of_form(form, index)
        send(:"of_#{form.shape}", form, index).reject { |one| Plan::Geos.area(one.shape) < LEAST_MM2 }
      end

      # Upright sheets are alike; where the side slopes, each has its own outline.
      def of_lift(form, index)
        return [] if form.material&.sets?
        return [outline_of(form, index, sheet_mm: form.sheet_mm, count: form.sheets)] if form.run_mm.zero? || form.sheets == 1

        (0...form.sheets).map { |sheet| sloped_sheet(form, sheet, index) }
      end

      def sloped_sheet(form, sheet, index)
        inset = form.run_mm * sheet / form.sheets
        shape = form.area.buffer(-inset)
        shape = shape.intersection(@top) unless form.overhang?
        piece(form, shape, index, name: "#{form.name}, sheet #{sheet + 1} of #{form.sheets}", sheet_mm: form.sheet_mm, count: 1,
          note: inset.positive? ? "foot of this sheet; slope it inward" : nil)
      end

      def of_cut(form, index) = [outline_of(form, index, note: "cut #{number(form.depth_mm)} mm deep")]
      def of_ramp(form, index) = [outline_of(form, index, note: way(form))]

      # Where it is cut, of a room in the base; and the lining of a way through: floor, sides and crown in one strip, folded.
      def of_bore(form, index) = (form.cavity? ? [mouth(form, index)] : []) + lining(form, index)

      def mouth(form, index)
        through = form.open_below? ? ", through the plinth from its underside" : ""
        outline_of(form, index, note: "cut #{number(form.clear_mm)} mm high#{through}")
      end

      def lining(form, index)
        return [] unless form.material

        long, wide = Plan::Outline.size(form.outline).minmax.reverse
        folds = [wide, wide + form.clear_mm, (2 * wide) + form.clear_mm]
        shape = Plan::Geos.polygon([[0.0, 0.0], [2 * (wide + form.clear_mm), 0.0], [2 * (wide + form.clear_mm), long], [0.0, long]])
        [Piece.new(pointer: form.pointer, name: "#{form.name}, lining", material: form.material_key, sheet_mm: nil, count: 1, shape: shape,
          cut_lines: [], glue_lines: [], scores: folds.map { |x| [[x, 0.0], [x, long]] }, feet: [],
          note: "score and fold: floor, side, crown, side", order: index)]
      end

      # The board between the rails, the boards outside them, and the cheeks of the two wedges.
      def of_crossing(crossing)
        long = crossing.along_mm
        boards = [["board between the rails", crossing.board_mm, 1], ["board outside the rails", crossing.outside_mm, 2]]
        pieces = boards.select { |_, wide, _| wide.positive? }.map do |name, wide, count|
          cut_for(crossing, name, [[0.0, 0.0], [long, 0.0], [long, wide], [0.0, wide]], count,
            "#{number(crossing.flangeway_mm)} mm stay open beside each rail, its top level with theirs")
        end
        pieces << cut_for(crossing, "cheek of a wedge", crossing.cheek, 4,
          "two to a wedge, #{number(crossing.road.outline["width_mm"])} mm apart; #{number(crossing.rise_mm)} mm high at the rails")
      end

      def cut_for(crossing, name, ring, count, note)
        Piece.new(pointer: crossing.road.pointer, name: "#{crossing.road.name} over #{crossing.track.name}, #{name}",
          material: @design.kinds.work("stiff_sheet", "material"), sheet_mm: nil, count: count, shape: Plan::Geos.polygon(ring),
          cut_lines: [], glue_lines: [], feet: [], note: note)
      end

      # Its faces unfolded, to be scored and glued by their tabs.
      def of_building(feature)
        building = Faces::Building.of(feature) or return []
        Faces::Net.new(building).sheets.map do |sheet|
          Piece.new(pointer: feature.pointer, name: "#{feature.name}, #{sheet.name}", material: feature.material_key,
            sheet_mm: feature.wall_mm, count: 1, shape: sheet.shape, cut_lines: [], glue_lines: [], scores: sheet.scores, feet: [],
            note: openings_note(sheet))
        end
      end

      def openings_note(sheet)
        return "score and fold, glue by the tabs" if sheet.openings.empty?

        "#{sheet.openings.size} #{sheet.openings.size == 1 ? "opening" : "openings"} cut out first; score and fold, glue by the tabs"
      end

      def of_bank(form, index)
        [outline_of(form, index, note: "its foot; the way on it #{way(form)}")]
      end

      def of_cutting(form, index)
        [outline_of(form, index, note: "cut down to a way that #{way(form)}")]
      end

      # From one end to the other.
      def way(form)
        from, to = [form.from_z_mm, form.to_z_mm].map { |z| number(z) }
        return "is level at #{from} mm" if from == to

        "#{form.to_z_mm > form.from_z_mm ? "rises" : "falls"} from #{from} to #{to} mm"
      end

      # What is spread needs no template.
      def of_skim(_form, _index) = []

      def outline_of(form, index, sheet_mm: nil, count: 1, note: nil)
        piece(form, placed(form), index, name: form.name, sheet_mm: sheet_mm, count: count, note: note)
      end

      # A solid carved from stacked sheets: each sheet by its own outline.
      def of_mound(form, index)
        material = form.material
        sheet = material && !material.sets? && material.stock_mm&.max or return []
        slices = Relief::Slicing.new([sheet, form.crown_mm].min).mound(form)
        slices.each_with_index.map do |slice, i|
          piece(form, slice.shape.intersection(@top), index, name: "#{form.name}, slice #{i + 1} of #{slices.size}",
            sheet_mm: slice.sheet_mm, count: 1, note: "carve the steps away when it is glued")
        end
      end

      def piece(form, shape, index, **more)
        Piece.new(pointer: form.pointer, material: form.material_key, shape: shape, cut_lines: cuts_into(form, shape, index),
          glue_lines: above(shape, index), feet: feet(shape), note: nil, **more)
      end

      # Later cuts that lie over it.
      def cuts_into(form, shape, index)
        return [] if form.cut?

        @design.forms.drop(index + 1).select(&:cut?).filter_map do |cut|
          shared = placed(cut).intersection(shape)
          [shared, cut.depth_mm] if Plan::Geos.area(shared) >= LEAST_MM2
        end
      end

      # The foot of the next forms that stand on it.
      def above(shape, index)
        shared = @design.forms.drop(index + 1).reject(&:cut?).map { |form| placed(form).intersection(shape) }
        shared.select { |area| Plan::Geos.area(area) >= LEAST_MM2 }.first(3)
      end

      def feet(shape)
        inside = @design.subjects.flat_map(&:foot_points).select { |xy| shape.contains?(Plan::Geos.point(xy)) }
        inside.map { |x, y| [x.round(2), y.round(2)] }
      end

      def number(value) = format("%g", value.round(2))
    end
  end
end
