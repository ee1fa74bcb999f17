# frozen_string_literal: true

Munimen::Work::Operation.define :renew_bubble do
  part :bubble
  lets_hot_out
  place :side
  title "Renew the air bubble"
  how "All heat off first. The lowest hot {tap} open, then the {relief_valve}: wait until it " \
      "gurgles and no more runs. Shut the valve. The maker's sequence rules."
  because "The air dissolves; without it every heating lifts a relief valve."
  caution :scald
  applies_to { |heater| heater.vessel == :bubble }
  needs heat: :off,
        heater_supply: :shut,
        heater_pressure: :zero,
        air_path: :tap,
        discharge: :seen_safe,
        discharge_pipe: :on,
        consent: :given
  makes bubble: :renewed, as_found: :no, drip_watch: :running
  # what is drained afterwards is lost again
  after :flush_bursts, :replace_drain_valve, :replace_relief_valve, :replace_elements,
        :descale_elements, :replace_anode, :inspect_anode
  only_when_asked
  hands_on 60
  wait 180, manner: :attended, label: "Air going in"
end
