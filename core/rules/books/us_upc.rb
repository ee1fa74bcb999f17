# frozen_string_literal: true

# The Uniform Plumbing Code profile: where it names its own clause or bound; all else as in
# us_irc, which stands on common practice or measures the same thing.
Munimen::Rules::Book.define :us_upc do
  title "US, Uniform Plumbing Code"
  edition "UPC, clauses from memory; the edition adopted locally governs"
  units :us
  split_phase true
  # What other countries ask of an unvented cylinder is no clause of a book here.
  cites "Approved Document G" => nil
  restricts gas: "Gas work is for people licensed for it by state and city.",
            electrical: "Wiring is for people licensed for it by state and city."
  based_on :us_irc

  same :static_pressure, source: published("UPC", "608.2")
  same :bath_temperature, source: published("UPC", "409.4, 408.3")
  # where the pan's pipe ends is a bound of the IRC; here it goes to an approved place
  without :pan_pipe_height
  same :relief_pressure_most, source: published("UPC", "608.4")
  same :relief_over_supply, source: common_practice("25 psi between supply and relief")
  same :relief_temperature, source: published("UPC", "608.4")
  limit :outlet_height,
        at_most: inches(24),
        grade: :defect,
        due_in: 60,
        who: :plumber,
        source: published("UPC", "608.5"),
        remedy: "Bring the end to 6–24 in above the ground, pointing down.",
        explain: "The end of the safety pipe is so high that scalding water splashes."
  limit :outlet_clear, at_least: inches(6), grade: :defect, due_in: 60, who: :plumber,
                       source: published("UPC", "608.5"),
                       remedy: "Bring the end to 6–24 in above the ground, pointing down.",
                       explain: "The end of the safety pipe is so low that it can be blocked."
end
