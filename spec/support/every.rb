# frozen_string_literal: true

# `all` that cannot hold of nothing: a spec that says something of every member wants at least one.
module Every
  class OfSome < RSpec::Matchers::BuiltIn::All
    private

    def match(expected, actual)
      @empty = actual.respond_to?(:empty?) && actual.empty?
      !@empty && super
    end

    public

    def failure_message = @empty ? "expected some to #{matcher.description}, there are none" : super
  end

  # In a page, `all` also finds elements by a selector.
  def all(expected, ...) = RSpec::Matchers.is_a_matcher?(expected) ? OfSome.new(expected) : super

  # Of whatever there is, which may be nothing: for scenes of every kind.
  def all_there_are(expected) = RSpec::Matchers::BuiltIn::All.new(expected)
end
