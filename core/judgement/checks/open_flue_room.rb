# frozen_string_literal: true

# A burner that takes its air from a room where people sleep or wash.
Munimen::Judgement::Check.define :open_flue_room, part: :flue do
  off_page "of what is installed: a deficiency where it is one"
  judge do |visit|
    heater = visit.heater
    next unless heater.gas? && %i[bedroom bathroom].include?(heater.location)
    next if heater.hood == :sealed

    source = visit.rules.book.pick(
      us_irc: Munimen::Source.published("IFGC", "303.3", clause: :from_memory),
      us_upc: Munimen::Source.published("UPC", "504.1", clause: :from_memory),
      canada_npc: Munimen::Source.published("CSA B149.1", "location", clause: :from_memory),
      england_g3: Munimen::Source.published("Gas Safety Regulations", "reg. 30",
                                            clause: :from_memory)
    )
    finding(
      :danger,
      "An open-flued burner in a bedroom or bathroom.",
      source:,
      who: :gas,
      due_in: 0,
      remedy: "Burner off and gas shut until a room-sealed {heater} is there, or it has been " \
              "moved.",
      explain: "The burner takes its air from a room where people sleep or wash. If its flue " \
               "fails, carbon monoxide reaches them first."
    )
  end
end
