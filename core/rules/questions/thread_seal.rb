# frozen_string_literal: true

Munimen::Rules::Question.define :thread_seal do
  ask "What seals a thread?"
  about :joints
  option :tape, "tape", "Three or four turns with the thread are enough and stay clean."
  option :tape_and_paste, "tape and paste", "Paste fills what tape bridges."
  default_option :tape
end
