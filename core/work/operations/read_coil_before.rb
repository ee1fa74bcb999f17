# frozen_string_literal: true

Munimen::Work::Operation.define :read_coil_before do
  part :coil
  protects :none
  place :controls
  wants :coil_power, :coil_flow, because: "The coil's output is held against it."
  title "Measure what the coil gives up"
  instrument "Two thermometers on the pipes"
  how "Zone calling, {two_port} open, pump running. Flow, return and tank, together, some " \
      "minutes after the start."
  because "Work out the heat first: a large flow also returns hot, and an air-locked coil " \
          "returns cool."
  caution :hot_flue
  applies_to(&:coil?)
  needs looked: :yes, heat: :on, level: :full, coil_loop: :live, as_found: :yes
  read :coil_flow_rate, :flow, "Flow through the coil"
  read :coil_flow_temperature, :temperature, "Flow pipe"
  read :coil_return_temperature, :temperature, "Return pipe"
  read :coil_tank_temperature, :temperature, "Tank, at the coil"
  calculator :coil, gives: { flow_temperature: :coil_flow_temperature }
  guide :coil
  hands_on 180
end
