# frozen_string_literal: true

module Munimen
  module Desk
    # The operations of the contract that a visit needs, said once for both who answer them: Sinatra
    # on the server, and the same Ruby in a browser without a signal. Each gives plain data.
    #
    #   Routes.find("POST", "/api/visits/…/steps") # => [route, {id: "…"}]
    module Routes
      # write: what is done, and given to `answer` as its last argument; nil for what only looks.
      # Both are called with the desk (Context), the parameters of path and query (Symbol => text)
      # and the body (Symbol keys).
      # made: where to find what a write has made, in words of the path and the body; nil where it
      # makes nothing that has a place of its own.
      Route = Struct.new(:verb, :path, :write, :answer, :made) do
        # What the person gets. once: whether only the writing counts, as where it is done again.
        def call(desk, given, sent, once: false)
          done = write&.call(desk, given, sent)
          answer.call(desk, given, sent, done) unless once
        end

        # The path of what it has made, or nil.
        def made_at(given, sent)
          made&.gsub(":new", sent[:id].to_s)&.gsub(":id", given[:id].to_s)
        end

        # Whether it is about the firm's records even where its id is of a training run.
        def firm? = path.start_with?("/api/training")

        def pattern
          @pattern ||= /\A#{path.gsub(/:(\w+)/, '(?<\1>[^/]+)')}\z/
        end
      end

      @all = []
      class << self
        attr_reader :all

        # Raises NotFound.
        def find(verb, path)
          all.each do |route|
            match = route.verb == verb && route.pattern.match(path) or next
            return [route, match.named_captures.transform_keys(&:to_sym)]
          end
          raise NotFound.new("There is no such thing here.", field: :path)
        end

        private

        def get(path, &answer) = all << Route.new("GET", path, nil, answer)

        def post(path, write, made: nil, &answer)
          all << Route.new("POST", path, write, answer, made)
        end

        def put(path, write, &answer) = all << Route.new("PUT", path, write, answer)
      end

      view = ->(desk, given, *) { ViewVisit.new(desk).call(given[:id]) }
      heater = ->(desk, given, *) { ViewHeater.new(desk).call(given[:id]) }
      page = lambda do |desk, given, *|
        ReportPage.new(desk).for_firm(given[:id], language: given[:language] || "en")
      end
      id = ->(_desk, _given, _sent, row) { row.slice(:id) }
      customer = ->(desk, _given, _sent, row) { ViewCustomer.new(desk).call(row[:id]) }
      units = ->(desk, given) { (given[:units] || desk.records.settings.units).to_sym }

      # The day, and whom it is about.
      get("/api/today") { |desk| ViewToday.new(desk).call }
      get("/api/me") { |desk| Profile.new(desk).show }
      get("/api/customers") do |desk, given|
        desk.records.customers.list(search: given[:search], after: given[:after])
      end
      post("/api/customers", ->(desk, _, sent) { AddCustomer.new(desk).call(**sent) },
           made: "/api/customers/:new", &customer)
      get("/api/customers/:id") { |desk, given| ViewCustomer.new(desk).call(given[:id]) }
      put(
        "/api/customers/:id",
        ->(desk, given, sent) { ChangeCustomer.new(desk).call(given[:id], **sent) },
        &customer
      )
      post(
        "/api/customers/:id/sites",
        ->(desk, given, sent) { AddSite.new(desk).call(customer_id: given[:id], **sent) },
        made: "/api/customers/:id",
        &id
      )
      put(
        "/api/sites/:id",
        ->(desk, given, sent) { ChangeSite.new(desk).call(given[:id], **sent) }
      ) { |desk, _, _, site| ViewCustomer.new(desk).call(site[:customer_id]) }
      post(
        "/api/sites/:id/heaters",
        ->(desk, given, sent) { KeepHeater.new(desk).add(site_id: given[:id], **sent) },
        made: "/api/heaters/:new",
        &id
      )

      # Heaters.
      get("/api/heater-form") { |desk, given| HeaterForm.fields(units.call(desk, given)) }
      get("/api/heaters/:id", &heater)
      put(
        "/api/heaters/:id",
        lambda do |desk, given, sent|
          KeepHeater.new(desk).change(given[:id], **sent.slice(:label, :installation))
        end,
        &heater
      )
      post(
        "/api/heaters/:id/end",
        ->(desk, given, sent) { EndHeater.new(desk).call(given[:id], **sent.except(:id)) },
        &heater
      )
      get("/api/heaters/:id/trends") { |desk, given| ViewTrends.new(desk).call(given[:id]) }
      get("/api/heaters/:id/what-if") { |desk, given| WhatIf.new(desk).call(given[:id]) }
      post(
        "/api/heaters/:id/visits",
        ->(desk, given, sent) { StartVisit.new(desk).book(heater_id: given[:id], **sent) },
        made: "/api/visits/:new",
        &id
      )
      get("/api/jobs") do |desk, given|
        words = Words[units.call(desk, given)]
        Work::Job.all.map { |job| { id: job.id, title: words.say(job.title) } }
      end

      # What may be in the way at its heater.
      get("/api/visits/:id/in-the-way") { |desk, given| InTheWay.new(desk).all(given[:id]) }

      # What a code on a display means, by the firm's own list.
      get("/api/codes") do |desk, given|
        DisplayCodes.new(desk).find(given[:code], visit: given[:visit])
      end

      # What a customer reads before a lever is lifted.
      get("/api/visits/:id/lever") { |desk, given| LeverCard.new(desk).call(given[:id]) }

      # What would be done about what was found, and what it costs.
      get("/api/visits/:id/estimate") { |desk, given| Estimate.new(desk).call(given[:id]) }

      # What a new part must be, and whether the one in the hand is.
      get("/api/visits/:id/parts") { |desk, given| MatchParts.new(desk).kinds(given[:id]) }
      get("/api/visits/:id/parts/:kind") do |desk, given|
        held = given.slice(*given.keys.grep(/\Aheld_/)).transform_keys { |key| key[5..] }
        MatchParts.new(desk).call(given[:id], given[:kind], held:)
      end

      # A visit while it goes on: what is done, read, seen and decided.
      get("/api/visits/:id", &view)
      post("/api/visits/:id/start", ->(desk, given, _) { StartVisit.new(desk).start(given[:id]) },
           &view)
      post(
        "/api/visits/:id/readings",
        ->(desk, given, sent) { TakeReading.new(desk).call(given[:id], **sent) }
      ) { |desk, _, _, taken| ReadingAnswer.new(desk).call(taken) }
      {
        "observations" => lambda { |desk, visit, sent|
          RecordObservations.new(desk).call(visit, **sent)
        },
        "steps" => ->(desk, visit, sent) { DoStep.new(desk).call(visit, **sent) },
        "undo" => ->(desk, visit, sent) { DoStep.new(desk).undo(visit, **sent) },
        "not-done" => ->(desk, visit, sent) { DoStep.new(desk).not_done(visit, **sent) },
        "take-back" => ->(desk, visit, sent) { TakeBack.new(desk).call(visit, **sent) },
        "decisions" => ->(desk, visit, sent) { Decide.new(desk).call(visit, **sent) },
        "facts" => ->(desk, visit, sent) { LearnFact.new(desk).call(visit, **sent) },
        "notes" => ->(desk, visit, sent) { AddNote.new(desk).call(visit, **sent) },
        "estimate" => ->(desk, visit, sent) { Estimate.new(desk).answer(visit, **sent) },
        "signatures" => ->(desk, visit, sent) { Sign.new(desk).call(visit, **sent) },
        "photos" => ->(desk, visit, sent) { AddPhoto.new(desk).call(visit, **sent) },
        "jobs" => ->(desk, visit, sent) { ChangeJobs.new(desk).add(visit, **sent) },
        "end" => ->(desk, visit, sent) { EndVisit.new(desk).call(visit, **sent) },
        "put-off" => ->(desk, visit, sent) { ChangeJobs.new(desk).put_off(visit, **sent) }
      }.each do |name, write|
        post("/api/visits/:id/#{name}", ->(desk, given, sent) { write[desk, given[:id], sent] },
             &view)
      end
      put(
        "/api/visits/:id/house-rules",
        ->(desk, given, sent) { HouseRules.new(desk).visit(given[:id], **sent) },
        &view
      )
      get("/api/visits/:id/alternatives") { |desk, given| Alternatives.new(desk).call(given[:id]) }
      get("/api/visits/:id/why") { |desk, given| Why.new(desk).call(given[:id], given[:check]) }
      get("/api/visits/:id/report", &page)
      post("/api/visits/:id/amendments",
           ->(desk, given, sent) { Amend.new(desk).call(given[:id], **sent) }, &page)

      # Faults, deficiencies and sums.
      get("/api/symptoms") do |desk, given|
        Diagnose.new(desk).symptoms(visit: given[:visit]&.downcase, kind: given[:kind])
      end
      post("/api/diagnose", nil) { |desk, _, sent| Diagnose.new(desk).call(**sent) }
      post(
        "/api/deficiencies/:id/close",
        lambda do |desk, given, sent|
          CloseDeficiency.new(desk).call(given[:id], **sent.except(:id))
        end
      ) { |desk, _, _, about| ViewHeater.new(desk).call(about) }
      get("/api/catalogue") do |desk, given|
        CatalogueSearch.new(desk).call(given[:search], book: given[:book])
      end
      get("/api/calculations") do |desk, given|
        of = units.call(desk, given)
        Calculations::Calculation.all.map { |one| Calculations::Sheet.new(one, of).to_h }
      end
      post("/api/calculations/:calculation", nil) do |_, given, sent|
        asked = (sent[:units] || "us").to_sym
        result = Calculations::Calculation[given[:calculation]].call(sent[:inputs], units: asked)
        result.to_h.merge(picture: Drawing::Chart.of(result))
      end
      get("/api/instruments") { |desk| Instruments.new(desk).list }

      # Exercises on the training rig. What is done there gives its own answer.
      done = ->(_desk, _given, _sent, said) { said }
      get("/api/training") { |desk| Train.new(desk).overview }
      post("/api/training", ->(desk, _, sent) { Train.new(desk).start(**sent) }, &done)
      get("/api/training/:id") { |desk, given| Train.new(desk).show(given[:id]) }
      {
        "clock" => ->(train, run, sent) { train.set_clock(run, **sent) },
        "tests" => ->(train, run, sent) { train.test(run, **sent) },
        "cause" => ->(train, run, sent) { train.name(run, **sent) },
        "end" => ->(train, run, _) { train.finish(run) }
      }.each do |name, write|
        post("/api/training/:id/#{name}",
             ->(desk, given, sent) { write[Train.new(desk), given[:id], sent] }, &done)
      end
      get("/api/training/:id/sights") do |desk, given|
        Train.new(desk).sights(given[:id], operation: given[:operation])
      end
      get("/api/training/:id/trace") do |desk, given|
        Train.new(desk).trace(given[:id], instrument: given[:instrument])
      end
      get("/api/training/:id/debrief") { |desk, given| Train.new(desk).debrief(given[:id]) }
    end
  end
end
