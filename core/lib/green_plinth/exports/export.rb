# frozen_string_literal: true

module GreenPlinth
  module Exports
    # A build as a file to take away, in one format. Subclasses are one small file each; the command line, the HTTP interface
    # and the pages offer whatever is here.
    class Export
      USUAL_CURRENCY = "EUR"

      extend Registered
      found_in Exports

      class << self
        # Declares or reads how it is asked for, e.g. "ics".
        def code(value = nil) = value ? @code = value : @code

        # Declares or reads what it is called on the screen.
        def title(value = nil) = value ? @title = value : @title

        # Declares or reads its media type.
        def type(value = nil) = value ? @type = value : @type

        # Declares or reads how its file names end; its code with a dot where nothing is declared.
        def ending(value = nil) = value ? @ending = value : (@ending || ".#{code}")

        # Declares or reads the papers it can be printed on, the usual one first; none for what is no paper.
        def papers(value = nil) = value ? @papers = value : (@papers || [])

        # Declares or reads which part of a build's screen it is offered beside: :brief, :order, :quantities or :templates.
        def beside(value = nil) = value ? @beside = value : @beside

        # Declares or reads how many photographs of the daybook it has room for; none where nothing is declared.
        def photographs(value = nil) = value ? @photographs = value : (@photographs || 0)

        # Declares that it is no text.
        def binary = @binary = true
        def binary? = @binary || false

        # @return [Class, nil]
        def of(code) = all.find { |export| export.code == code }
      end

      # @param evaluation [Evaluation]
      # @param key [String] what makes it this build's own: taking a calendar in again updates the same events
      # @param at [Integer] minutes of Moment, when the file is made
      # @param paper [String, nil] one of its papers; nil: the usual one
      # @param link [Array<Array<Boolean>>, nil] dark and light modules of a code that leads back to the build; nil: it has no address
      # @param photographs [Array<String>] JPEG, as many as it has room for, the oldest first
      # @param currency [String, nil] ISO 4217, what money is told in; nil: euros
      def initialize(evaluation, key: Digest::SHA256.hexdigest(evaluation.design.title)[0, 16], at: 0, paper: nil, link: nil,
        currency: nil, photographs: [])
        @evaluation = evaluation
        @design = evaluation.design
        @key = key
        @at = at
        @paper = paper || self.class.papers.first
        @link = link
        @currency = currency || USUAL_CURRENCY
        @photographs = photographs
      end

      # @return [String] the file's bytes; may raise Infeasible
      def write = raise(NotImplementedError)
    end
  end
end
