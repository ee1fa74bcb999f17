# frozen_string_literal: true

# Why a heat pump takes far longer than it should. Handbook §27.
cause = lambda do |id, &block|
  Munimen::Faults::Cause.define(id) do
    of :slow_heat_pump
    on(&:heat_pump?)
    instance_eval(&block)
  end
end

cause.call :filter_choked do
  title "The air filter is choked"
  prior :common
  shows heat_pump_filter: :choked, heat_pump_drop: %i[more usual little]
  settled_by :heat_pump_filter
  job :heat_pump_service
  after "Air in and out after a quarter of an hour."
end
cause.call :heat_pump_air_cold do
  title "The air round it is too cold"
  prior :common
  because "Below about 5 °C it hands over to its elements, or rests."
  shows heat_pump_air: :cold, heat_pump_drop: :none
  settled_by :heat_pump_air
  after "Ducts from a warmer room, or its elements in winter."
end
cause.call :heat_pump_on_vacation do
  title "It stands on vacation, or on its elements alone"
  prior :common
  shows heat_pump_mode: :other, heat_pump_drop: :none
  settled_by :heat_pump_mode
  after "Its mode as the household wants it; its timer and app."
end
cause.call :compressor_failed do
  title "The compressor, or what starts it, has failed"
  prior :rare
  because "A restart delay of three to ten minutes is no fault: wait for it first."
  shows heat_pump_drop: %i[none little]
  settled_by :heat_pump_drop, :heat_pump_mode, :heat_pump_air
  after "Its maker, or whoever is certified: the refrigerant circuit is never opened here."
end
