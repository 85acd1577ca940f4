# frozen_string_literal: true

module GreenPlinth
  module Server
    # Where a build is worked on: takes changes, evaluates them, keeps them. One for the whole process, so that what
    # the core has computed is remembered between requests.
    class Desk
      attr_reader :workshop

      # @param store [Store]
      def initialize(store, catalogue: Materials::Catalogue.default)
        @store = store
        @workshop = Workshop.new(store, shipped: catalogue)
        @memo = Memo.new
      end

      def catalogue = workshop.catalogue

      # Puts own entries into the workshop. What was computed with the old ones is forgotten, and the shelf told anew.
      # @param entries [Hash] "materials" and "techniques" by key
      def stock(entries)
        workshop.put(entries)
        forget
      end

      # @return [Integer] id of the note
      def note_drying(stages, observed_min, words)
        workshop.note(stages, observed_min, words).tap { forget }
      end

      def strike_drying(id)
        workshop.strike(id)
        forget
      end

      def unstock(kind, key)
        workshop.delete(kind, key)
        forget
      end

      def shelf = @store.all

      # @return [Store::Build]; raises Problem (404)
      def find(id) = @store.find(id) || raise(Problem.not_found("build #{id}"))

      # @return [Integer] id of the new build
      def create(file) = @store.create(file, summary: summary(evaluate(file)))

      # @param operations [Array<Hash>] JSON Patch
      def change(id, version, label, operations)
        build = find(id)
        raise Problem.stale(show(build)) unless build.version == version

        file = Formats::Patch.apply(build.file, operations)
        @store.change(id, version, file, label: label, patch: operations, summary: summary(evaluate(file)))
      rescue Store::Stale
        raise Problem.stale(show(find(id)))
      end

      # What a build would be with a change that is not made.
      # @return [Evaluation]; raises InvalidFile
      def try(id, operations) = evaluate(Formats::Patch.apply(find(id).file, operations))

      def undo(id, version) = step(id, version, :undo, @store.before(id), "Nothing to undo", "This is how the build began.")
      def redo(id, version) = step(id, version, :redo, @store.ahead(id), "Nothing to redo", "This is its newest change.")
      def delete(id) = @store.delete(id) || raise(Problem.not_found("build #{id}"))

      # Loads the samples that ship, in place of those that are there.
      def put_samples_back
        files = Dir[File.join(SAMPLES, "*.json")].sort.to_h { |path| [File.basename(path, ".json"), JSON.parse(File.read(path))] }
        @store.replace_samples(files.transform_values { |file| [file, summary(evaluate(file))] })
      end

      # @param file [Hash] raises InvalidFile
      # @return [Evaluation]
      def evaluate(file)
        # The same file is asked for again within a moment, to be shown after it was changed: it is checked once.
        @memo.fetch(:evaluation, Memo.digest(file)) do
          GreenPlinth.evaluate(Formats::PlinthFile.new(catalogue).build(file), catalogue: catalogue, memo: @memo)
        end
      end

      # @param moment [Integer] minutes
      # @return [Evaluation] of the build as far as it has come by then; raises Infeasible
      def standing(build, moment)
        whole = evaluate(build.file)
        GreenPlinth.evaluate(Design.new(Schedule::Standing.new(whole.design, whole.timeline).file(moment)), catalogue: catalogue, memo: @memo)
      end

      # @param lines [Array<Array(Float, Float, Float, Float)>, nil] where to cut sections
      # @return [Hash] a build as its screen wants it
      def show(build, lines = nil)
        evaluation = evaluate(build.file)
        { "id" => build.id, "version" => build.version, "file" => build.file, "undo" => build.undo, "redo" => build.redo, "sample" => !build.sample_key.nil?,
          "evaluation" => evaluation.to_h, "drawing" => evaluation.drawing, "sections" => cuts(evaluation, lines).map { |from, to|
 evaluation.section(from, to) } }
      end

      private

      def forget = @memo = Memo.new

      def step(id, version, move, file, title, detail)
        build = find(id)
        raise Problem.stale(show(build)) unless build.version == version
        raise Problem.new(409, title, detail) unless file

        @store.public_send(move, id, version, summary: summary(evaluate(file)))
      rescue Store::Stale
        raise Problem.stale(show(find(id)))
      end

      # Where no line is given: from the left to the right, through the first water or else the plinth's middle.
      # @return [Array<Array(Array(Float, Float), Array(Float, Float))>]
      def cuts(evaluation, lines)
        long = (lines || []).reject { |line| line[0, 2] == line[2, 2] }
        return long.map { |line| [line[0, 2], line[2, 2]] } if long.any?

        min_x, min_y, max_x, max_y = Plan::Geos.bounds(evaluation.ground.foot)
        wet = evaluation.pools.find(&:wet?)
        middle = wet ? Plan::Outline.polygon(wet.water.outline).centroid.y : (min_y + max_y) / 2
        [[[min_x, middle], [max_x, middle]]]
      end

      # What the shelf tells without evaluating: kept with the build.
      def summary(evaluation)
        told = evaluation.to_h
        schedule = told["schedule"] || {}
        design = evaluation.design
        { "title" => design.title, "purpose" => design.purpose, "scale" => design.to_h["scale"], "copies" => design.copies,
          "bounds_mm" => told["plinth"]["bounds_mm"], "kind" => design.plinth.outline["kind"],
          "ready_at" => schedule["ready_at"], "late_min" => schedule["late_min"], "finish_by" => design.calendar.data["finish_by"],
          "snags" => told["snags"].size, "stops" => told["snags"].count { |snag| snag["severity"] == "stops" },
          "steps" => shelf_steps(told), "drawing" => evaluation.drawing }
      end

      def shelf_steps(told)
        titles = told["steps"].to_h { |step| [step["id"], step["title"]] }
        placed = told.dig("schedule", "steps") || []
        placed.map { |step| step.slice("start", "finish", "ready").merge("title" => titles[step["id"]]) }.sort_by { |step| step["start"] }
      end
    end
  end
end
