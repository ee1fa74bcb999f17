# frozen_string_literal: true

module Munimen
  module Rules
    # Which edition the clauses of a book are numbered by here, and since which edition a rule has
    # been in it, as far as that is known. All from memory: no book was at hand. The edition that is
    # adopted where the heater stands governs.
    #
    #   Editions.of(Source.published("IRC", "R315"))
    #   # => "clauses as in the edition of 2021; since the edition of 2009"
    module Editions
      NUMBERED = {
        "ANSI Z21.10.1" => "2019", "ANSI Z21.22" => "2015",
        "Approved Document G" => "2015 with its amendments of 2016 and later",
        "Approved Document G for Wales" => "2018",
        "Approved Document J" => "2010 with its amendments of 2022",
        "Approved Document J for Wales" => "2010 with its amendments",
        "ASHRAE 15" => "2019", "BS 5440" => "2008 and 2009", "BS 5440-1" => "2008",
        "BS 6400-1" => "2016", "BS 7671" => "2018", "BS 7967" => "2015",
        "BS EN 1490" => "2000", "BS EN 60335-2-21" => "2003 with its amendments",
        "BS EN 60730-2-9" => "2010", "Building (Scotland) Act 2003" => "2003",
        "Building (Scotland) Regulations 2004" => "2004 with its amendments",
        "Building Regulations 2010" => "2010 with its amendments",
        "Building Standards Technical Handbook" => "2022", "CSA B149.1" => "2020",
        "CSA C22.1" => "2021", "EN 378" => "2016",
        "Gas Safety (Installation and Use) Regulations 1998" => "1998 with its amendments",
        "Gas Safety Regulations" => "1998 with its amendments",
        "HSE HSG274 part 2" => "2014", "IFGC" => "2021", "IGEM/G/11" => "its second edition",
        "IGEM/UP/1B" => "its third edition", "IRC" => "2021",
        "National Building Code of Canada" => "2020",
        "National Plumbing Code of Canada" => "2020", "NEC" => "2020", "NFPA 54" => "2021",
        "NIOSH" => "its pocket guide", "Renting Homes (Fitness) Regulations 2022" => "2022",
        "Smoke and Carbon Monoxide Alarm Regulations 2022" => "2022", "UPC" => "2021",
        "Water Supply (Water Fittings) Regulations 1999" => "1999"
      }.freeze

      # [book, beginning of its clause] => since when that rule is in it.
      SINCE = {
        %w[IRC R315] => "the edition of 2009",
        %w[IRC G2411.1] => "the edition of 2009",
        %w[IRC P2801.6.1] => "the edition of 2018",
        ["Approved Document G", "G3(4)"] => "the edition of 2010",
        ["Approved Document G", "G3"] => "the edition of 1992",
        ["Approved Document G for Wales", "G3"] => "2014, when Wales began its own",
        ["Building Standards Technical Handbook", "3.20"] => "2013, in all homes since " \
                                                             "February 2022",
        ["Approved Document J", "carbon monoxide"] => "2010, in let homes since October 2022",
        ["Approved Document J for Wales", "carbon monoxide"] => "2010, in let homes since " \
                                                                "December 2022",
        ["BS 7671", "415.1"] => "the edition of 2008",
        ["BS 7671", "415.2"] => "the edition of 2008",
        ["Gas Safety (Installation and Use) Regulations 1998", "reg. 36"] => "1998",
        ["Gas Safety Regulations", "reg."] => "1998",
        ["Water Supply (Water Fittings) Regulations 1999", "schedule 2"] => "1999",
        ["HSE HSG274 part 2", "store"] => "2014, before it L8 of 2000",
        ["Building Regulations 2010", "regulations"] => "2010"
      }.freeze

      KNOWN = "clauses as in the edition of {editions}; since {since}"
      UNKNOWN = "clauses as in the edition of {editions}; since when is not known"
      private_constant :KNOWN, :UNKNOWN

      module_function

      # What is known of a Source's edition, as text; nil where no book has it in print.
      def of(source)
        return unless source&.standing.to_s.start_with?("published")

        named = names(source)
        return if named.empty?

        editions = Message.join(NUMBERED.values_at(*named).uniq, ", ")
        since = since(source, named)
        Message.of(since ? KNOWN : UNKNOWN, editions:, since:)
      end

      # The books that a source names, one or several: the longest name counts.
      def names(source)
        said = source.name.dup
        NUMBERED.keys.sort_by { |name| -name.size }.select { |name| said.sub!(name, "·") }
      end

      # Since which edition, as text; nil where that is not known.
      def since(source, named)
        known = SINCE.find do |(name, clause), _|
          named.include?(name) && source.clause.to_s.start_with?(clause)
        end
        known&.last
      end
      private_class_method :since
    end
  end
end
