# frozen_string_literal: true

# Heat balance; COP as a share of Carnot's, which for small heat pumps is about a third. 50 gal,
# 58→125 °F: 8.18 kWh into the water, 2.34 kWh at a COP of 3.5; at 1.5 kW of heat 5 h 27 min.
Munimen::Calculations::Calculation.define :heat_pump do
  title "A heat pump's time, energy and year, beside elements and gas"
  input :volume, :volume
  input :cold, :temperature, default: "58 °F"
  input :hot, :temperature, default: "125 °F"
  input :air, :temperature, default: "20 °C", note: "around it"
  input :share, :number, default: "0.33", note: "of Carnot's COP that it reaches"
  input :cop, :number, optional: true, note: "of its plate, instead of air and share"
  input :heat_power, :element_power, default: "1500 W", note: "into the water"
  input :draw, :volume, default: "64 gal", note: "hot water a day"
  input :gas_efficiency, :number, default: "0.6", note: "of a gas heater over a year"
  input :price, :number, optional: true, note: "of electricity, for each kWh"
  input :gas_price, :number, optional: true, note: "of gas, for each kWh"
  output :heat_pump_cop, :number
  output :time, :time, note: "from cold, on the heat pump alone"
  output :energy_into_water, :energy
  output :energy_electric, :energy, note: "of one heating from cold"
  output :year_heat_pump, :energy
  output :year_element, :energy
  output :year_gas, :energy
  output :cost_heat_pump, :number, note: "a year, in the money of the price"
  output :cost_element, :number
  output :cost_gas, :number
  source Munimen::Source.published("IAPWS-IF97", "region 1, enthalpy"),
         Munimen::Source.from_memory("COP about a third of Carnot's, 3–4 at 20 °C air, 50 °C water")

  compute do |i|
    limits = Munimen::Calculations::Limits
    limits.check(i[:cold], i[:hot])
    %i[volume share heat_power draw gas_efficiency].each { |name| limits.positive(i[name], name) }
    %i[share gas_efficiency].each { |name| limits.share(i[name], name) }
    if i[:cop] && !i[:cop].si.between?(1, 8)
      raise Munimen::Error.new("cop must be between 1 and 8.", field: :cop, code: :out_of_range)
    end
    unless i[:cop] || i[:air].si < i[:hot].si - 5
      raise Munimen::Error.new("air must be colder than the hot water.", field: :air,
                                                                         code: :out_of_range)
    end

    cop = i[:cop]&.si ||
          Munimen::Physics::HeatPump.cop(hot: i[:hot].si, air: i[:air].si, share: i[:share].si)
    heat = lambda do |volume|
      Munimen::Physics::HeatUp.seconds(volume:, power: 1.0, cold: i[:cold].si, hot: i[:hot].si)
    end
    tank = heat[i[:volume].si]
    year = heat[i[:draw].si] * 365
    used = { heat_pump: year / cop, element: year, gas: year / i[:gas_efficiency].si }
    cost = Munimen::Calculations::Cost.method(:of)
    {
      heat_pump_cop: cop.round(2), time: tank / i[:heat_power].si,
      energy_into_water: tank, energy_electric: tank / cop,
      **used.transform_keys { |name| :"year_#{name}" },
      cost_heat_pump: cost[used[:heat_pump], i[:price]],
      cost_element: cost[used[:element], i[:price]],
      cost_gas: cost[used[:gas], i[:gas_price]]
    }
  end
end
