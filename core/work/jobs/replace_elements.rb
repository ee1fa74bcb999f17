# frozen_string_literal: true

Munimen::Work::Job.define :replace_elements,
                          title: "Replace an {element}",
                          operations: %i[
                            identify
                            look_over
                            measure_elements
                            replace_elements
                            leave_site
                          ],
                          cures: %i[element element_lower]
