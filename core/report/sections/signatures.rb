# frozen_string_literal: true

module Munimen
  module Report
    module Sections
      # Both signatures, or that one is missing and why; by whom it was done, and by which rules.
      class Signatures < Section
        DEFERS = "The maker's instructions, the local authority and licensed people come first."

        def blocks = [Block.signatures(say("Signatures"), sides.map { |who| side(who) }, by)]

        private

        def given = @report[:signatures]

        def sides
          theirs = given.map { |one| one[:signer] } - ["customer"]
          ["customer", theirs.first || "plumber"]
        end

        # strokes: [[[x, y], …], …] each 0…1, or nil; typed: a name that stands for what somebody
        # cannot draw, and what says so.
        def side(who)
          one = given.find { |signature| signature[:signer] == who }
          typed = who == "customer" && one && one[:refused].nil? && one[:strokes] == []
          { who: say(who.capitalize), name: named(one), strokes: (one[:strokes] if one && !typed),
            typed: (one[:name] if typed), note: (say("typed") if typed),
            account: one && one[:account] && "#{say("Taken on the account of")} #{one[:account]}" }
        end

        def named(one)
          return say("not signed") if one.nil?
          return "#{say("not signed")} – #{one[:refused]}" if one[:refused]

          "#{one[:name]}, #{date(one[:at])}"
        end

        def by
          "#{say("Done by")} #{[@report[:person], licences].compact.join(" ")}. " \
            "#{say("Judged by")}: #{@page[:rulebook]}. #{@page[:edition]}. #{say(DEFERS)}"
        end

        def licences
          held = (@report[:licences] || []).map { |one| "#{say(one[:trade].to_s)} #{one[:number]}" }
          "(#{held.join(", ")})" if held.any?
        end
      end
    end
  end
end
