# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # What happens at the bench: taken in, and written out with a build.
      module Recording
        # Kinds that forecasts learn from as soon as they come in.
        TEACH = %w[seen_dry forgot took_back].freeze

        # Takes events of a build, each once by its id, in whatever order and however late they come. Courses that they are of and that
        # have no names get some first.
        # @param rows [Array<Hash>] of the schema's shape
        # They are kept whatever else fails: what breaks down over the build, or takes too long, only leaves them without what the step was.
        # @return [void]; raises InvalidFile for those that make no sense, and takes none of them then
        def record(id, rows)
          problems = rows.each_with_index.flat_map { |row, index| Files::EventSense.problems(row, "/events/#{index}") }
          raise InvalidFile, problems unless problems.empty?

          build = with_names(find(id), rows)
          rows = known_here(build, rows)
          version = @store.add_events(id, rows) { |all| progress(all, build.file["copies"] || 1) } or return
          read_anew if rows.any? { |row| TEACH.include?(row["kind"]) }
          retell(id, version)
        end

        # @return [Events::Log] of a build
        def log(id) = Events::Log.new(@store.events(id).map { |row| Events::Event.of(row) })

        # @param build [Store::Build]
        # @return [Hash] its file as it goes out, with all that happened
        def written(build)
          progress = Events::Written.progress(log(build.id), build.file["copies"] || 1)
          progress.empty? ? build.file : build.file.merge("progress" => progress)
        end

        private

        # @param file [Hash] valid
        # @return [Hash] what the store wants of a file that comes with what happened
        def happened(file)
          log = Events::Log.new(Events::Written.events(file["progress"], JSON.generate(file)))
          rows = log.all.map(&:to_h)
          { file: file.except("progress"), events: rows, progress: progress(rows, file["copies"] || 1) }
        end

        def progress(rows, copies)
          found = Events::Standing.new(Events::Log.new(rows.map { |row| Events::Event.of(row) }), copies).progress
          found.empty? ? nil : found
        end

        # What it comes to now is told by whoever asks, where there is no time for it here.
        def retell(id, version)
          @store.retell(id, version, told_or_bare(find(id).file, id))
        rescue GivenUp
          nil
        end

        def read_anew
          workshop.read
          forget
        end

        # @return [Store::Build] whose courses that were worked on have names
        def with_names(build, rows, tries = 3)
          patch = Steps::Names.new(reader.build(build.file)).patch(rows.flat_map { |row| [row["step"], *row.dig("data", "off")] }.compact)
          return build if patch.empty?

          change(build.id, build.version, "Name what is worked on", patch)
          find(build.id)
        rescue InvalidFile, GivenUp
          build
        rescue Refusal => e
          # Somebody else changed it meanwhile: the names are given to what it is now.
          raise unless e.status == 409 && (tries -= 1).positive?

          build = find(build.id)
          retry
        end

        # Steps by their names of now, each with what it is at present.
        def known_here(build, rows)
          evaluation = evaluate(build.file, build.id)
          names = Steps::Names.new(evaluation.design)
          steps = evaluation.steps.to_h { |step| [step.id, step] }
          rows.map do |row|
            row = row.merge("step" => names.now(row["step"])) if row["step"]
            off = row.dig("data", "off")&.map { |id| names.now(id) }
            row = row.merge("data" => row["data"].merge("off" => off)) if off
            step = steps[row["step"]] || evaluation.steps.find { |one| one.work_id == row["step"] }
            of = (step ? snapshot(step, evaluation) : {}).merge(pinned_to(row, evaluation.design))
            of.empty? ? row : row.merge("of" => of)
          end
        rescue InvalidFile, GivenUp
          rows
        end

        # Pointers move when parts come and go: the part's own name stays.
        def pinned_to(row, design)
          part = row.dig("data", "part") && design.placed.find { |one| one.pointer == row["data"]["part"] }
          part&.id ? { "part" => part.id } : {}
        end

        # What it takes of what is bought, as the catalogue alone reckons.
        def takes(step, evaluation)
          bare = Quantities::Bought.new(evaluation.catalogue, learnt: false)
          step.uses.flat_map { |use| bare.for(use) }.map { |use| use.to_h.compact }.first(80)
        end

        def snapshot(step, evaluation)
          material = step.stages.material || step.material
          foretold = step.stages.dry_min && (step.stages.dry_min / evaluation.catalogue.history.factor(material)).round(2)
          start = evaluation.infeasible ? nil : Moment.format(evaluation.schedule.start(step.id))
          { "title" => step.title, "technique" => step.technique, "material" => material, "planned_min" => step.hands_on_min,
            "catalogue_min" => (step.hands_on_min / (evaluation.catalogue.technique(step.technique)&.pace || 1.0)).round(2),
            "foretold_min" => (foretold if foretold&.positive?), "start" => start, "where" => step.where.first(200),
            "takes" => takes(step, evaluation), "materials" => step.uses.filter_map(&:material).uniq.first(40) }.compact
        end
      end
    end
  end
end
