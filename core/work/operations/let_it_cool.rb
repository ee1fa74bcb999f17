# frozen_string_literal: true

Munimen::Work::Operation.define :let_it_cool do
  part :tank
  trade :plumber
  title "Let it cool before anything is opened"
  how "Heat off, the cold left open. No tap, lever or drain is touched until a hand can " \
      "stay on the outlet."
  because "Water above its boiling point flashes to steam where it is let out."
  secures
  needs heat: :off, temperature: :hot
  wait 7_200, manner: :may_leave, label: "Cooling", holds: { heat: :off },
makes: { temperature: :cold }
  caution :scald
  hands_on 60
end
