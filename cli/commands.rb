# frozen_string_literal: true

module Munimen
  module Cli
    # The commands of bin/munimen. Exit status 0, or 2 for wrong input, with the reason as JSON on
    # the error stream.
    class Commands
      # Each command with its arguments, and what it does.
      COMMANDS = {
        "calc" => "ids of the calculations",
        "calc ID" => "its inputs, units, defaults, outputs, sources",
        "calc ID name='50 gal' … [--units us|england|canada|si] [--json]" => "works one out",
        "judge FILE|-" => "verdicts, deficiencies, outcome, due dates of a visit file",
        "plan FILE|- [--jobs a,b]" => "the operations of these jobs, or of the file's, in order",
        "diagnose FILE|-" =>
          "suspects, next tests and what is settled, of {\"units\": \"us\", \"heater\": {…}, " \
          "\"symptom\": …, \"evidence\": {test: outcome}, \"skip\": [test]}; or with \"visit\": " \
          "a visit file in place of units and heater",
        "instruments [PORT]" => "simulated instruments over TCP, a line in, a line out",
        "sources" => "every limit and formula with its source, as Markdown",
        "sources --book ID" => "one country's rules alone, to be read and ticked",
        "schema [bundle]" => "JSON Schema of a visit file, or of a bundle's rows",
        "serve [PORT]" => "start on real data (MUNIMEN_DATA; MUNIMEN_NIGHTLY=1 backs up)",
        "owner EMAIL NAME" => "make the first owner account; asks for the password",
        "password EMAIL" => "set a password; asks for it",
        "people [list]" => "who works here: address, role, whether they are in, name",
        "people invite EMAIL NAME [ROLE]" => "adds somebody; prints the link for their password",
        "people link EMAIL" => "a new link, such as for a password that was forgotten",
        "people role|name EMAIL NEW" => "changes one of these",
        "people trades EMAIL TRADE[:NUMBER[:EXPIRY]] …" => "what they are licensed for",
        "people pause|close|open EMAIL" => "out for a while, out, in again",
        "backup [FILE]" => "everything into one zip, while people work",
        "restore FILE [--even-broken]" => "put a backup in the place of what is there",
        "doctor [PORT]" => "looks over an installation, and says what mends what is wrong",
        "verify [--repair]" => "whether anything signed was changed, taken out or put in",
        "export FILE" => "everything as an open bundle (docs/formats/bundle.md)",
        "import FILE" => "a bundle into an empty installation",
        "completion bash|zsh" => "what a shell completes, to be sourced",
        "version" => "which version this is"
      }.freeze
      ASKS_HELP = %w[--help -h].freeze

      def initialize(input, output, errors)
        @input = input
        @output = output
        @errors = errors
      end

      # What each command does with its arguments; those of data are DataCommand's.
      RUN = {
        "calc" => :calc,
        "judge" => :judge,
        "plan" => :plan,
        "diagnose" => :diagnose,
        "instruments" => :instruments,
        "serve" => :serve,
        "sources" => :sources,
        "schema" => :schema,
        "completion" => :completion,
        "version" => :version,
        "--version" => :version,
        "help" => :help,
        "--help" => :help,
        "-h" => :help,
        nil => :help
      }.freeze

      # Runs a command line; returns the exit status.
      def run(arguments)
        command, *rest = arguments
        return help(command) || 0 if rest.intersect?(ASKS_HELP)

        return send(RUN.fetch(command), *rest).then { 0 } if RUN.key?(command)
        return DataCommand.new(@input, @output).run(command, *rest) if
          DataCommand::ALL.include?(command)

        unknown(command)
      rescue Error => e
        wrong(e)
      rescue SystemCallError => e
        wrong(Error.new("#{e.message.split(" @ ").first}: #{e.message[/ - (.+)/, 1]}.",
                        code: :not_possible))
      rescue *data_errors
        wrong(Error.new("The data folder cannot be used: #{ENV.fetch("MUNIMEN_DATA", "data")}.",
                        field: :folder, code: :not_possible))
      end

      private

      # Those of the database, where that was needed at all.
      def data_errors = defined?(Sequel) ? [Sequel::Error] : []

      def wrong(error)
        @errors.puts JSON.generate(error: error.to_h)
        2
      end

      def unknown(command)
        text = "There is no command “#{command}”; see bin/munimen help."
        raise Error.new(text, code: :unknown_command)
      end

      def calc(*rest) = CalcCommand.new(@output).run(rest)
      def judge(file = nil, *) = print_json(VisitCommand.judge(read(file)))
      def plan(file = nil, *rest) = print_json(VisitCommand.plan(read(file), jobs([file, *rest])))
      def diagnose(file = nil, *) = print_json(DiagnoseCommand.call(read(file)))
      def serve(port = 4010, *) = Serve.start(port_number(port))

      def sources(option = nil, book = nil, *)
        page = case option
               when nil then SourcesPage.new
               when "--book" then BookPage.new(book.to_s)
               else raise Error.new("sources takes --book ID.", field: :book, code: :bad_option)
               end
        @output.print(page)
      end

      def version(*) = @output.puts("munimen #{VERSION}")

      # Of one command, or of all.
      def help(command = nil, *)
        of = COMMANDS.select { |line, _| line.split.first == command }
        of = COMMANDS if of.empty?
        of.each { |line, does| @output.puts "bin/munimen #{line}\n    #{does}" }
        nil
      end

      def completion(shell = nil, *)
        names = (COMMANDS.keys.map { |line| line.split.first }.uniq + %w[help]).join(" ")
        script = {
          "bash" => "complete -f -W '#{names}' munimen",
          "zsh" => "compctl -k '(#{names})' + -f munimen"
        }[shell]
        @output.puts(script || raise(Error.new("Name the shell: bash or zsh.", field: :shell,
                                                                         code: :unknown_choice)))
      end

      def schema(what = nil, *)
        return print_json(Visit::Schema.to_h) unless what == "bundle"

        tables = Store::BundleTables.new(Store::Database.open(":memory:"))
        print_json(Desk::Bundle.schema(tables))
      end

      def port_number(text)
        port = Integer(text, exception: false)
        return port if port&.between?(0, 65_535)

        raise Error.new("The port must be a number from 0 to 65535.", field: :port,
                                                                      code: :out_of_range)
      end

      def instruments(port = 4020, *)
        server = InstrumentServer.new(port_number(port))
        @output.puts "Simulated instruments on 127.0.0.1:#{server.port}; " \
                     "docs/formats/instruments.md"
        server.serve
      end

      def print_json(value) = @output.puts(JSON.pretty_generate(value))

      def read(name)
        unless name
          raise Error.new(
            "Name a visit file, or - for standard input.",
            field: :file,
            code: :missing
          )
        end

        JSON.parse(name == "-" ? @input.read : File.read(name))
      rescue Errno::ENOENT, Errno::EISDIR, Errno::EACCES
        raise Error.new("The file #{name} cannot be read.", field: :file, code: :not_found)
      rescue JSON::ParserError => e
        raise Error.new("That is not JSON: #{e.message[0, 120]}", field: :file, code: :not_json)
      end

      def jobs(rest)
        at = rest.index("--jobs")
        list = at && rest[at + 1]
        return list.split(",") if list
        return unless at

        raise Error.new("Name the jobs: --jobs annual_safety,pressure_check", field: :jobs,
                                                                              code: :missing)
      end
    end
  end
end
