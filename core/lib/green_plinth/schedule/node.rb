# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # One step of a network: hands-on minutes in one go, then tail_min of drying. after: Array<Link>.
    Node = Struct.new(:id, :hands_on_min, :tail_min, :after, keyword_init: true)
  end
end
