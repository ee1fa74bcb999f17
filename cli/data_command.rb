# frozen_string_literal: true

require "io/console"
require "tmpdir"

module Munimen
  module Cli
    # The commands that work on the data folder (MUNIMEN_DATA). Exit status 0; 1 when verify finds
    # something.
    class DataCommand
      ALL = %w[owner password people backup restore doctor verify export import].freeze
      # Those that write have the folder to themselves.
      WRITE = %w[owner password restore import].freeze

      def initialize(input, output)
        @input = input
        @output = output
      end

      def run(command, *rest)
        config.take! if writes?(command, rest)
        Arguments.fit!(command, method(command), rest)
        public_send(command, *rest)
      end

      # Makes the first owner account.
      def owner(email = nil, name = nil)
        raise Error.new("Give an e-mail address and a name.", code: :missing) unless email && name

        records.people.create(email:, name:, role: "owner", password: ask)
        say "\nOwner account #{email} made."
      end

      # Sets a password, such as after an import, which carries none.
      def password(email = nil)
        person =
          records.people.by_email(email) ||
          raise(NotFound.new("There is no account #{email}.", field: :email))
        records.people.set_password(person[:id], ask)
        say "\nPassword of #{email} set; it is signed out everywhere."
      end

      def people(*given)
        PeopleCommand.new(config, @output).run(*given)
        0
      end

      def backup(path = nil)
        path ||= "munimen-#{Time.now.strftime("%Y%m%d-%H%M%S")}.zip"
        if File.exist?(path)
          raise Error.new("#{path} is there already.", field: :file, code: :taken)
        end

        written = Desk::Backup.new(records, config.folder).write(path)
        say "Backup #{written[:path]}: #{written[:files]} files, " \
            "#{(written[:bytes] / 1e6).round(1)} MB."
      end

      def restore(path = nil, how = nil)
        file(path)
        aside = config.set_aside_damaged
        say "What was there is damaged: kept in #{aside}." if aside
        ended = Desk::Backup.new(records, config.folder).restore(
          file(path),
          even_broken: how == "--even-broken",
          given: ENV.fetch("MUNIMEN_PASSPHRASE", nil)
        )
        broken = records.seals.problems(records.photo_files).size
        whole = broken.zero? ? "all whole" : "#{broken} problems: bin/munimen verify"
        say "Restored. #{records.seals.size} seals, #{whole}."
        still = ended.transform_values { |one| one.is_a?(Array) ? one.size : one }
                     .reject { |_, count| count.zero? }
        return if still.empty?

        say "Ended since, and still: #{still.map { |what, count| "#{count} #{what}" }.join(", ")}."
      end

      # What is wrong with the installation, and what mends it.
      def doctor(port = nil)
        folder = ENV.fetch("MUNIMEN_DATA", File.join(ROOT, "data"))
        found = Doctor.new(folder, port: port && Integer(port, 10, exception: false))
        found.findings.each do |one|
          @output.puts "#{Doctor::MARKS[one.grade]} #{one.what}"
          @output.puts "  → #{one.mend}" if one.mend
        end
        found.well? ? 0 : 1
      end

      # What the chain of seals says of signed visits, photographs, PDFs and amendments.
      def verify(how = nil)
        repair if how == "--repair"
        problems = records.seals.problems(records.photo_files)
        problems.each { |problem| @output.puts "✗ #{problem}" }
        say(
          if problems.empty?
            "Whole: #{records.seals.size} seals. The last: #{records.seals.head || "none"}#{late}"
          else
            "#{problems.size} found."
          end
        )
        problems.empty? ? 0 : 1
      end

      def export(path = nil)
        raise Error.new("Name the file to write.", field: :file, code: :missing) unless path
        if File.exist?(path)
          raise Error.new("#{path} is there already.", field: :file, code: :taken)
        end

        say "Exported to #{Desk::Bundle.new(records, config.folder).write(path)}."
      end

      def import(path = nil)
        counts = Dir.mktmpdir("munimen-open") do |work|
          given = ENV.fetch("MUNIMEN_PASSPHRASE", nil)
          plain = Desk::Passphrase.new(records).open(file(path), work, given)
          Desk::Bundle.new(records, config.folder).read(plain)
        end
        told = counts.map { |table, count| "#{count} #{table.to_s.tr("_", " ")}" }.join(", ")
        say "Imported: #{told}. Passwords do not travel: bin/munimen password EMAIL."
      end

      private

      def writes?(command, rest)
        WRITE.include?(command) || rest.include?("--repair") ||
          (command == "people" && !["list", nil].include?(rest.first))
      end

      # A chain that began late says so.
      def late
        before = records.seals.before
        before.zero? ? "" : "\nThe chain begins after #{before} visits that were signed before it."
      end

      # As the first owner: what came in after signing becomes an amendment.
      def repair
        done = Desk::RepairSeals.new(AsOwner.context(records)).call
        done.each do |one|
          what = one[:late] ? "taken out: #{one[:late].join("; ")}" : "sealed anew"
          @output.puts "· visit:#{one[:visit]}: #{what}"
        end
      end

      # Made when it is needed: making it makes the folder.
      def config = @config ||= Web::Config.from_environment
      def records = config.records

      def file(path)
        raise Error.new("Name a file.", field: :file, code: :missing) unless path
        unless File.file?(path) && File.readable?(path)
          raise Error.new("The file #{path} cannot be read.", field: :file, code: :not_found)
        end

        path
      end

      def ask
        @output.print "Password (at least 12 characters): "
        (@input.tty? ? @input.noecho(&:gets) : @input.gets).to_s.chomp
      end

      def say(text)
        @output.puts text
        0
      end
    end
  end
end
