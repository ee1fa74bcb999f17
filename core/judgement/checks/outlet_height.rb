# frozen_string_literal: true

# Two diameters of a pipe that is larger than the usual 3/4 in are more than the limit's 1 1/2 in.
two_diameters = { one: 2.0 }.transform_values do |inches|
  Munimen::Measure::Quantity.of(inches, "in", :length)
end
too_low = lambda do |check, height, visit, moved|
  text = "Ends #{check.say(height)} above: too low."
  limit = visit.rules.limit(:outlet_clear) or next
  wider = two_diameters[visit.heater.relief_outlet] if visit.rules.book.id == :us_irc
  limit = limit.with({ at_least: wider }, limit.source) if wider
  next unless limit.violated_by(height)

  check.finding(limit.grade, text, limit:, measured: height, question: moved)
end

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
      too_low[self, height, visit, moved] ||
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
