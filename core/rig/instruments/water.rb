# frozen_string_literal: true

# Pressure and temperature. Ranges and settling of common hand instruments; from memory.
Munimen::Rig::Instrument.define :pressure_gauge do
  title "Pressure gauge with maximum hand"
  reads :pressure
  range 0.0..1_379_000.0 # 200 psi
  resolution 6894.757
  noise 2000.0
  settling 1.2
  maximum_hand
  point(:house) { |rig, _| rig.pressure }
  point(:street) { |rig, _| rig.water.mains }
end

# At the air valve: the air's own pressure only while the water side is at zero; against live
# water the air stands at the system's pressure, and that is what the gauge shows.
Munimen::Rig::Instrument.define :tire_gauge do
  title "Tire gauge"
  reads :pressure
  range 0.0..689_000.0
  resolution 3447.4
  noise 1500.0
  settling 0.6
  point(:air_valve) do |rig, state|
    vessel = rig.water.vessel
    next 0.0 unless vessel

    state[:heater_pressure] == :zero ? vessel.charge : [vessel.charge, rig.pressure].max
  end
end

Munimen::Rig::Instrument.define :thermometer do
  title "Thermometer"
  reads :temperature
  range 253.15..423.15
  resolution 0.1
  noise 0.1
  settling 4.0
  point(:tap) { |rig, _| rig.drawn || Munimen::Rig::ROOM }
  point(:relief_pipe) do |rig, _|
    if rig.relief_valve.spilt.positive? || rig.relief_valve.leak.positive?
      rig.top
    else
      Munimen::Rig::ROOM
    end
  end
  point(:flow_pipe) { |rig, _| rig.coil&.flow_temperature }
  point(:return_pipe) { |rig, _| rig.coil&.return_temperature }
  point(:tank) { |rig, _| rig.tank.at(0.2) }
end
