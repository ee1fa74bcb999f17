# frozen_string_literal: true

Munimen::Work::Job.define :clean_burner,
                          title: "Clean burner and intake",
                          operations: %i[identify look_over clean_burner test_draught leave_site],
                          cures: %i[pilot_flame intake]
