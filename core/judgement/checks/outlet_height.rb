# frozen_string_literal: true

# How high the relief valve's pipe ends, measured; the rulebook's bounds, or the house rule's.
Munimen::Judgement::Check.define :outlet_height, part: :discharge_end do
  on_page 160, "Height of the discharge pipe's end"
  uses :outlet_height
  judge do |visit|
    height = visit.quantity(:outlet_height)
    outdoors_only = visit.rules.book.is?(:us_upc) && visit.heater.discharge_ends != :outdoors
    floor = msg("Ends {height} above the floor.", height: say(height))
    next sound(floor, measured: height) if outdoors_only

    if %i[hopper roof stack].include?(visit.heater.discharge_ends)
      next sound(msg("Ends high up, at {height}.", height: say(height)), measured: height)
    end

    moved = visit.rules.moved_by(:outlet_height)
    exceeds_limit(
      height,
      :outlet_height,
      msg("Ends {height} above: too high.", height: say(height)),
      question: moved
    ) ||
      exceeds_limit(
        height,
        :outlet_clear,
        msg("Ends {height} above: too low.", height: say(height)),
        question: moved
      ) ||
      sound(
        msg("Ends {height} above.", height: say(height)),
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
    exceeds_limit(height, :pan_pipe_height, msg("The pan's pipe ends {height} above ground.",
                                                height: say(height))) ||
      sound(
        msg("The pan's pipe ends {height} above ground.", height: say(height)),
        measured: height,
        limit: visit.rules.limit(:pan_pipe_height)
      )
  end
end
