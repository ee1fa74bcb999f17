# frozen_string_literal: true

module Munimen
  module Formats
    # What reading somebody's file may take: bytes in a line, cells in it, CPU seconds in all. What
    # goes beyond is refused in a sentence that says what would be right, before it costs anybody
    # else anything.
    #
    #   budget = Budget.new(field: :log)
    #   budget.line!(text, 3)  # Error where line 3 is none of a table
    #   budget.spend!          # Error once too much has been spent
    class Budget
      SECONDS = 60 # of CPU; a log of 5 million rows takes 20
      LINE = 65_536 # bytes
      CELLS = 1_000
      NUMBER = 60 # characters that a number, or a time, may have

      # field: of the request; seconds: CPU seconds of this thread.
      def initialize(field:, seconds: SECONDS)
        @field = field
        @seconds = seconds
        @start = cpu
      end

      # A line as it was read, with its number. Raises Error.
      def line!(text, number)
        return text unless text && text.bytesize > LINE

        refuse(Message.of("Line {number} is longer than {line} kB: that is no row of a table. " \
                          "Save the file as CSV, a row a line.",
                          number:, line: LINE / 1024))
      end

      # Cells of a line. Raises Error.
      def cells!(list, number)
        return list if list.size <= CELLS

        refuse(Message.of("Line {number} has more than {cells} columns. Keep those that are " \
                          "needed.",
                          number:, cells: CELLS))
      end

      # Raises Error once the CPU seconds are used up.
      def spend!
        return if cpu - @start <= @seconds

        refuse(Message.of("Reading this file takes more than {seconds} seconds. Cut it into " \
                          "parts.",
                          seconds: @seconds))
      end

      private

      def cpu = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID)
      def refuse(text) = raise Error.new(text, field: @field, code: :too_long)
    end
  end
end
