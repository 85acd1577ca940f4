# frozen_string_literal: true

module GreenPlinth
  # bin/green-plinth: the core from a shell, without a database. Answers on `out`, problems on `err`.
  # Exit codes: 0 done (snags included), 2 the input is not valid, 3 no schedule can exist.
  class CommandLine
    OK = 0
    INVALID = 2
    INFEASIBLE = 3
    USAGE = <<~TEXT
      green-plinth evaluate FILE              the evaluation of a plinth file, as JSON
      green-plinth schedule FILE              an answer for a bare network of steps, as JSON
      green-plinth export FILE --to FORMAT    %<formats>s

      FILE may be - for standard input. Exit codes: 0 done, 2 the file is not valid, 3 no schedule can exist.
    TEXT

    # @param now [Time] for what carries a time stamp
    def initialize(out: $stdout, err: $stderr, input: $stdin, now: Time.now)
      @out = out
      @err = err
      @input = input
      @now = now
    end

    # @param arguments [Array<String>]
    # @return [Integer] exit code
    def run(arguments) = Failures.handled_by(->(part, error) { @err.puts("#{part} broke down: #{error.message}") }) { obey(arguments) }

    private

    def obey(arguments)
      command, *rest = arguments
      case command
      when "evaluate" then one_file(rest) { |text| evaluate(text) }
      when "schedule" then one_file(rest) { |text| schedule(text) }
      when "export" then export(rest)
      when "help", "--help", "-h" then say(usage)
      else refuse(command ? "There is no command #{command}." : "Say what to do.")
      end
    rescue InvalidFile => e
      e.problems.each { |problem| @err.puts(problem) }
      INVALID
    rescue Infeasible => e
      @err.puts(e.message)
      INFEASIBLE
    end

    # Each format with what it is, one below the other.
    def usage
      format(USAGE, formats: Exports::Export.all.map { |export| format("%-8s %s", export.code, export.title) }.join("\n#{" " * 40}"))
    end

    def say(text)
      @out.puts(text)
      OK
    end

    def refuse(message)
      @err.puts(message, "", usage)
      INVALID
    end

    def one_file(arguments)
      return refuse("Name one file.") unless arguments.size == 1

      yield read(arguments.first)
    end

    def read(path)
      return @input.read(Files::Json::MOST_BYTES + 1).to_s if path == "-"

      File.binread(path, Files::Json::MOST_BYTES + 1).to_s
    rescue SystemCallError => e
      raise InvalidFile, [Problem.new("", "#{path} cannot be read: #{e.message.split(" @ ").first}")]
    end

    def evaluate(text)
      evaluation = GreenPlinth.evaluate(GreenPlinth.read(text), effort: :thorough)
      say(JSON.pretty_generate(evaluation.to_h))
      infeasible = evaluation.infeasible or return OK
      raise infeasible
    end

    def schedule(text)
      say(JSON.pretty_generate(GreenPlinth.schedule(Files::SequenceFile.read(text)).to_h))
    rescue Infeasible => e
      @out.puts(JSON.generate("infeasible" => true, "why" => e.message))
      raise
    end

    # The same title is the same build: a calendar that takes the file twice keeps one set of events.
    def export(arguments)
      path, option, code = arguments
      export = Exports::Export.of(code) if arguments.size == 3 && option == "--to"
      return refuse("Say what to export to: --to #{Exports::Export.all.map(&:code).join(", ")}.") unless export

      evaluation = GreenPlinth.evaluate(GreenPlinth.read(read(path)), effort: :thorough)
      @out.write(export.new(evaluation, at: @now.to_i / 60).write)
      OK
    end
  end
end
