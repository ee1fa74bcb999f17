# frozen_string_literal: true

module Munimen
  module Cli
    # The commands of bin/munimen. Exit status 0, or 2 for wrong input, with the reason as JSON on the
    # error stream.
    class Commands
      HELP = <<~TEXT
        bin/munimen calc                                   ids of the calculations
        bin/munimen calc ID                                its inputs, units, defaults, outputs, sources
        bin/munimen calc ID name='50 gal' … [--units us|england|si] [--json]
        bin/munimen judge FILE|-                           verdicts, deficiencies, outcome, due dates of a visit file
        bin/munimen plan FILE|- --jobs a,b                 the operations of these jobs, in order
        bin/munimen diagnose FILE|-                        suspects, next tests and what is settled, of a fault file
        bin/munimen instruments [PORT]                     simulated instruments over TCP, a line in, a line out
        bin/munimen sources                                every limit and formula with its source, as Markdown
        bin/munimen schema [bundle]                        JSON Schema of a visit file, or of a bundle's rows
        bin/munimen serve [PORT]                           start on real data (MUNIMEN_DATA, default ./data; MUNIMEN_NIGHTLY=1 backs up)
        bin/munimen owner EMAIL NAME                       make the first owner account; asks for the password
        bin/munimen password EMAIL                         set a password; asks for it
        bin/munimen backup [FILE]                          everything into one zip, while people work
        bin/munimen restore FILE                           put a backup in the place of what is there
        bin/munimen verify                                 whether anything signed was changed, taken out or put in
        bin/munimen export FILE                            everything as an open bundle (docs/formats/bundle.md)
        bin/munimen import FILE                            a bundle into an empty installation
      TEXT

      def initialize(input, output, errors)
        @input = input
        @output = output
        @errors = errors
      end

      # Runs a command line; returns the exit status.
      def run(arguments)
        command, *rest = arguments
        case command
        when "calc" then CalcCommand.new(@output).run(rest)
        when "judge" then print_json(VisitCommand.judge(read(rest.first)))
        when "plan" then print_json(VisitCommand.plan(read(rest.first), jobs(rest)))
        when "diagnose" then print_json(DiagnoseCommand.call(read(rest.first)))
        when "instruments" then instruments(rest.first)
        when "serve" then Serve.start(Integer(rest.first || 4010, exception: false) || raise(Error.new("The port must be a number.", field: :port)))
        when "sources" then @output.print(SourcesPage.new)
        when "schema" then print_json(rest.first == "bundle" ? Desk::Bundle.schema(Store::BundleTables.new(Store::Database.open(":memory:"))) : VisitSchema.to_h)
        when *DataCommand::ALL then return DataCommand.new(@input, @output).run(command, *rest)
        when nil, "help", "--help", "-h" then @output.puts HELP
        else raise Error.new("There is no command “#{command}”; see bin/munimen help.", code: :unknown_command)
        end
        0
      rescue Error => e
        @errors.puts JSON.generate(error: e.to_h)
        2
      end

      private

      def instruments(port)
        server = InstrumentServer.new(Integer(port || 4020, exception: false) || raise(Error.new("The port must be a number.", field: :port)))
        @output.puts "Simulated instruments on 127.0.0.1:#{server.port}; docs/formats/instruments.md"
        server.serve
      end

      def print_json(value) = @output.puts(JSON.pretty_generate(value))

      def read(name)
        raise Error.new("Name a visit file, or - for standard input.", field: :file, code: :missing) unless name

        JSON.parse(name == "-" ? @input.read : File.read(name))
      rescue Errno::ENOENT, Errno::EISDIR, Errno::EACCES
        raise Error.new("The file #{name} cannot be read.", field: :file, code: :not_found)
      rescue JSON::ParserError => e
        raise Error.new("That is not JSON: #{e.message[0, 120]}", field: :file, code: :not_json)
      end

      def jobs(rest)
        at = rest.index("--jobs")
        list = at && rest[at + 1]
        raise Error.new("Name the jobs: --jobs annual_safety,pressure_check", field: :jobs, code: :missing) unless list

        list.split(",")
      end
    end
  end
end
