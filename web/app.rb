# frozen_string_literal: true

require "sinatra/base"

module Munimen
  module Web
    # The API: thin routes over the use cases in desk/. Requests have been held to the contract before
    # they get here.
    class App < Sinatra::Base
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, false
      set :protection, false
      set :host_authorization, permitted_hosts: []
      set :static, false
      set :logging, false
      set :method_override, false

      def self.with(config)
        Class.new(self) { set :munimen, config }
      end

      helpers do
        def config = settings.munimen
        def records = config.records

        def person
          @person ||= env["munimen.person"]
        end

        def desk
          raise Refused.new("Sign in first.", code: :not_signed_in) unless person

          config.desk_for(person, about)
        end

        # Id of the visit or heater that a request is about, if it is about one.
        def about = params["id"] || params["visit"] || (sent[:visit] if request.post? && request.path_info == "/api/diagnose")
        def train = Desk::Train.new(Desk::Context.new(records, person: person || raise(Refused.new("Sign in first.", code: :not_signed_in))), config.training_runs)

        def json(value, status = 200)
          content_type :json
          [status, JSON.generate(value)]
        end

        def sent = @sent ||= JSON.parse(request.body.tap(&:rewind).read, symbolize_names: true)
        def id = params["id"].downcase
        def units = (params["units"] || Rules::Book[records.settings.code_profile].units).to_sym
        def view = json(Desk::ViewVisit.new(desk).call(id))
      end

      error Munimen::Error do
        error = env["sinatra.error"]
        status, document = Problem.of(error)
        content_type "application/problem+json"
        halt status, document
      end

      error do
        error = env["sinatra.error"]
        warn "#{error.class}: #{error.message}\n  #{Array(error.backtrace).first(12).join("\n  ")}"
        content_type "application/problem+json"
        halt 500, Problem.document(500, "Something went wrong here; nothing of yours was lost. It has been noted.", code: "internal")
      end

      get "/api/session" do
        who = person&.slice(:id, :name, :role)
        json({ csrf: Rack::Protection::AuthenticityToken.token(env["rack.session"]), person: who, firm: records.settings.firm["name"],
               demo: config.demo_accounts })
      end

      register Routes::PressureLogs
      register Routes::Owed
      register Routes::DayPlan
      register Routes::Lasting
      register Routes::Data

      get("/api/today") { json(Desk::ViewToday.new(desk).call) }

      get("/api/customers") { desk && json(records.customers.list(search: params["search"])) }
      post("/api/customers") { json(Desk::ViewCustomer.new(desk).call(Desk::AddCustomer.new(desk).call(**sent)[:id])) }
      get("/api/customers/:id") { json(Desk::ViewCustomer.new(desk).call(id)) }
      put("/api/customers/:id") { json(Desk::ViewCustomer.new(desk).call(Desk::ChangeCustomer.new(desk).call(id, **sent)[:id])) }
      post("/api/customers/:id/sites") { json(Desk::AddSite.new(desk).call(customer_id: id, **sent).slice(:id)) }

      get("/api/heater-form") { desk && json(HeaterForm.fields(units)) }
      post("/api/sites/:id/heaters") { json(Desk::KeepHeater.new(desk).add(site_id: id, **sent).slice(:id)) }
      get("/api/heaters/:id") { json(Desk::ViewHeater.new(desk).call(id)) }
      get("/api/heaters/:id/trends") { json(Desk::ViewTrends.new(desk).call(id)) }
      get("/api/heaters/:id/what-if") { json(Desk::WhatIf.new(desk).call(id)) }
      put "/api/heaters/:id" do
        Desk::KeepHeater.new(desk).change(id, **sent.slice(:label, :installation))
        json(Desk::ViewHeater.new(desk).call(id))
      end
      post("/api/heaters/:id/visits") { json(Desk::StartVisit.new(desk).book(heater_id: id, **sent).slice(:id)) }
      get("/api/jobs") { desk && json(Work::Job.all.map { |job| { id: job.id, title: Words[units].say(job.title) } }) }

      get("/api/visits/:id") { view }
      post "/api/visits/:id/start" do
        Desk::StartVisit.new(desk).start(id)
        view
      end
      post "/api/visits/:id/observations" do
        Desk::Look.new(desk).call(id, **sent)
        view
      end
      post "/api/visits/:id/steps" do
        Desk::DoStep.new(desk).call(id, **sent)
        view
      end
      post "/api/visits/:id/undo" do
        Desk::DoStep.new(desk).undo(id, **sent)
        view
      end
      post "/api/visits/:id/decisions" do
        Desk::Decide.new(desk).call(id, **sent)
        view
      end
      post "/api/visits/:id/notes" do
        Desk::AddNote.new(desk).call(id, **sent)
        view
      end
      post "/api/visits/:id/signatures" do
        Desk::Sign.new(desk).call(id, **sent)
        view
      end
      post "/api/visits/:id/jobs" do
        Desk::ChangeJobs.new(desk).add(id, job: sent[:job])
        view
      end
      post "/api/visits/:id/put-off" do
        Desk::ChangeJobs.new(desk).put_off(id, **sent)
        view
      end
      get("/api/visits/:id/alternatives") { json(Desk::Alternatives.new(desk).call(id)) }
      get("/api/visits/:id/parts/:kind") { json(Desk::MatchParts.new(desk).call(id, params["kind"])) }
      get("/api/visits/:id/report") { json(Desk::ReportPage.new(desk).for_firm(id)) }
      get "/api/visits/:id/report.pdf" do
        file "application/pdf", Desk::ReportPage.new(desk).pdf(id), "report.pdf"
      end

      post "/api/visits/:id/photos" do
        Desk::AddPhoto.new(desk).call(id, **sent)
        view
      end
      get "/api/photos/:id" do
        desk
        photo = records.photos.find(id)
        headers "cache-control" => "private, max-age=31536000, immutable", "content-disposition" => "inline"
        content_type photo[:media_type]
        photo[:data]
      end
      get("/api/visits/:id/why") { json(Desk::Why.new(desk).call(id, params["check"])) }
      put "/api/visits/:id/house-rules" do
        Desk::HouseRules.new(desk).visit(id, **sent)
        view
      end
      post("/api/deficiencies/:id/close") { json(Desk::ViewHeater.new(desk).call(Desk::CloseDeficiency.new(desk).call(id, **sent.except(:id)))) }

      get("/api/settings") { json(Desk::ViewSettings.new(desk).call(site_id: params["site"])) }
      put "/api/settings/house-rules" do
        Desk::HouseRules.new(desk).firm(**sent)
        json(Desk::ViewSettings.new(desk).call)
      end
      put "/api/sites/:id/house-rules" do
        Desk::HouseRules.new(desk).site(id, **sent)
        json(Desk::ViewSettings.new(desk).call(site_id: id))
      end
      put "/api/people/:account/qualifications" do
        Desk::Qualify.new(desk).call(params["account"].to_i, **sent)
        json(Desk::ViewSettings.new(desk).call)
      end

      get("/api/symptoms") { json(Desk::Diagnose.new(desk).symptoms(visit: params["visit"]&.downcase, kind: params["kind"])) }
      post("/api/diagnose") { json(Desk::Diagnose.new(desk).call(**sent)) }

      get("/api/training") { json(train.overview) }
      post("/api/training") { json(train.start(**sent)) }
      get("/api/training/:id") { json(train.show(id)) }
      put("/api/training/:id/clock") { json(train.set_clock(id, **sent)) }
      post("/api/training/:id/tests") { json(train.test(id, **sent)) }
      get("/api/training/:id/sights") { json(train.sights(id, operation: params["operation"])) }
      post("/api/training/:id/cause") { json(train.name(id, **sent)) }
      post("/api/training/:id/end") { json(train.finish(id)) }
      get("/api/training/:id/debrief") { json(train.debrief(id)) }

      get("/api/instruments") { json(Desk::Instruments.new(desk).list) }
      put("/api/instruments") { json(Desk::Instruments.new(desk).replace(sent[:instruments])) }

      get("/api/parts") { json(Desk::MatchParts.new(desk).catalogue_text) }
      put "/api/parts" do
        Desk::MatchParts.new(desk).replace(sent[:csv])
        json(Desk::MatchParts.new(desk).catalogue_text)
      end

      get "/api/catalogue" do
        desk
        rules = Rules::InForce.new(params["book"] || records.settings.code_profile)
        words = Words[rules.units]
        json(Judgement::Catalogue.search(params["search"], rules).first(60).map do |entry|
          { id: entry.id, part: entry.part, place: words.part(entry.part), text: words.say(entry.text), grade: entry.grade,
            source: entry.source_under(rules.book.id).to_s, remedy: words.say(entry.remedy), who: entry.who }
        end)
      end

      get("/api/calculations") { desk && json(Calculation.all.map { |calculation| Calculation::Sheet.new(calculation, units).to_h }) }
      post "/api/calculations/:calculation" do
        desk
        result = Calculation[params["calculation"]].call(sent[:inputs], units: (sent[:units] || "us").to_sym)
        json(result.to_h.merge(picture: Drawing::Chart.of(result)))
      end

      not_found do
        content_type "application/problem+json"
        Problem.document(404, "There is no such thing here.", code: "not_found")
      end
    end
  end
end
