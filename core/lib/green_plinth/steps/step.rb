# frozen_string_literal: true

module GreenPlinth
  module Steps
    # One piece of hands-on work with the drying that follows it, small enough for a sitting.
    #   tail_min: until dry through, nil where unknown; after: Array<Wait>, for steps by their ids; copies: Range of the copies it serves;
    #   stay_min: how long the maker stays at it in the same sitting when the hands are off;
    #   each_min: hands-on minutes for one more copy; mixes: how often what it lays is stirred up; unseen: whether it makes
    #   nothing that is seen, as preparing and trying do.
    Step = Struct.new(:id, :title, :phase, :technique, :hands_on_min, :tail_min, :stages, :rig, :material, :uses, :cautions,
      :inspection, :trouble, :notes, :where, :places, :copies, :after, :note, :stay_min, :each_min, :mixes, :unseen, keyword_init: true)

    class Step
      # @return [String] the same for all batches of one work
      def work_id = Events::Batch.work(id)
    end
  end
end
