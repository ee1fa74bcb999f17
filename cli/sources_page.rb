# frozen_string_literal: true

module Munimen
  module Cli
    # docs/sources.md, written from the declarations themselves: bin/munimen sources >
    # docs/sources.md. A test holds the file to it.
    class SourcesPage
      def to_s
        ["# Sources", INTRO, editions, limits, looks, checks, questions, dues, calculations,
         physics].join(
           "\n\n"
         ).concat("\n")
      end

      INTRO = <<~TEXT.strip
        Every limit and formula with its source and standing. Written by `bin/munimen sources`
        from the declarations in `core/`; a test keeps it true. Standing: *published*; *published,
        clause from memory*; *common practice* (no published source); *from memory*. The maker's
        instructions, the local authority's rules and licensed people always come first.
      TEXT

      # Value, source and standing of what stands in no declaration.
      PHYSICS = [
        [
          "Density of water up to 100 °C",
          "Kell, J. Chem. Eng. Data 20 (1975) 97",
          "published, coefficients from memory; checked against an independent IAPWS-97 " \
          "package"
        ],
        [
          "Density above 100 °C, specific heat, enthalpy, vapour pressure",
          "IAPWS-IF97, regions 1 and 4",
          "published, coefficients from memory; checked against tables 5 and 35"
        ],
        [
          "Units",
          "NIST SP 811; conventional inch of water 249.08891 Pa; International Table Btu",
          "published"
        ],
        [
          "Give of tank, pipes and water, 2.9 nm³/Pa for each m³ of tank",
          "10–15 psi/min on a luke-warm 50 gal, 40,000 Btu/h gas heater",
          "common practice"
        ],
        [
          "Efficiency of a gas heater, 0.8",
          "usual value",
          "from memory"
        ],
        [
          "Draw that makes the heat come on, 10 gal; incoming water 50 °F; set point 120 " \
          "°F where not known",
          "usual values, shown beside the result",
          "common practice"
        ],
        [
          "Burner 40,000 Btu/h, element 4,500 W where the plate does not say",
          "usual values",
          "from memory"
        ],
        [
          "Relief valve 150 psi, 210 °F where its plate is not recorded",
          "ANSI Z21.22",
          "published, clause from memory"
        ],
        [
          "High limit 180 °F on the ladder",
          "between 170 and 190 °F",
          "from memory"
        ],
        [
          "Slope over the years: median of the pairs' slopes, its interval from their ranks",
          "Theil 1950, Sen 1968",
          "published, from memory; its interval is checked on made lines"
        ],
        [
          "A point stands apart at 3.5 usual distances",
          "Iglewicz and Hoaglin 1993",
          "published, from memory"
        ],
        [
          "Regulator's fall-off 15 psi at 15 gal/min, main's swing, reseat at 95 %, magnet " \
          "at 36 %, jacket's loss (simulated heater)",
          "usual values",
          "from memory"
        ],
        [
          "Dry element: 0.25 kg, 500 J/kg/K, glows 600 K above the room (training)",
          "usual values",
          "from memory"
        ],
        [
          "Natural gas 38.7 MJ/m³ (training)",
          "usual value",
          "from memory"
        ],
        [
          "Pressure log: rises from 3 psi, dips from 8 psi or 12 %, bangs from 8 psi within " \
          "3 s, rows of a bang at most 0.12 s apart; a slow rise lasts 2 h",
          "our own bounds",
          "from memory; tried on logs of the simulated heater"
        ],
        [
          "Pressure log: straight pieces of a course",
          "swinging door, Bristol 1990",
          "published, from memory"
        ],
        [
          "A rise counts as heating from a quarter of what the heater's own power makes on " \
          "its vessel",
          "our own bound",
          "from memory; tried likewise"
        ],
        [
          "Clock changes of a log: an hour back at once, or an hour ahead in the small " \
          "hours of a Sunday",
          "US Energy Policy Act 2005; EU Directive 2000/84/EC",
          "published, from memory"
        ],
        [
          "Driving: great circle (haversine, mean radius 6,371,009 m) times 1.35, 45 km/h, " \
          "4 min to park",
          "usual values",
          "from memory"
        ],
        [
          "Urgency: danger 1000, defect 300, undated 120, watch 60; a protection 200, " \
          "people at risk 150, 2 a day late, 10 a year beyond ten",
          "our own points",
          "from memory"
        ],
        [
          "Height over diameter of a drawn tank, 2.5",
          "usual proportion, for the drawing only",
          "common practice"
        ]
      ].freeze

      private

      def physics
        rows = PHYSICS.map { |cells| "| #{cells.join(" | ")} |" }
        head = ["| value | source | standing |", "| --- | --- | --- |"]
        ["## Physics and other values", "", *head, *rows].join("\n")
      end

      def limits
        Rules::Book.all.map do |book|
          rows = own(book).map do |limit|
            cells = [words(limit.id), limit.to_text(book.units), limit.grade, limit.source]
            "| #{cells.join(" | ")} |"
          end
          [
            "## Limits: #{book.title}",
            "Edition: #{book.edition}.",
            *as_neighbour(book),
            table("limit", "bound", "grade", rows)
          ].join("\n\n")
        end.join("\n\n")
      end

      # Limits that a book does not share with its neighbour.
      def own(book)
        book.limits.reject do |limit|
          theirs = book.neighbour && book.neighbour[limit.id]
          theirs && [limit.at_least, limit.at_most, limit.grade, limit.source] ==
            [theirs.at_least, theirs.at_most, theirs.grade, book.cite(theirs.source)]
        end
      end

      def as_neighbour(book)
        return [] unless book.neighbour

        called = book.cites.map do |theirs, ours|
          "#{theirs} is #{ours ? ours.compact.join(" ") : "common practice"}"
        end
        left = book.leaves_out.map { |id| words(id).downcase }
        ["All else as #{book.neighbour.title}: #{called.join("; ")}." \
         "#{" Not asked: #{left.join(", ")}." if left.any?}"]
      end

      # By which editions clauses are numbered, and what is known of since when a rule is there.
      def editions
        numbered = Rules::Editions::NUMBERED.map { |name, edition| "| #{name} | #{edition} |" }
        since = Rules::Editions::SINCE.map { |(*rule), known| "| #{rule.join(" ")} … | #{known} |" }
        ["## Editions",
         "All from memory. What is adopted where the heater stands governs.",
         "| book | its clauses here are those of the edition of |\n| --- | --- |\n" \
         "#{numbered.join("\n")}",
         "| rule | since |\n| --- | --- |\n#{since.join("\n")}"].join("\n\n")
      end

      def looks
        rows = Inspection::InspectionItem.all.flat_map do |look|
          look.findings.values.map do |finding|
            "| #{say(look.ask)} | #{say(finding.text)} | #{finding.grade} | " \
              "#{source(finding.source)} |"
          end
        end
        "## What is seen\n\n#{table("item", "finding", "grade", rows)}"
      end

      # One source, or one for each rulebook.
      def source(of)
        return of unless of.is_a?(Hash)

        of.map { |book, one| "#{Rules::Book[book].title}: #{one}" }.join("; ")
      end

      def checks
        rows = Judgement::Check.all.map do |check|
          "| #{words(check.id)} | #{check.used.map { |name| words(name) }.join(", ")} |"
        end
        "## Checks on readings\n\n| check | readings |\n| --- | --- |\n#{rows.join("\n")}\n\n" \
          "Their limits stand above; what a check decides by words (lever, flow, air valve) is " \
          "common practice and says so in its verdict."
      end

      def questions
        rows = Rules::Question.all.flat_map do |question|
          question.options.values.map do |option|
            "| #{question.ask} | #{option.label}" \
              "#{" (ours)" if option.id == question.default_option} | #{option.reason} |"
          end
        end
        "## House rules\n\n| question | school | its reason |\n| --- | --- | --- |\n" \
          "#{rows.join("\n")}"
      end

      def dues
        rows =
          Calendar::Rule
            .all
            .sort_by(&:id)
            .map do |rule|
              "| #{words(rule.id)} | #{say(rule.comes_from)} | #{say(rule.ended_by)} | " \
                "#{rule.source} |"
            end
        "## What becomes due\n\n#{table("what", "comes from", "ended by", rows)}"
      end

      def calculations
        rows = Calculations::Calculation.all.map do |calculation|
          "| `#{calculation.id}` | #{calculation.title} | #{calculation.sources.join("; ")} |"
        end
        "## Calculations\n\n| id | what | sources |\n| --- | --- | --- |\n#{rows.join("\n")}"
      end

      def table(first, second, third, rows)
        "| #{first} | #{second} | #{third} | source and standing |\n| --- | --- | --- | --- |\n" \
          "#{rows.join("\n")}"
      end

      def words(id) = id.to_s.tr("_", " ")
      def say(text) = Words[:us].say(text)
    end
  end
end
