# frozen_string_literal: true

# The second tier, proved by its own test: tripped, its contacts open, and close only by hand.
[
  [:cut_out, nil, 210, "{Cut_out}"],
  [:lower_element, :lower_element, 211, "Energy cut-out of the lower element"],
  [:immersion, :immersion, 212, "Energy cut-out of the back-up immersion"]
].each do |part, of, place, title|
  key = ->(name) { Munimen::Visit::ReadingInput.key(name, of) }
  Munimen::Judgement::Check.define key[:cut_out_test], part: do
    on_page place, title
    uses key[:cut_out_opens], key[:cut_out_resets]
    judge do |visit|
      source = Munimen::Source.published(
        "Approved Document G",
        "G3, non-self-resetting energy cut-out",
        clause: :from_memory
      )
      if visit.choice(key[:cut_out_opens]) == :comes_on
        finding(
          :danger,
          "Tripped, the cut-out does not stop the heat: it is by-passed or stuck.",
          source:,
          due_in: 0,
          who: :electrical,
          remedy: "Isolate the heat source until the cut-out stops it.",
          explain: "The device that stops over-heating does not stop it."
        )
      elsif visit.choice(key[:cut_out_resets]) == :by_itself
        finding(
          :danger,
          "The cut-out resets by itself: a second thermostat, not a cut-out.",
          source:,
          due_in: 0,
          who: :electrical,
          remedy: "Fit one that is reset by hand.",
          explain: "The device that stops over-heating switches itself on again."
        )
      elsif visit.choice(key[:cut_out_opens]) && visit.choice(key[:cut_out_resets])
        sound("Tripped by its own test it stops the heat, and comes back only by hand.")
      elsif visit.choice(key[:cut_out_opens]) == :no_test
        not_tested("It has no test of its own: its type and its button were seen, no more.")
      end
    end
  end
end
