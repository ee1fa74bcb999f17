# frozen_string_literal: true

Munimen::Work::Operation.define :read_paper do
  part :drain_valve
  protects :none
  place :bottom
  title "Look at the paper after a day"
  how "Dry, a spot, or wet through – and under which joint."
  because "A joint that was dry at full pressure may still weep once it has cooled and warmed."
  needs looked: :yes
  read :paper, :choice, "The paper", choices: %i[dry spot wet]
  read :paper_hours, :number, "Hours since it was laid", optional: true
  read :drip_pail,
       :choice,
       "In the pail under the safety valves' outlet",
       choices: %i[nothing water],
       optional: true
  guide :paper
  only_when_asked
  hands_on 30
end
