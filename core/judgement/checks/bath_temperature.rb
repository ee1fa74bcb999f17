# frozen_string_literal: true

# The limit of England, Wales and Scotland binds new dwellings and changes of use; elsewhere it is
# advice with the scald time (Approved Document G3(4), Scottish standard 4.9). Whether a dwelling is
# new is a fact; where nobody knows it, the house rule says how it is taken.
Munimen::Judgement::Check.define :bath_temperature, part: :mixing_valve do
  on_page 80, "Hot water at the bath"
  uses :bath_temperature
  judge do |visit|
    hot = visit.quantity(:bath_temperature)
    limit = visit.rules.limit(:bath_temperature)
    known = { existing: true, new: false }[visit.heater.dwelling]
    existing = known.nil? ? visit.rules.choice(:new_dwelling) == :existing : known
    if visit.rules.book.is?(:england_g3) && existing && limit.violated_by(hot)
      burn = Munimen::Calculations::Calculation[:scald_time].call({ temperature: hot })
      next finding(
        :advice,
        msg("{hot} at {bath}: burns adult skin in {time}.",
            hot: say(hot), time: burn.outputs[:words]),
        limit:,
        measured: hot,
        question: known.nil? ? :new_dwelling : nil
      )
    end

    exceeds_limit(hot, :bath_temperature, msg("{hot} at {bath}.", hot: say(hot))) ||
      sound(msg("{hot} at {bath}.", hot: say(hot)), measured: hot, limit:)
  end
end
