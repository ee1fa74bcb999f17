# frozen_string_literal: true

Munimen::Work::Operation.define :make_safe do
  part :site
  place :front
  trade :plumber
  title "Make it safe: tag it, and tell who is there"
  how "See that every source of heat that the danger concerns is off and shut, hang the " \
      "tag, and tell the customer what it means."
  because "A danger stands: nothing else is done before it is safe."
  needs on_site: :yes
  makes as_found: :no
  materials "Tag"
  hands_on 60
end
