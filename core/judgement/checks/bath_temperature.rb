# frozen_string_literal: true

# The English bath limit binds new dwellings and changes of use; elsewhere it is advice with the
# scald time (Approved Document G3(4)).
Munimen::Judgement::Check.define :bath_temperature, part: :mixing_valve do
  on_page 80, "Hot water at the bath"
  uses :bath_temperature
  judge do |visit|
    hot = visit.quantity(:bath_temperature)
    limit = visit.rules.limit(:bath_temperature)
    advised = visit.rules.book.is?(:england_g3) && visit.rules.choice(:new_dwelling) == :existing
    if advised && limit.violated_by(hot)
      burn = Munimen::Calculations::Calculation[:scald_time].call({ temperature: hot })
      next finding(
        :advice,
        "#{say(hot)} at bath or shower: burns adult skin in #{burn.outputs[:words]}.",
        limit:,
        measured: hot,
        question: :new_dwelling
      )
    end

    exceeds_limit(hot, :bath_temperature, "#{say(hot)} at bath or shower.") ||
      sound("#{say(hot)} at bath or shower.", measured: hot, limit:)
  end
end
