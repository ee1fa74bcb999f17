# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # A visit while it goes on: what is done, read, seen and decided.
      module Visits
        # path's last part => the use case that takes the body
        WRITES = {
          "observations" => lambda { |desk, id, sent|
            Desk::RecordObservations.new(desk).call(id, **sent)
          },
          "steps" => ->(desk, id, sent) { Desk::DoStep.new(desk).call(id, **sent) },
          "undo" => ->(desk, id, sent) { Desk::DoStep.new(desk).undo(id, **sent) },
          "decisions" => ->(desk, id, sent) { Desk::Decide.new(desk).call(id, **sent) },
          "notes" => ->(desk, id, sent) { Desk::AddNote.new(desk).call(id, **sent) },
          "signatures" => ->(desk, id, sent) { Desk::Sign.new(desk).call(id, **sent) },
          "photos" => ->(desk, id, sent) { Desk::AddPhoto.new(desk).call(id, **sent) },
          "jobs" => ->(desk, id, sent) { Desk::ChangeJobs.new(desk).add(id, job: sent[:job]) },
          "put-off" => ->(desk, id, sent) { Desk::ChangeJobs.new(desk).put_off(id, **sent) }
        }.freeze

        def self.registered(app)
          app.helpers Helpers
          writes(app)
          app.get("/api/visits/:id") { view }
          app.get("/api/visits/:id/alternatives") { json(Desk::Alternatives.new(desk).call(id)) }
          app.get("/api/visits/:id/why") { json(Desk::Why.new(desk).call(id, params["check"])) }
          app.put("/api/visits/:id/house-rules") do
            Desk::HouseRules.new(desk).visit(id, **sent)
            view
          end
        end

        def self.writes(app)
          app.post("/api/visits/:id/start") do
            Desk::StartVisit.new(desk).start(id)
            view
          end
          app.post("/api/visits/:id/readings") do
            taken = Desk::TakeReading.new(desk).call(id, **sent)
            json(Desk::ReadingAnswer.new(desk).call(taken))
          end
          WRITES.each do |name, write|
            app.post("/api/visits/:id/#{name}") do
              write.call(desk, id, sent)
              view
            end
          end
        end

        # What its routes share.
        module Helpers
          def view = json(Desk::ViewVisit.new(desk).call(id))
        end
      end
    end
  end
end
