# frozen_string_literal: true

Munimen::Calendar::Rule.define :anode do
  comes_from "the anode was seen or replaced, or is to be seen every year"
  moved_by "the house rule on anodes, and how fast this one goes"
  ended_by "the next look, or a new anode"
  source Munimen::Source.common_practice(
    "replaced with a quarter left; a straight line through the inspections"
  )
  job :inspect_anode
  renewed
  owed do |visit, _|
    next unless visit.heater.anode == :separate

    fresh = visit.done?(:replace_anode)
    left = fresh ? 1.0 : visit.quantity(:anode_remaining)&.si
    next unless left || visit.jobs.intersect?(%i[annual_unvented annual_safety])

    # Nobody has looked at it on record: due so many months after the heater was installed, within
    # a month where that is past or not known.
    unseen = lambda do |months|
      installed = day(visit.heater.installed)
      due = [installed ? installed >> months : today, today + 30].max
      on(due, "Look at the anode: on record nobody has.", once: true)
    end
    case visit.rules.choice(:anode)
    when :replace_yearly
      in_days(365, "Replace the anode: yearly, by house rule.", job: :replace_anode)
    when :look_yearly
      left ? in_days(365, "Look at the anode.") : unseen[12]
    when :by_estimate
      fitted = day(visit.heater.installed) unless fresh
      life =
        fitted && left && today - fitted > 180 &&
        Munimen::Physics::AnodeLife.from_inspections([[fitted, 1.0], [today, left]], 0.25)[
          :replace_by
        ]
      unless life && life[:likely]
        next unseen[36] unless left

        next in_days(3 * 365, "Look at the anode: three years after it was fitted.")
      end

      first, likely =
        life.values_at(:earliest, :likely).map { |text| Date.iso8601(text || life[:likely]) }
      on(
        [first, today + 1].max,
        msg("Look at the anode: by estimate a quarter is left about {month}.",
            month: likely.strftime("%B %Y"))
      )
    end
  end
end
