# frozen_string_literal: true

require_relative "../munimen"

exit Munimen::Cli::Commands.new($stdin, $stdout, $stderr).run(ARGV)
