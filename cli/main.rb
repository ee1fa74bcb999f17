# frozen_string_literal: true

# What is answered without loading anything else: which version this is, and what there is.
alone = ARGV.empty? || %w[version help completion].include?(ARGV.first) ||
        ARGV.intersect?(%w[--version --help -h])
if alone
  require_relative "../version"
  require_relative "commands"
else
  require "bundler/setup"
  require_relative "../munimen"
end

exit Munimen::Cli::Commands.new($stdin, $stdout, $stderr).run(ARGV)
