# frozen_string_literal: true

# How high the relief valve's pipe ends, measured; the rulebook's bounds, or the house rule's.
Munimen::Judgement::Check.define :outlet_height, part: :discharge_end do
  on_page 160, "Height of the discharge pipe's end"
  uses :outlet_height
  judge do |visit|
    height = visit.quantity(:outlet_height)
    outdoors_only = visit.rules.book.is?(:us_upc) && visit.heater.discharge_ends != :outdoors
    next sound("Ends #{say(height)} above the floor.", measured: height) if outdoors_only
    if %i[hopper roof stack].include?(visit.heater.discharge_ends)
      next sound("Ends high up, at #{say(height)}.", measured: height)
    end

    moved = visit.rules.moved_by(:outlet_height)
    exceeds_limit(
      height,
      :outlet_height,
      "Ends #{say(height)} above: too high.",
      question: moved
    ) ||
      exceeds_limit(
        height,
        :outlet_clear,
        "Ends #{say(height)} above: too low.",
        question: moved
      ) ||
      sound(
        "Ends #{say(height)} above.",
        measured: height,
        limit: visit.rules.limit(:outlet_height)
      )
  end
end

Munimen::Judgement::Check.define :pan_pipe_height, part: :pan do
  on_page 170, "Height of the pan pipe's end"
  uses :pan_pipe_height
  judge do |visit|
    height = visit.quantity(:pan_pipe_height)
    exceeds_limit(height, :pan_pipe_height, "The pan's pipe ends #{say(height)} above ground.") ||
      sound(
        "The pan's pipe ends #{say(height)} above ground.",
        measured: height,
        limit: visit.rules.limit(:pan_pipe_height)
      )
  end
end
