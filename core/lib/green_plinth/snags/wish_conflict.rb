# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A wish of the maker's against a rule, or two wishes against each other: kept as wished, and told.
    class WishConflict < Check
      code "order/wish_conflict"
      severity "spoils"
      weight 570

      def snags
        @evaluation.order.conflicts.filter_map { |conflict| snag_of(conflict) }.uniq { |snag| [snag.code, snag.where, snag.message] }
      end

      private

      # Told under the code of what is broken: the rule's own, or ours between two wishes.
      def snag_of(conflict)
        wish = [conflict.wait, *conflict.path].find { |one| one.strength == :wish } or return
        broken = conflict.wait
        index = wish_index(wish)
        Snag.new(code: broken.strength == :wish ? self.class.code : broken.code, severity: broken.strength == :must ? "spoils" : "advice",
          message: sentence(broken, wish), where: index ? "/order/#{index}" : "",
          fixes: [index && take_out("drop the wish", "/order/#{index}")].compact)
      end

      def sentence(broken, wish)
        later = broken.later.title.then { |title| title[0].downcase + title[1..] }
        wished = "Your wish to put #{wish.first.part.name} before #{wish.later.part.name} is kept."
        "#{broken.first.title} should come before #{later}: #{broken.why}. #{wished}"
      end

      def wish_index(wish)
        design.wishes.index { |one| one.first == wish.first.part.id && one.later == wish.later.part.id } ||
          design.wishes.index { |one| wish.first.id.start_with?(one.first.to_s) && wish.later.id.start_with?(one.later.to_s) }
      end
    end
  end
end
