# frozen_string_literal: true

module GreenPlinth
  # bin/green-plinth: the core from a shell, without a database. Answers on `out`, problems on `err`.
  # Exit codes: 0 done (snags included), 2 the input is not valid, 3 no schedule can exist.
  class CommandLine
    OK = 0
    INVALID = 2
    INFEASIBLE = 3
    FORMATS = %w[ics csv svg pdf dxf cut-svg stl].freeze

    USAGE = <<~TEXT
      green-plinth evaluate FILE                      the evaluation of a plinth file, as JSON
      green-plinth schedule FILE                      an answer for a bare network of steps, as JSON
      green-plinth export FILE --to ics|csv|svg       its calendar, its shopping list, its plan
      green-plinth export FILE --to pdf|dxf|cut-svg   templates at full size to cut along (PDF: A4 pages)
      green-plinth export FILE --to stl               the finished relief as a closed surface, in mm

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
    def run(arguments)
      command, *rest = arguments
      case command
      when "evaluate" then one_file(rest) { |text| evaluate(text) }
      when "schedule" then one_file(rest) { |text| schedule(text) }
      when "export" then export(rest)
      when "help", "--help", "-h" then say(USAGE)
      else refuse(command ? "There is no command #{command}." : "Say what to do.")
      end
    rescue InvalidFile => e
      e.problems.each { |problem| @err.puts(problem) }
      INVALID
    rescue Infeasible => e
      @err.puts(e.message)
      INFEASIBLE
    end

    private

    def say(text)
      @out.puts(text)
      OK
    end

    def refuse(message)
      @err.puts(message, "", USAGE)
      INVALID
    end

    def one_file(arguments)
      return refuse("Name one file.") unless arguments.size == 1

      yield read(arguments.first)
    end

    def read(path)
      return @input.read(Formats::Json::MOST_BYTES + 1).to_s if path == "-"

      File.binread(path, Formats::Json::MOST_BYTES + 1).to_s
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
      say(JSON.pretty_generate(GreenPlinth.schedule(Formats::SequenceFile.read(text)).to_h))
    rescue Infeasible => e
      @out.puts(JSON.generate("infeasible" => true, "why" => e.message))
      raise
    end

    def export(arguments)
      path, option, format = arguments
      return refuse("Say what to export to: --to #{FORMATS.join(", ")}.") unless arguments.size == 3 && option == "--to" && FORMATS.include?(format)

      evaluation = GreenPlinth.evaluate(GreenPlinth.read(read(path)), effort: :thorough)
      @out.write(send(:"export_#{format.tr("-", "_")}", evaluation))
      OK
    end

    def export_csv(evaluation) = Formats::ShoppingCsv.write(evaluation)
    def export_pdf(evaluation) = Formats::TemplatePdf.new(evaluation.templates, evaluation.design.title).write
    def export_dxf(evaluation) = Formats::TemplateDxf.new(evaluation.templates).write
    def export_cut_svg(evaluation) = Formats::TemplateSvg.new(evaluation.templates, evaluation.design.title).write
    def export_stl(evaluation) = Formats::Stl.write(evaluation.mesh, evaluation.design.title)
    def export_svg(evaluation) = Formats::PlanSvg.new(evaluation).write

    # The same title is the same build: a calendar that takes the file twice keeps one set of events.
    def export_ics(evaluation)
      Formats::CalendarIcs.new(evaluation, key: Digest::SHA256.hexdigest(evaluation.design.title)[0, 16], stamp: @now.to_i / 60).write
    end
  end
end
