# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # The calculators, and the jobs that a visit can have.
      module Calculations
        def self.registered(app)
          all = Munimen::Calculations
          app.get("/api/calculations") do
            json(all::Calculation.all.map { |one| all::Sheet.new(one, units).to_h })
          end
          app.post("/api/calculations/:calculation") do
            asked = (sent[:units] || "us").to_sym
            result = all::Calculation[params["calculation"]].call(sent[:inputs], units: asked)
            json(result.to_h.merge(picture: Drawing::Chart.of(result)))
          end
          app.get("/api/jobs") do
            words = Words[units]
            json(Work::Job.all.map { |job| { id: job.id, title: words.say(job.title) } })
          end
        end
      end
    end
  end
end
