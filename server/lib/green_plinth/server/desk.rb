# frozen_string_literal: true

module GreenPlinth
  module Server
    # Where a build is worked on: takes changes, evaluates them, keeps them. One for the whole process, so that what
    # the core has computed is remembered between requests.
    class Desk
      include Inquiring
      include Recording
      include AtTheBench
      include Learning
      include Remembering
      include Furnishing

      attr_reader :workshop

      # @param store [Store]
      # @param clock [#call] → Time
      def initialize(store, catalogue: Catalogue.default, clock: -> { Time.now })
        @store = store
        @workshop = Workshop.new(store, shipped: catalogue, clock: clock)
        @memory = Memory.new
        @plans = Plans.new(store, self)
        @telling = Telling.new
        @stockroom = Stockroom.new(store, self)
      end

      # @return [Stockroom] what is on the shelf
      attr_reader :stockroom

      # @return [Telling] what pages were told last
      attr_reader :telling

      # @return [Plans] of all builds
      attr_reader :plans

      # @return [String] what builds are told by: the program and the catalogue
      def told_by
        restock if workshop.of_another_day?
        "#{RELEASE} #{workshop.fingerprint}"
      end

      def catalogue = workshop.catalogue

      # Reads the workshop anew, since another process may have changed it. What was computed with another one is forgotten.
      def restock = workshop.read && forget

      # Puts own entries into the workshop. What was computed with the old ones is forgotten, and the shelf told anew.
      # @param entries [Hash] "materials" and "techniques" by key
      def stock(entries)
        workshop.put(entries)
        forget
      end

      def unstock(kind, key)
        workshop.delete(kind, key)
        forget
      end

      def shelf = @store.all

      # @return [Array(Array<Store::Build>, Integer)] see Store#page
      def shelf_page(**wanted) = @store.page(**wanted)

      # @return [Array<Store::Build>] deleted ones that can be brought back
      def thrown_away = @store.deleted

      # @return [void]; raises Refusal (404)
      def bring_back(id) = @store.bring_back(id) || raise(Refusal.not_found("deleted build #{id}"))

      # @return [Store::Build]; raises Refusal (404)
      def find(id)
        build = @store.find(id) || raise(Refusal.not_found("build #{id}"))
        build.file = Files::Upgrade.new.call(build.file)
        build.file = build.file.merge("progress" => build.progress) if build.progress
        build
      end

      # @return [Integer] id of the new build
      def create(file)
        made = nil
        id = kept(file) { |told| happened(file).then { |one| @store.create((made = one)[:file], **one.except(:file), **told) } }
        read_anew if made[:events].any? { |event| TEACH.include?(event["kind"]) }
        id
      end

      # @param operations [Array<Hash>] JSON Patch
      # @param edit_id [String, nil] the page's own: an edit whose answer was lost is known again, and not made twice
      def change(id, version, label, operations, edit_id = nil)
        return if @store.taken?(id, edit_id)

        build = find(id)
        raise Refusal.stale(show(build)) unless build.based?(version)

        file = Patch.apply(build.file, operations)
        raise InvalidFile, [HAPPENED] unless file["progress"] == build.progress

        kept(file, id, build.version + 1) do |told|
          @store.change(id, version, file, label: label, patch: operations, edit_id: edit_id, **told)
        end
      rescue Store::Stale
        raise Refusal.stale(show(find(id)))
      end

      # What a build would be with a change that is not made.
      # @return [Evaluation]; raises InvalidFile
      def try(id, operations) = evaluate(Patch.apply(find(id).file, operations), id)

      def undo(id, version) = step(id, version, :undo, @store.before(id), "Nothing to undo", "This is how the build began.")
      def redo(id, version) = step(id, version, :redo, @store.ahead(id), "Nothing to redo", "This is its newest change.")
      def delete(id) = @store.delete(id) || raise(Refusal.not_found("build #{id}"))

      # @param file [Hash] raises InvalidFile
      # @param id [Integer, nil] of the build that it is of
      # @param starts [Hash, nil] of a plan that is known to be good, see GreenPlinth.evaluate
      # @return [Evaluation]
      def evaluate(file, id = nil, starts = known(id)) = evaluated(file, @memory.of(id), starts)

      # For a question that looks at many changes of a build which nobody makes.
      # @return [Proc] file → Evaluation
      def looks_aside(id)
        memo = @memory.of(id).aside(Thread.method(:pass))
        starts = known(id)
        ->(file) { evaluated(file, memo, starts) }
      end

      # @param lines [Array<Array(Float, Float, Float, Float)>, nil] where to cut sections
      # @return [Hash] a build as its screen wants it; raises Refusal.broken, with what is needed to mend it
      def show(build, lines = nil)
        evaluation = evaluate(build.file, build.id)
        telling.named({ "id" => build.id, "version" => build.version, "file" => build.file, "undo" => build.undo, "redo" => build.redo,
                        "sample" => !build.sample_key.nil?, "evaluation" => evaluation.to_h, "drawing" => evaluation.drawing,
                        "sections" => evaluation.sections(lines), "within" => evaluation.within(lines) })
      rescue InvalidFile => e
        raise Refusal.broken(build, e.problems)
      rescue Outage, Refusal
        raise
      rescue GivenUp => e
        raise unless e.too_much?

        raise Refusal.broken(build, [e.problem])
      rescue StandardError => e
        Log.mistake("build #{build.id}", e)
        raise Refusal.broken(build, [BROKE_DOWN])
      end

      # @return [Hash] what is kept with a file that was good once and need not be now, see Store
      def told_or_bare(file, id = nil)
        told(file, id)
      rescue InvalidFile => e
        { summary: Screens::ShelfCard.bare(file), plan: { "without" => "It has to be mended first: #{e.problems.first}." }, told_by: told_by }
      rescue GivenUp => e
        bare(file, e)
      end

      # What was computed: its memory is free again.
      def lighten
        @memory.lighten
        @telling.forget
      end

      def forget
        @memory.forget
        @reader = nil
      end

      private

      # What it knows to be right is forgotten with all else.
      def reader = @reader ||= Files::PlinthFile.new(catalogue)

      # The same file is asked for again within a moment, to be shown after it was changed: it is checked once.
      # @param known [Hash, nil] see GreenPlinth.evaluate
      def evaluated(file, memo, known)
        memo.fetch(:evaluation, Memo.digest(file), known) { GreenPlinth.evaluate(reader.build(file), memo: memo, known: known) }
      end

      HAPPENED = GreenPlinth::Problem.new("/progress", "follows from what happens at the bench: tell that instead, as events")
      private_constant :HAPPENED

      BROKE_DOWN = GreenPlinth::Problem.new("", "Something broke down over this build: the program's log says more")
      private_constant :BROKE_DOWN

      TOO_SLOW = "It takes too long to compute: open it to see which part."
      private_constant :TOO_SLOW

      def step(id, version, move, file, title, detail)
        build = find(id)
        raise Refusal.stale(show(build)) unless build.based?(version)
        raise Refusal.new(409, title, detail) unless file

        file = file.merge("progress" => build.progress) if build.progress
        told = told_or_bare(file, id)
        @store.public_send(move, id, version, **told)
        search_longer(id, build.version + 1, file, told)
      rescue Store::Stale
        raise Refusal.stale(show(find(id)))
      end

      # Keeps a file that is valid, whatever breaks down over it or takes too long: then it is there, to be mended.
      # @yield [Hash] what is told of it; answers with the id of a new build
      # @param version [Integer] that it will be
      # @return [Integer, nil] what the block said; raises InvalidFile, or Refusal.broken once it is kept
      def kept(file, id = nil, version = 1)
        told = begin
          told(file, id)
        rescue GivenUp => e
          given_up = e
          bare(file, e)
        end
        made = yield(told)
        # It is kept: asked again under its own name, it is known, and shown when there is time.
        raise given_up unless given_up.nil? || given_up.too_much?
        raise Refusal.broken(find(id || made), [given_up.problem]) if given_up

        search_longer(id || made, version, file, told)
        made
      end

      # @return [Hash] what is kept with a file, see Store; raises InvalidFile
      def told(file, id = nil, starts = known(id))
        # Named before it is computed: what is restocked meanwhile makes it old.
        by = told_by
        evaluation = evaluate(file, id, starts)
        card = Failures.guard("the shelf's card", Screens::ShelfCard.bare(file)) { Screens::ShelfCard.new(evaluation).summary }
        { summary: card, plan: Failures.guard("the plan", { "without" => BROKE_DOWN.message }) { plan(evaluation) }, told_by: by }
      end

      def plan(evaluation)
        evaluation.plan.to_h
      rescue Infeasible => e
        { "without" => e.message }
      end

      # What others left no time for is told when somebody asks.
      def bare(file, given_up)
        summary = Screens::ShelfCard.bare(file)
        given_up.too_much? ? { summary: summary, plan: { "without" => TOO_SLOW }, told_by: told_by } : { summary: summary }
      end
    end
  end
end
