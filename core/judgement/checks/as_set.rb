# frozen_string_literal: true

# How the thermostat stands, before any water has been measured: what is set too hot scalds whoever
# comes to the tap when it is hot, what is set too low lets legionella grow. Where hot water is
# mixed down, or a book wants it stored hot, high is right; a book with a range of its own for the
# thermostat says it there (tiers.rb).
Munimen::Judgement::Check.define :as_set, part: :thermostat do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    set = visit.heater.set_point or next
    says = msg("The thermostat is set to {set}.", set: say(set))
    next if visit.rules.limit(:set_point)
    next if visit.quantity(:tap_temperature) # the water tells more than the dial

    stored_hot = visit.rules.limit(:storage_temperature) || visit.heater.mixing_valve == :yes
    (exceeds_limit(set, :tap_temperature_scald, says) unless stored_hot) ||
      exceeds_limit(set, :tap_temperature_low, says)
  end
end
