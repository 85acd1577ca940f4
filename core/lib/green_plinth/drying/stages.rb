# frozen_string_literal: true

module GreenPlinth
  module Drying
    # How a laid material comes ready, minutes from the end of laying it: wet until touch-dry (handle), curing until the
    # next work may go on (next), ready when dry through (dry), and its full cure. `factors` say why so long.
    Stages = Struct.new(:open_min, :handle_min, :next_min, :dry_min, :full_min, :factors, :material, :thickness_mm,
      keyword_init: true) do
      # @return [Stages] of what does not set at all
      def self.none = @none ||= new(open_min: nil, handle_min: 0, next_min: 0, dry_min: 0, full_min: 0, factors: []).freeze

      # @return [Stages] of what must be left alone so long, and does not set
      def self.waiting(minutes, handle_min: 0)
        new(open_min: nil, handle_min: handle_min, next_min: minutes, dry_min: minutes, full_min: minutes, factors: []).freeze
      end

      # @return [Stages] of what nobody has told anything of
      def self.unknown
        @unknown ||= new(open_min: nil, handle_min: nil, next_min: nil, dry_min: nil, full_min: nil, factors: []).freeze
      end

      # @param minutes [Integer, nil] that it is left at the least before it counts as dry
      # @return [Stages]
      def left(minutes)
        return self if minutes.nil? || dry_min.nil? || dry_min >= minutes

        dup.tap { |later| later.dry_min = minutes and later.full_min = [full_min || 0, minutes].max }.freeze
      end

      # @param stage [Symbol] :finish, :handle, :next, :dry or :full
      # @return [Integer, nil] minutes, nil where unknown
      def after(stage) = stage == :finish ? 0 : public_send(:"#{stage}_min")
    end
  end
end
