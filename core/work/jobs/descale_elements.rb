# frozen_string_literal: true

Munimen::Work::Job.define :descale_elements,
                          title: "Descale the {elements}",
                          operations: %i[
                            identify
                            look_over
                            measure_elements
                            descale_elements
                            leave_site
                          ]
