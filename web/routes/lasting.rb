# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # What goes out of the house, and what is added to what is signed: links, messages, calendars, tags, cards, amendments.
      module Lasting
        def self.registered(app)
          app.helpers Helpers
          visits(app)
          papers(app)
          public_pages(app)
          messages(app)
          calendars(app)
          app.get "/api/customers/:id/customer.vcf" do
            customer = Desk::ViewCustomer.new(desk).call(id)
            file "text/vcard", Formats::VcardText.render(customer, customer[:sites].map { |site| site[:address] }), "customer.vcf"
          end
        end

        def self.visits(app)
          app.post "/api/visits/:id/amendments" do
            Desk::Amend.new(desk).call(id, **sent)
            json(Desk::ReportPage.new(desk).for_firm(id))
          end
          app.get("/api/visits/:id/links") { json(Desk::Share.new(desk).list(id)) }
          app.post("/api/visits/:id/links") { json(link_told(Desk::Share.new(desk).create(id, **sent))) }
          app.post("/api/links/:id/revoke") { json(Desk::Share.new(desk).revoke(id)) }
        end

        # A visit on paper and as a file.
        def self.papers(app)
          app.get("/api/visits/:id/visit.json") { file "application/json", JSON.pretty_generate(VisitFormat.write(desk.records.visits.core(id, now: desk.now))), "visit.json" }
          app.get("/api/visits/:id/tag.pdf") { file "application/pdf", tag(Desk::ReportPage.new(desk).call(id)), "tag.pdf" }
        end

        # For whoever holds a link: the page of one visit, and nothing else.
        def self.public_pages(app)
          app.get("/api/shared/:token") { json(Desk::ReportPage.new(nobody).call(Desk::Share.open(nobody, params["token"], what: "page"))) }
          app.get "/api/shared/:token/report.pdf" do
            visit = Desk::Share.open(nobody, params["token"], what: "pdf")
            file "application/pdf", Desk::ReportPage.new(nobody).pdf(visit), "report.pdf"
          end
          app.get "/api/feeds/:token" do
            account = Desk::CalendarFeed.account(nobody, params["token"])
            file "text/calendar", Desk::CalendarFeed.new(nobody).call(account), "visits.ics"
          end
        end

        def self.messages(app)
          app.get("/api/outbox") { json(outbox.list) }
          app.post("/api/outbox/reports") { json(outbox.report(sent[:visit].downcase, **sent.slice(:id, :recipient, :days))) }
          app.post("/api/outbox/reminders") { json(outbox.reminder(sent[:due], **sent.slice(:id, :recipient))) }
          app.post("/api/outbox/:id/send") { json(outbox.deliver(id)) }
          app.get("/api/outbox/:id/message.eml") { file "message/rfc822", outbox.eml(id), "message.eml" }
          app.put("/api/settings/mail") { json(outbox.set(**sent)) }
        end

        def self.calendars(app)
          app.get("/api/calendar") { json(there: Desk::CalendarFeed.new(desk).there?) }
          app.get("/api/calendar.ics") { file "text/calendar", Desk::CalendarFeed.new(desk).call, "visits.ics" }
          app.post("/api/calendar/feed") { json(url: "#{base}/api/feeds/#{Desk::CalendarFeed.new(desk).create}") }
          app.post "/api/calendar/feed/end" do
            Desk::CalendarFeed.new(desk).end_feed
            json(there: false)
          end
        end

        # What its routes share.
        module Helpers
          # Where people reach this installation: as the operator says, or as this request came in.
          def base = ENV.fetch("MUNIMEN_URL") { request.base_url }.chomp("/")
          def tag(page) = Formats::TagPdf.new(page, "#{base}/heaters/#{records.visits.find(page[:visit_id])[:heater_id]}").render
          def link_told(link) = link.slice(:id, :expires_at).merge(url: "#{base}/shared/#{link[:token]}")
          def outbox = Desk::Outbox.new(desk, base:)
          # Who has no account: reads what a token opens.
          def nobody = @nobody ||= Desk::Context.new(records, person: { id: nil, name: nil, role: "nobody" })

          def file(type, bytes, name)
            content_type type
            headers "content-disposition" => "#{type == 'application/pdf' ? 'inline' : 'attachment'}; filename=\"#{name}\""
            bytes
          end
        end
      end
    end
  end
end
