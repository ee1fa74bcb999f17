# frozen_string_literal: true

# The reading after an unvented cylinder's inlet group must stay at the reducing valve's setting,
# with the mains higher.
Munimen::Judgement::Check.define :inlet_group, part: :inlet_group do
  on_page 20, "Pressure after the inlet group"
  uses :static_pressure, :mains_pressure
  judge do |visit|
    next unless unvented?

    after = visit.quantity(:static_pressure) or next
    mains = visit.quantity(:mains_pressure)
    limit = visit.rules.limit(:inlet_setting) or next
    setting = visit.heater.regulator_setting
    between = setting && around(setting, limit.at_most)
    if mains && (mains.si - after.si).abs <= 20_000 && after > (setting || after)
      next finding(
        limit.grade,
        msg("The reading after the group equals the mains at {main}: the {regulator} has " \
            "failed.",
            main: say(mains)),
        limit:,
        measured: after,
        between:
      )
    end
    unless setting
      next not_tested(
        "The {regulator}'s setting is not recorded; read it off the group.",
        measured: after
      )
    end

    gap = after.si - setting.si
    if gap.abs <= limit.at_most.si
      sound(msg("Holds its setting of {setting}.",
                setting: say(setting)), measured: after, limit:, between:)
    elsif gap.positive?
      finding(
        limit.grade,
        msg("{after} after the group, set to {setting}: the {regulator} creeps or has failed.",
            after: say(after), setting: say(setting)),
        limit:,
        measured: after,
        between:
      )
    else
      finding(
        :watch,
        msg("{after} after the group, set to {setting}: mains low, or the strainer blocked.",
            after: say(after), setting: say(setting)),
        limit:,
        measured: after,
        between:,
        remedy: "Read the mains; rinse the strainer."
      )
    end
  end
end
