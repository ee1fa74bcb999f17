# frozen_string_literal: true

# The functional test of the control chain: turned down, the two-port stays shut and the boiler off;
# turned up, it opens and the end switch fires the boiler. Common practice.
Munimen::Judgement::Check.define :controls_chain, part: :thermostat do
  on_page 90, "Thermostat and controls"
  uses :chain_off, :chain_on
  judge do |visit|
    source = Munimen::Source.common_practice(
      "turned down, valve shut and boiler off; turned up, it opens and the boiler fires"
    )
    if visit.choice(:chain_off) == :keeps_heating
      finding(
        :danger,
        "Turned down, the heat goes on: something by-passes the thermostat.",
        source:,
        due_in: 0,
        who: :electrical,
        remedy: "Isolate the heat source until the by-pass is found.",
        explain: "The thermostat does not stop the heat; the water can become scalding."
      )
    elsif visit.choice(:chain_on) == :stays_off
      finding(
        :defect,
        "Turned up, nothing happens: {two_port}, its end switch, the cut-out or the programmer.",
        source:,
        due_in: 7,
        who: :electrical,
        remedy: "Test the chain link by link, dead and proved.",
        explain: "The heating does not answer when hot water is asked for."
      )
    elsif visit.choice(:chain_off) && visit.choice(:chain_on)
      sound("The thermostat stops the heat and starts it.", limit: nil)
    end
  end
end
