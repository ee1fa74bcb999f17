# frozen_string_literal: true

Munimen::Work::Job.define :mend_wiring,
                          title: "Mend terminals, covers and {earth}",
                          suits: :wired?,
                          operations: %i[
                            identify
                            look_over
                            mend_wiring
                            measure_elements
                            prove_earth
                            leave_site
                          ],
                          cures: %i[covers flex grounding disconnect wiring_seen earth_continuity]
