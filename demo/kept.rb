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

      # Puts untouched demo data into `folder`; yields when it has to be made. kept: the beginning
      # of the name under which it is kept.
      def fresh(folder, kept: folder, &making)
        source = ready(kept, &making)
        FileUtils.rm_rf(folder)
        FileUtils.mkdir_p(File.dirname(folder))
        copied = system("cp", "-r", "--reflink=auto", source, folder, err: File::NULL)
        FileUtils.cp_r(source, folder) unless copied
      end

      # The folder that is copied, made by one of several who ask for it.
      def ready(kept)
        source = "#{kept}-kept-#{name}"
        FileUtils.mkdir_p(File.dirname(kept))
        File.open("#{kept}.lock", File::CREAT | File::RDWR) do |lock|
          lock.flock(File::LOCK_EX)
          unless File.exist?(File.join(source, "demo-accounts.json"))
            yield if block_given?
            FileUtils.rm_rf(Dir["#{kept}-kept-*"])
            make(source)
          end
        end
        source
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
        files = SOURCES.flat_map { |room| Dir[File.join(ROOT, room, "**/*.{rb,json,csv}")] }.sort
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
