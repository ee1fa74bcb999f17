# frozen_string_literal: true

Munimen::Work::Job.define :find_isolator,
                          title: "Find the isolator that makes it dead",
                          suits: :fed?,
                          operations: %i[
                            identify
                            look_over
                            find_isolator
                            prove_dead
                            leave_site
                          ],
                          cures: %i[supply_legs]
