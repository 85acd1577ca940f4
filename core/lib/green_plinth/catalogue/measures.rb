# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # What small amounts are told in.
    module Measures
      # Source: European Pharmacopoeia 2.1.1, the drop-measurer: 20 drops make 1 ml.
      DROPS_PER_ML = 20
      DROP_ML = 1.0 / DROPS_PER_ML
      # Level spoons, ml. Source: 21 CFR 101.9(b)(5)(viii).
      TEASPOON_ML = 5.0
      TABLESPOON_ML = 15.0
    end
  end
end
