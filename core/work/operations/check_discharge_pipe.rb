# frozen_string_literal: true

Munimen::Work::Operation.define :check_discharge_pipe do
  part :discharge_pipe
  place :side
  title "Follow the discharge pipe to its end"
  instrument "Tape measure, torch"
  how "From the valve to where it ends, each line below. Outside, tell it from the pan's pipe first."
  because "Scalding water will leave here at full bore one day; it may be in a minute, when you lift the lever."
  look_over :discharge_pipe
  caution :garden
  needs looked: :yes
  makes discharge: :seen_safe
  makes_by { |visit| visit.discharge_unsafe? ? { discharge: :unsafe } : {} }
  hands_on 150
end
