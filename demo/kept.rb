# frozen_string_literal: true

require "digest"
require "fileutils"
require_relative "seed"

module Munimen
  module Demo
    # Fresh demo data, quickly: made once for a day and a state of the code, copied after that.
    module Kept
      SOURCES = %w[core desk store demo].freeze

      module_function

      # Puts untouched demo data into `folder`; yields when it has to be made.
      def fresh(folder)
        kept = "#{folder}-kept-#{name}"
        unless File.exist?(File.join(kept, "demo-accounts.json"))
          yield if block_given?
          FileUtils.rm_rf(Dir["#{folder}-kept-*"])
          make(kept)
        end
        FileUtils.rm_rf(folder)
        FileUtils.cp_r(kept, folder)
      end

      # Everything in one file of its own, so that a copy is whole.
      def make(folder)
        config = Web::Config.new(folder)
        Seed.call(config)
        config.secret
        config.records.database.run("PRAGMA wal_checkpoint(TRUNCATE)")
        config.records.database.disconnect
      end

      def name
        files = SOURCES.flat_map { |room| Dir[File.join(ROOT, room, "**/*.{rb,json}")] }.sort
        Digest::SHA256.hexdigest(
          [Date.today.iso8601, *files.map { |file| Digest::SHA256.file(file).hexdigest }].join
        )[
          0,
          16
        ]
      end
    end
  end
end
