# frozen_string_literal: true

Munimen::Work::Job.define :replace_anode,
                          title: "Replace the anode",
                          operations: %i[identify look_over replace_anode leave_site],
                          cures: %i[anode_left anode_seen]
