# frozen_string_literal: true

# What is complained of.
electric = ->(heater) { !heater.electric_sources.empty? }
coil = :coil?.to_proc
symptom = lambda do |id, customer, plumber, on = ->(_) { true }, first = nil, at_first: nil|
  Munimen::Faults::Symptom.define(id) do
    customer customer
    plumber plumber
    on(&on)
    first first if first
    at_first(&at_first) if at_first
  end
end

symptom.call :relief_drips,
             "Water drips from the safety valve's pipe",
             "The {relief_valve} drips",
             ->(_) { true },
             "Never cap or plug it. Hot before anybody has touched it, it is over-temperature " \
             "until proved otherwise."
symptom.call :pilot_out,
             "The pilot flame goes out",
             "The pilot will not stay",
             :may_have_pilot?.to_proc,
             "Smell at floor level first; five minutes after a failed try.",
             # neither is condemned before both are measured: handbook §13
             at_first: lambda { |seen|
               %i[dies_at_once dies_soon].include?(seen[:release]) ? %i[generator eco] : []
             }
symptom.call :no_burner,
             "The pilot is lit, but the water stays cold",
             "The pilot holds, the burner does not come on",
             :may_have_pilot?.to_proc
symptom.call :no_hot_electric,
             "No hot water at all",
             "No hot water, electric",
             :elements?.to_proc,
             "Covers on until it is proved dead."
symptom.call :little_hot_electric,
             "A little hot water, then cold",
             "A little, then cold, electric",
             :two_elements?.to_proc
symptom.call :slow_heat_pump,
             "It takes far too long to get hot",
             "Slow to recover, heat pump",
             :heat_pump?.to_proc,
             "A delay of three to ten minutes after a stop is no fault."
symptom.call :runs_out, "The hot water runs out too soon", "Runs out early"
symptom.call :too_hot,
             "The water is far too hot",
             "Too hot",
             ->(_) { true },
             "Warn everybody in the house; mix at the {tap} until it is found."
symptom.call :no_hot_coil,
             "No hot water, though the boiler is there",
             "No hot water, coil or indirect",
             coil
symptom.call :low_hot_flow,
             "The hot water only trickles; the cold is fine",
             "Low hot flow, cold fine"
symptom.call :low_flow_both, "Hot and cold both only trickle", "Low flow, hot and cold"
symptom.call :noise, "It makes noises", "Noise"
symptom.call :smell, "The water smells of rotten eggs", "Smell"
symptom.call :rusty, "The water is brown", "Rusty water"
symptom.call :leak_below, "There is water under it", "Leak underneath"
symptom.call :trips,
             "The breaker keeps tripping",
             "Trips the {breaker}",
             electric,
             "It stays off until it is found."
