# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Sheets in place of a solid: how many, and the change of the file that lays them.
    class Slices
      # @param evaluation [Evaluation]
      # @param sheet_mm [Float]
      def initialize(evaluation, sheet_mm)
        @evaluation = evaluation
        @design = evaluation.design
        @slicing = Relief::Slicing.new(sheet_mm)
      end

      # @param form [Design::Form] a mound
      # @return [Hash] slices and the patch that lays them in its place
      def of_mound(form)
        lifts = sheets(@slicing.mound(form), form.material_key, form.name)
        first = @design.forms.index(form)
        laid = lifts.each_with_index.map { |lift, i| add("/forms/#{first + i}", { "id" => "#{form.id[0, 30]}-#{i + 1}" }.merge(lift)) }
        answer(lifts, [{ "op" => "remove", "path" => form.pointer }, *laid])
      end

      # @param map [Imports::HeightMap]
      # @param height_mm [Float] of its highest place
      # @param material_key [String]
      # @return [Hash] slices and the patch that lays them on top of all forms
      def of_map(map, height_mm, material_key)
        grid = @evaluation.bulk.grid
        slices = @slicing.field(map.fitted(grid, height_mm), grid, @design.plinth.top)
        lifts = sheets(slices, material_key, "map")
        forms = lifts.zip(@design.fresh_ids("map").first(lifts.size)).map { |lift, id| { "id" => id }.merge(lift) }
        answer(lifts, @design.to_h["forms"] ? forms.map { |form| add("/forms/-", form) } : [add("/forms", forms)])
      end

      private

      def sheets(slices, material, name) = @slicing.forms(slices, @design.kinds.form("lift").key, material, name)
      def add(path, value) = { "op" => "add", "path" => path, "value" => value }
      def answer(lifts, patch) = { "slices" => lifts.size, "patch" => patch }
    end
  end
end
