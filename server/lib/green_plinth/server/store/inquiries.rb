# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # Questions that take longer than a page waits for, and their answers. Each is of one version of a build and of what it is told
      # by (see Store); another one of either ends it.
      module Inquiries
        # id, build_id, version, told_by, kind, asked, done and of (nil: not begun), answer, problem (as Refusal#to_h).
        Inquiry = Struct.new(:id, :build_id, :version, :told_by, :kind, :asked, :done, :of, :answer, :problem, keyword_init: true) do
          # @return [String] answered, failed, working or waiting
          def state
            return "answered" if answer
            return "failed" if problem

            done ? "working" : "waiting"
          end

          def to_h
            { "id" => id, "build" => build_id, "version" => version, "kind" => kind, "state" => state }
              .merge("done" => done || 0, "of" => of || 0)
          end
        end

        # Of one build; older ones go.
        MOST = 20

        # The channel that the database tells on how far they have come: an Inquiry#to_h, or one with the state "gone".
        INQUIRIES = "inquiries"

        # The one that asks this, from now on if there was none.
        # @param asked [Hash] what the kind wants to know
        # @yield [Integer] id of a new one, within the transaction: whoever answers is to be told
        # @return [Inquiry]
        def inquire(build_id, version, told_by, kind, asked)
          @db.transaction do
            drop_inquiries(inquiries_ds.where(build_id: build_id).exclude(version: version, told_by: told_by))
            same = { build_id: build_id, version: version, told_by: told_by, kind: kind, asked: json(asked) }
            id = inquiries_ds.insert_conflict.returning(:id).insert(same).first&.fetch(:id)
            drop_inquiries(inquiries_ds.where(id: inquiries_ds.where(build_id: build_id).reverse(:id).select(:id).offset(MOST))) if id
            yield id if id
            inquired(inquiries_ds.first(id ? { id: id } : same))
          end
        end

        # @return [Inquiry, nil] one that still holds
        def inquiry(id)
          inquired(inquiries_ds.where(id: id, [:build_id, :version] => shelf_ds.select(:id, :version)).first)
        end

        # @return [void]
        def proceed_inquiry(id, done, of) = told(inquiries_ds.where(id: id).returning.update(done: done, of: of))
        def answer_inquiry(id, answer) = told(inquiries_ds.where(id: id).returning.update(answer: json(answer)))
        def refuse_inquiry(id, problem) = told(inquiries_ds.where(id: id).returning.update(problem: json(problem)))

        # @return [Boolean] whether there was one
        def drop_inquiry(id) = drop_inquiries(inquiries_ds.where(id: id)).positive?

        # @return [Hash{String => Integer}, nil] starts by step of the best plan that a longer search has found, minutes
        def known_starts(build_id) = build_ds(build_id).get(:known_starts)

        # Keeps what a longer search has found, and what is told of the build with it; nothing where the build has changed since. What
        # was answered by the plan before it holds no longer.
        # @param told [Hash] summary:, plan: and told_by:
        def keep_starts(build_id, version, starts, told)
          @db.transaction do
            build_ds(build_id).where(version: version).update(known_starts: json(starts), **columns(**told))
            drop_inquiries(inquiries_ds.where(build_id: build_id).exclude(kind: Heavy::LONGER_SEARCH))
          end
        end

        private

        def drop_inquiries(dataset)
          dataset.returning.delete.each { |row| say(inquired(row).to_h.merge("state" => "gone")) }.size
        end

        def told(rows) = rows.each { |row| say(inquired(row).to_h) }
        def say(inquiry) = @db.notify(INQUIRIES, payload: JSON.generate(inquiry))
        def inquired(row) = row && Inquiry.new(**row.slice(*Inquiry.members))
        def inquiries_ds = @db[:inquiries]
      end
    end
  end
end
