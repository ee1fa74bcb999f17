# frozen_string_literal: true

# What the coil gives up, before and after cleaning, judged by the calculation `coil`.
[[:coil_before, "", 340, "Coil, as found"],
 [:coil_after, "_after", 350, "Coil, after cleaning"]].each do |id, suffix, place, title|
  Munimen::Judgement::Check.define id, part: :coil do
    on_page place, title
    cured_by :coil_after, "Measured again after cleaning." if suffix.empty?
    uses :"coil_flow_temperature#{suffix}",
         :"coil_return_temperature#{suffix}",
         :"coil_tank_temperature#{suffix}"
    judge do |visit|
      names = {
        flow_temperature: :"coil_flow_temperature#{suffix}",
        return_temperature: :"coil_return_temperature#{suffix}",
        tank_temperature: :"coil_tank_temperature#{suffix}"
      }
      given = {
        flow: visit.quantity(:coil_flow_rate),
        rated_flow: visit.heater.coil_flow,
        rated_power: visit.heater.coil_power,
        **names.transform_values { |name| visit.quantity(name) }
      }.compact
      missing = [:flow, *names.keys] - given.keys
      if missing == [:flow]
        out, back, tank = names.keys.map { |name| given[name] }
        # of the way to the tank's temperature a clean coil takes most; common practice
        little = out.si - back.si < 0.25 * (out.si - tank.si)
        gives = "Flow pipe {out}, return {back}, tank {tank}: it gives up well, as far as it can " \
                "be told without the flow."
        if little
          gives = "Flow pipe {out}, return {back}, tank {tank}: it gives up little. A fouled " \
                  "coil does that, and so does a large flow: measure the flow before it is opened."
        end
        next not_tested(msg(gives, out: say(out), back: say(back), tank: say(tank)))
      end
      if missing.any?
        next not_tested("Flow, and the temperatures of flow, return and tank belong together.")
      end

      by_calculation(
        :coil,
        given,
        who: trade,
        remedy: "Prove flow, air and connections first; then clean the coil.",
        explain: "The boiler's heat does not reach your hot water as it should."
      )
    end
  end
end
