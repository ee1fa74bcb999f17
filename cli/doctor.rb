# frozen_string_literal: true

require "sqlite3"

module Munimen
  module Cli
    # bin/munimen doctor: looks at an installation without changing it, and says of each thing that
    # is wrong what mends it.
    #
    #   Doctor.new(folder, port: 4010).findings # => [Finding: grade, what, mend]
    class Doctor
      # grade: :well, :watch or :wrong; mend: what to do, or nil.
      Finding = Struct.new(:grade, :what, :mend)
      MARKS = { well: "✓", watch: "!", wrong: "✗" }.freeze

      # Words for what is found, in every part of the house.
      module Words
        def well(what) = Finding.new(:well, what)
        def watch(what, mend) = Finding.new(:watch, what, mend)
        def wrong(what, mend) = Finding.new(:wrong, what, mend)
      end

      # Values that a database answers, read only.
      def self.asked(file, sql)
        base = SQLite3::Database.new(file, readonly: true)
        base.busy_timeout(Store::Database::WAIT)
        base.execute(sql).flatten
      ensure
        base&.close
      end

      # port: where it should answer, or nil. environment: as the server gets it.
      def initialize(folder, port: nil, environment: ENV)
        @folder = folder
        @port = port
        @environment = environment
      end

      # Finding after finding; what hangs on another thing is left out where that is wrong.
      def findings
        @findings ||= [
          *Room.new(@folder).findings,
          *Kept.new(@folder).findings,
          *Reached.new(@folder, @port, @environment).findings
        ]
      end

      def well? = findings.none? { |one| one.grade == :wrong }
    end
  end
end
