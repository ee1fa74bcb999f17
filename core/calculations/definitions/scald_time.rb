# frozen_string_literal: true

Munimen::Calculations::Calculation.define :scald_time do
  title "How soon water this hot burns"
  input :temperature, :temperature
  output :time, :time, note: "none below 110 °F, and from 110 to 120 °F where it is over 5 min"
  output :grade, :word
  output :words, :word
  output :caution, :word
  source Munimen::Source.from_memory(
    "Moritz & Henriques 1947, as tabled by US consumer-safety guidance"
  )

  compute do |i|
    seconds = Munimen::Physics::Scald.seconds(i[:temperature].si)
    grade, words =
      if seconds.nil?
        [:none, "no burn expected"]
      elsif seconds.infinite?
        [:slow, "over 5 min"]
      elsif seconds <= 2.0
        [:severe, "2 s or less"]
      elsif seconds <= 30
        [:severe, msg("about {seconds} s", seconds: seconds.round)]
      else
        [
          :burns,
          (
            if seconds >= 90
              msg("about {minutes} min",
                  minutes: (seconds / 60).round(1).to_s.delete_suffix(".0"))
            else
              msg("about {seconds} s", seconds: seconds.round)
            end
          )
        ]
      end
    { time: seconds&.infinite? ? nil : seconds, grade:, words:,
      caution: "For adult skin; children and the old burn sooner." }
  end
end
