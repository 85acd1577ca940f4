# frozen_string_literal: true

require "digest"
require "json"
require "matrix"
require "numo/narray"
require "rgeo"
require "yaml"
require "zeitwerk"

# The computation of Green Plinth: from a plinth file to an evaluation. Knows no HTTP, no database and no screen,
# and reads neither the clock nor a random source: they come in as arguments. (A solver's time limit is the one exception.)
module GreenPlinth
  DATA = File.expand_path("../data", __dir__)

  LOADER = Zeitwerk::Loader.new.tap do |loader|
    loader.push_dir(__dir__)
    loader.setup
  end
  private_constant :LOADER

  class << self
    # The design in a plinth file's text. Raises InvalidFile with every problem found.
    # @param text [String] JSON, green-plinth/1
    # @return [Design]
    def read(text, catalogue: Catalogue.default)
      Files::PlinthFile.new(catalogue).read(text)
    end

    # Everything the core can say of a design, computed when asked for.
    # @param memo [Memo] remembers parts between evaluations; hand in the same one to be quick
    # @param effort [Symbol] of the schedule: :quick within an edit, :thorough when there is time
    # @param known [Hash{String => Integer}, nil] starts by step of a plan that a longer search has found, minutes
    # @return [Evaluation]
    def evaluate(design, memo: Memo.new, effort: :quick, known: nil) = Evaluation.new(design, memo, effort: effort, known: known)

    # An answer for a bare network of steps.
    # @param network [Schedule::Network]
    # @return [Schedule::Answer]; raises Infeasible with the reason in words
    def schedule(network)
      Schedule::Scheduler.new(network).call
    end
  end
end

# All at once: the loader watches for classes that hold others while it waits for them, and whatever the compiler had made
# fast until then is slow for good (Ruby 3.1: tracing throws compiled code away, and only a first time is counted).
# Not where one answer is all that is wanted: what it does not need costs more than it.
GreenPlinth.send(:const_get, :LOADER).eager_load unless defined?(GreenPlinth::ONE_ANSWER)
