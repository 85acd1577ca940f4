# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # How builds stand: at the bench, and at any moment of their plans.
      module AtTheBench
        # @param minute [Integer] by the clock on the maker's wall
        # @param instant [Float] the same in seconds since 1970, UTC
        # @return [Hash] how a build stands at the bench then, see Bench::Stage
        def stage(build, minute, instant)
          Bench::Stage.new(evaluate(build.file, build.id), log(build.id), minute, instant, evaluator(build.id), troubles: workshop.troubles)
            .to_h.merge("version" => build.version)
        end

        # @param since [Float] instant, seconds
        # @param minute [Integer] by the clock on the maker's wall
        # @return [Hash] see Bench::Moved
        def moves(build, since, minute)
          Bench::Moved.new(evaluate(build.file, build.id).design, log(build.id), since, minute, evaluator(build.id)).to_h
        end

        # @param event [Hash] what went wrong, as an event
        # @return [Hash] see Bench::Removal
        def removal(build, part, event)
          Bench::Removal.new(evaluate(build.file, build.id), part, evaluator(build.id), log(build.id)).to_h(event)
        end

        # @param moment [Integer] minutes
        # @return [Evaluation] of the build as far as it has come by then; raises Infeasible
        def standing(build, moment)
          GreenPlinth.evaluate(Design.new(so_far(build).file(moment), catalogue), memo: @memory.of(build.id))
        end

        # Plan and sections of the build as far as it has come by then, and plans of its further bodies; parts are told by their pointers
        # in the whole build, those of a body as in a build of its own.
        # @param lines [Array<Array(Float, Float, Float, Float)>, nil] where to cut sections
        # @return [Hash]
        def drawn_standing(build, moment, lines)
          then_ = standing(build, moment)
          so_far = so_far(build)
          base = named({ "drawing" => then_.drawing, "sections" => then_.sections(lines) }, so_far.pointers(moment))
          base.merge("bodies" => then_.bodies.map do |body, own|
            { "id" => body.id, "placed" => so_far.placed?(body, moment), "drawing" => named(own.drawing, so_far.pointers(moment, body)) }
          end)
        end

        private

        # @return [Proc] Design → Evaluation, in the build's memory
        def evaluator(id)
          memo = @memory.of(id)
          ->(design) { GreenPlinth.evaluate(design, memo: memo) }
        end

        def so_far(build)
          whole = evaluate(build.file, build.id)
          Questions::SoFar.new(whole.design, whole.timeline)
        end

        # @param pointers [Hash{String => String}] names to be put in the place of others
        def named(value, pointers)
          case value
          when Hash then value.to_h { |key, inner| [key, key == "pointer" ? pointers.fetch(inner, inner) : named(inner, pointers)] }
          when Array then value.first.is_a?(Numeric) ? value : value.map { |inner| named(inner, pointers) }
          else value
          end
        end
      end
    end
  end
end
