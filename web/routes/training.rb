# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Exercises on the training rig.
      module Training
        def self.registered(app)
          app.helpers Helpers
          app.get("/api/training") { json(train.overview) }
          app.post("/api/training") { json(train.start(**sent)) }
          exercise(app)
          app.post("/api/training/:id/end") { json(train.finish(id)) }
          app.get("/api/training/:id/debrief") { json(train.debrief(id)) }
        end

        # What is done in one of them.
        def self.exercise(app)
          app.get("/api/training/:id") { json(train.show(id)) }
          app.put("/api/training/:id/clock") { json(train.set_clock(id, **sent)) }
          app.post("/api/training/:id/tests") { json(train.test(id, **sent)) }
          app.get("/api/training/:id/sights") do
            json(train.sights(id, operation: params["operation"]))
          end
          app.post("/api/training/:id/cause") { json(train.name(id, **sent)) }
        end

        # What its routes share.
        module Helpers
          # Exercises are kept with the firm's records, whatever visit is asked about.
          def train
            Desk::Train.new(Desk::Context.new(records, person:), config.training_runs)
          end
        end
      end
    end
  end
end
