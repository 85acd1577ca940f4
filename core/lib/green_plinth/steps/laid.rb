# frozen_string_literal: true

module GreenPlinth
  module Steps
    # What a work lays, and what its drying goes by.
    #   material_key: of what is laid; glue: key of what the maker holds it with, where that is not the technique's own;
    #   thickness_mm: nil for the material's usual layer; ground: :sealed, :absorbent or :shut, nil where the technique
    #   says; stages: Drying::Stages where they are known otherwise.
    Laid = Struct.new(:material_key, :glue, :thickness_mm, :ground, :stages, keyword_init: true)
    Laid::NOTHING = Laid.new.freeze
  end
end
