# frozen_string_literal: true

Munimen::Work::Operation.define :shut_relief_after_air do
  part :relief_valve
  place :side
  title "Shut the {relief_valve} again"
  how "Lever down before any water is let in; the hot {tap} lets the air out from here on."
  because "It must be shut before the level reaches it, or grit settles on its seat."
  needs relief: :open, drain: :shut
  makes relief: :shut, air_path: :tap, drip_watch: :running
  serves :relief
  hands_on 10
end
