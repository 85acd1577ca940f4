# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # What takes longer than a page waits for: asked here, answered beside the server, see Heavy.
      module Inquiring
        # A question that takes longer than a page waits: whoever answers such is told of it, once.
        # @param kind [String] see Heavy
        # @param asked [Hash] what the kind wants to know
        # @return [Store::Inquiries::Inquiry]
        def inquire(build, kind, asked = {})
          @store.inquire(build.id, build.version, told_by, kind, asked) { |id| AnsweringJob.enqueue(id) }
        end

        # @return [Store::Inquiries::Inquiry]; raises Refusal (404)
        def inquiry(id) = @store.inquiry(id) || raise(Refusal.not_found("question #{id}"))
        def drop_inquiry(id) = @store.drop_inquiry(id) || raise(Refusal.not_found("question #{id}"))

        # Keeps what a longer search has found for a version, and tells the build anew by it.
        # @param starts [Hash{String => Integer}] minutes
        def keep_starts(build, starts)
          @store.keep_starts(build.id, build.version, starts, told(build.file, build.id, starts))
        end

        private

        def known(id) = id && @store.known_starts(id)

        # A plan that is not proven is gone on with when the maker has come to rest.
        # @param told [Hash] what is kept with the version
        def search_longer(id, version, file, told)
          return unless told.dig(:plan, "ready_at") && Questions::LongerSearch.worth_while?(evaluate(file, id))

          @store.inquire(id, version, told_by, Heavy::LONGER_SEARCH, {}) do |inquiry|
            AnsweringJob.enqueue(inquiry, job_options: { run_at: Time.now + Heavy::REST, priority: Heavy::AFTERWARDS })
          end
        end
      end
    end
  end
end
