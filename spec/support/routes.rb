# frozen_string_literal: true

# A good request for every operation of the contract: {operation => [verb, path, body or nil]}. A
# body is a Hash (JSON), a String (CSV) or Zipped.
module Routes
  Zipped = Struct.new(:bytes)
  # What cannot be answered 200 without more: a signature before its visit is done, streams
  # without a socket, a mail without a server.
  OTHERWISE = { endSession: 404, tableImport: 404, stopImport: 404, sign: 409, events: 503,
                trace: 503, sharedPhoto: 404, toldPhoto: 404,
                sendMail: 409, tryMail: 409, beginning: 404, begin: 404,
                addCustomer: 201, addSite: 201, addHeater: 201, bookVisit: 201 }.freeze

  # Open to whoever holds what is in their path.
  def open = Munimen::Web::Operations.all.select { |_, one| one.who == :anyone }.keys

  # [content type, text] of a body.
  def written(body)
    case body
    when Zipped then ["application/zip", body.bytes]
    when String then ["text/csv", body]
    else ["application/json", JSON.generate(body)]
    end
  end

  def examples
    {
      **reading_routes,
      **visit_routes(office.start, -> { office.uuid }),
      **settings_routes,
      **records_routes,
      **lasting_routes,
      **rearranged_routes,
      **before_routes,
      **data_routes
    }
  end

  def fresh_customer
    office.uuid.tap do |id|
      Munimen::Desk::AddCustomer.new(office.context).call(id:, name: "Bo Lindqvist")
    end
  end

  def reading_routes
    heater = office.heater
    device = office.uuid
    id = -> { office.uuid }
    {
      session: [:get, "/api/session"],
      sessions: [:get, "/api/sessions"],
      pocket: [:get, "/api/pocket?heaters=#{heater}"],
      passkeys: [:get, "/api/passkeys"],
      retention: [:get, "/api/retention"],
      setRetention: [:put, "/api/settings/retention", { years: 6 }],
      endOtherSessions: [:post, "/api/sessions/others/end", {}],
      endSession: [:post, "/api/sessions/none/end", {}],
      devices: [:get, "/api/devices"],
      addDevice: [:post, "/api/devices", { id: device }],
      endDevice: [:post, "/api/devices/#{device}/end", {}],
      tokens: [:get, "/api/tokens"],
      makeToken: [:post, "/api/tokens", { id: device, name: "Books", scope: "read", days: 9 }],
      endToken: [:post, "/api/tokens/#{device}/end", {}],
      changes: [:get, "/api/changes?after=0&limit=5"],
      setSignIn: [:put, "/api/settings/sign-in", { second_factor: "nobody" }],
      securityLog: [:get, "/api/security-log"],
      today: [:get, "/api/today"],
      customers: [:get, "/api/customers?search=brook"],
      addCustomer: [:post, "/api/customers", { id: id[], name: "Bo Lindqvist" }],
      customer: [:get, "/api/customers/#{office.customer}"],
      changeCustomer: [
        :put,
        "/api/customers/#{office.customer}",
        { name: "Ada Brook", phone: "555-0100", email: "" }
      ],
      exportCustomer: [:get, "/api/customers/#{office.customer}/export.json"],
      eraseCustomer: [:post, "/api/customers/#{fresh_customer}/erase", {}],
      addSite: [
        :post,
        "/api/customers/#{office.customer}/sites",
        { id: id[], address: "2 Weir Lane" }
      ],
      addHeater: [
        :post,
        "/api/sites/#{office.site}/heaters",
        { id: id[], label: "Attic", installation: Build::ELECTRIC }
      ],
      heaterForm: [:get, "/api/heater-form"],
      heater: [:get, "/api/heaters/#{heater}"],
      whatIf: [:get, "/api/heaters/#{heater}/what-if"],
      trends: [:get, "/api/heaters/#{heater}/trends"],
      changeHeater: [:put, "/api/heaters/#{heater}", { label: "Cellar", installation: Build::GAS }],
      rulebook: [:get, "/api/books/england_g3"],
      correctLimit: [:put, "/api/books/us_irc/limits/static_pressure",
                     { at_most: "80", reason: "As adopted here" }],
      endHeater: [:post, "/api/heaters/#{heater}/end", { id: id[], how: "back" }],
      bookVisit: [
        :post,
        "/api/heaters/#{heater}/visits",
        { id: id[], jobs: ["annual_safety"], planned_for: "2026-11-24T09:00:00Z" }
      ],
      jobs: [:get, "/api/jobs"],
      catalogue: [:get, "/api/catalogue?search=tr"],
      calculations: [:get, "/api/calculations"],
      calculate: [
        :post,
        "/api/calculations/heat_up",
        { units: "us", inputs: { volume: "50", power: "4500 W", cold: 50, hot: "120" } }
      ]
    }
  end

  def own_days
    away = office.uuid
    plumber = office.person[:id]
    Munimen::Desk::Absences.new(office.context("owner")).add(
      id: away, person: plumber, from: "2027-01-04", to: "2027-01-08"
    )
    {
      rates: [:get, "/api/settings/rates"],
      setRates: [:put, "/api/settings/rates", { per_hour: "95.00" }],
      firm: [:get, "/api/settings/firm"],
      setFirm: [:put, "/api/settings/firm", { name: "Roe & Roe" }],
      people: [:get, "/api/people"],
      beginning: [:get, "/api/begin/some-code"],
      begin: [
        :post, "/api/begin/some-code",
        { name: "Bo", email: "bo@example.test", password: "a good long phrase", firm: "Bo & Co" }
      ],
      invitePerson: [
        :post, "/api/people", { name: "Bo", email: "#{office.uuid}@example.test", role: "office" }
      ],
      me: [:get, "/api/me"],
      setMe: [:put, "/api/me", { name: "Bo Roe", signature: [[[0.1, 0.2], [0.3, 0.4]]] }],
      places: [:get, "/api/places"],
      absences: [:get, "/api/absences"],
      addAbsence: [:post, "/api/absences", { id: office.uuid, person: plumber,
                                             from: "2026-12-24", to: "2026-12-26" }],
      endAbsence: [:post, "/api/absences/#{away}/end", {}],
      firstSteps: [:get, "/api/settings/first-steps"],
      leaveOutStep: [:put, "/api/settings/first-steps/logo", { left_out: true }]
    }
  end

  def invited_routes
    # A link is good for a week of the server's clock, not of the office's.
    owner = Munimen::Desk::Context.new(office.records, person: office.person("owner"))
    staff = Munimen::Desk::Staff.new(owner)
    invited = 3.times.map do |n|
      staff.invite(name: "Ada Roe", email: "ada#{n}@example.test", role: "plumber")[:token]
    end
    {
      invitation: [:get, "/api/join/#{invited[0]}"],
      join: [:post, "/api/join/#{invited[1]}", { password: "a good long phrase" }]
    }
  end

  def settings_routes
    records = office.records
    photo = office.uuid
    more = invited_routes
    fourth = records.people.by_email("ada2@example.test")[:id]
    Munimen::Desk::AddPhoto.new(office.context).call(
      office.start,
      id: photo,
      subject: "leak",
      data: [Photographs.jpeg].pack("m0")
    )
    office.walk(findings: { straps: :missing })
    deficiency =
      records.deficiencies.of_heater(office.heater).find { |one| one[:check] == "straps" }[:id]
    {
      **own_days,
      changePerson: [:put, "/api/people/#{fourth}", { name: "Ada Roe-Lind" }],
      visitsOfPerson: [:get, "/api/people/#{fourth}/visits"],
      handOver: [:post, "/api/people/#{fourth}/hand-over", { to: office.person[:id] }],
      crew: [:get, "/api/crew?on=2026-11-24"],
      mailByItself: [:put, "/api/settings/mail/by-itself", { kinds: ["booking"] }],
      tryMail: [:post, "/api/settings/mail/try", {}],
      newLink: [:post, "/api/people/#{fourth}/link", {}],
      closePerson: [:post, "/api/people/#{fourth}/close", {}],
      pausePerson: [:post, "/api/people/#{office.person("inspector")[:id]}/pause", {}],
      openPerson: [:post, "/api/people/#{office.person("inspector")[:id]}/open", {}],
      **more,
      addPhoto: [
        :post,
        "/api/visits/#{office.start}/photos",
        { id: office.uuid, subject: "leak", data: [Photographs.png].pack("m0") }
      ],
      photo: [:get, "/api/photos/#{photo}"],
      photoPart: [:post, "/api/photos/#{office.uuid}/parts", { from: 0, data: "" }],
      why: [
        :get,
        "/api/visits/#{records.database[:visits].where(status: "signed").get(:id)}/why?check=stat" \
        "ic_pressure"
      ],
      visitRules: [
        :put,
        "/api/visits/#{office.start}/house-rules",
        { rules: { lever_hold: "one_second" } }
      ],
      closeDeficiency: [
        :post,
        "/api/deficiencies/#{deficiency}/close",
        { id: office.uuid, status: "rectified", evidence: "Photo of the new straps" }
      ],
      settings: [:get, "/api/settings"],
      firmRules: [
        :put,
        "/api/settings/house-rules",
        { rules: { lever_hold: "one_second", relief_life: nil } }
      ],
      symptoms: [:get, "/api/symptoms?kind=gas_storage"],
      diagnose: [
        :post,
        "/api/diagnose",
        { kind: "unvented_indirect", symptom: "too_hot", evidence: { dial: "usual" } }
      ],
      instruments: [:get, "/api/instruments"],
      replaceInstruments: [
        :put,
        "/api/instruments",
        {
          instruments: [
            {
              id: "g1",
              title: "Gauge",
              reads: "pressure",
              host: "127.0.0.1",
              port: 4020,
              device: "pressure_gauge",
              point: "house",
              calibrated: "2026-01-31"
            }
          ]
        }
      ],
      trace: [:get, "/api/instruments/g1/trace"],
      parts: [:get, "/api/parts"],
      dueReminders: [:get, "/api/outbox/due-reminders"],
      mailDueReminders: [:post, "/api/outbox/due-reminders", { dues: [] }],
      findCode: [:get, "/api/codes?code=E4"],
      codes: [:get, "/api/settings/codes"],
      replaceCodes: [:put, "/api/settings/codes", { csv: "" }],
      numbers: [:get, "/api/numbers"],
      replaceParts: [:put, "/api/parts", { csv: "" }],
      **training,
      siteRules: [
        :put,
        "/api/sites/#{office.site}/house-rules",
        { rules: { discharge_height: "three_to_six" } }
      ],
      qualify: [
        :put,
        "/api/people/1/qualifications",
        { qualifications: [{ trade: "unvented", number: "U-204", expires: "2028-01-31" }] }
      ]
    }
  end

  def records_routes
    heater = office.heater
    file = File.join(office.config.folder, "log.csv")
    File.write(
      file,
      "time,psi\n#{Array.new(60) { |index| "#{index * 60},#{60 + (index % 2)}" }.join("\n")}"
    )
    log =
      Munimen::Desk::PressureLogs
        .new(office.context)
        .take_in(heater, id: office.uuid, name: "log.csv", file:) { nil }[
        :id
      ]
    due = office.uuid
    office.records.dues.add(
      id: due,
      heater_id: heater,
      visit_id: office.start,
      kind: "annual_service",
      on: "2026-11-20",
      text: "The year"
    )
    week = { from: "2026-11-24", days: 7, offset: 60 }
    {
      pressureLogs: [:get, "/api/heaters/#{heater}/pressure-logs"],
      pressureLog: [:get, "/api/pressure-logs/#{log}"],
      addPressureLog: [
        :post,
        "/api/heaters/#{heater}/pressure-logs?log=#{office.uuid}&name=a.csv",
        "time,psi\n1,60"
      ],
      owed: [:get, "/api/owed"],
      decideOwed: [
        :post,
        "/api/owed/#{due}/decision",
        { id: office.uuid, what: "snooze", reason: "Away", day: "2026-12-20" }
      ],
      changeSite: [
        :put,
        "/api/sites/#{office.site}",
        { address: "1 Weir Lane", household: "at_risk", lat: 45.01, lng: -70.2 }
      ],
      plan: [:get, "/api/plan?from=2026-11-24&days=7&offset=60"],
      checkPlan: [:post, "/api/plan/check", { **week, arrangement: [] }],
      proposePlan: [:post, "/api/plan/propose", week],
      applyPlan: [:put, "/api/plan", { **week, arrangement: [] }],
      bringInLog: [
        :post,
        "/api/pressure-logs/#{log}/visit",
        { id: office.uuid, visit: office.start }
      ]
    }
  end

  def training
    desk = Munimen::Desk::Train.new(office.config.desk_for(office.person("owner")))
    id, over = Array.new(2) { desk.start(scenario: "turned-down")[:id] }
    desk.finish(over)
    at = "/api/training/#{id}"
    {
      training: [:get, "/api/training"],
      startTraining: [:post, "/api/training", { seed: 7 }],
      exercise: [:get, at],
      trainingClock: [:post, "#{at}/clock", { id: office.uuid, speed: 10, skip: 60 }],
      trainingTest: [:post, "#{at}/tests", { id: office.uuid, test: "dial" }],
      trainingTrace: [:get, "#{at}/trace?instrument=t#{id[-12..]}-pressure_gauge-house"],
      sights: [:get, "#{at}/sights?operation=watch_relief_drip"],
      nameCause: [:post, "#{at}/cause", { cause: "dip_tube_broken" }],
      endTraining: [:post, "#{at}/end"],
      debrief: [:get, "/api/training/#{over}/debrief"]
    }
  end

  # A step that has been given up; its id.
  def given_up(visit)
    office.step(visit, "inspect_anode", "not_tested", reason: "No room above")
    office.records.visits.load(visit, now: office.now).standing.last.id
  end

  def visit_routes(visit, id)
    booked =
      Munimen::Desk::StartVisit.new(office.context).book(
        id: id[],
        heater_id: office.heater,
        jobs: ["pressure_check"],
        planned_for: office.now.iso8601
      )[
        :id
      ]
    {
      visit: [:get, "/api/visits/#{visit}"],
      startVisit: [:post, "/api/visits/#{booked}/start", {}],
      takeReading: [
        :post,
        "/api/visits/#{visit}/readings",
        { id: id[], name: "static_pressure", value: "3.6 bar" }
      ],
      look: [
        :post,
        "/api/visits/#{visit}/observations",
        { items: [{ id: id[], item: "leak", finding: "fitting", note: "cold inlet" }] }
      ],
      doStep: [
        :post,
        "/api/visits/#{visit}/steps",
        { id: id[], operation: "fit_gauge", outcome: "already_so" }
      ],
      undoStep: [:post, "/api/visits/#{visit}/undo", { id: id[] }],
      stepNotDone: [:post, "/api/visits/#{visit}/not-done", { id: id[], of: given_up(visit) }],
      takeBack: [:post, "/api/visits/#{visit}/take-back",
                 { id: id[], of: office.read(visit, "mains_pressure", "70")[:reading].id }],
      decide: [
        :post,
        "/api/visits/#{visit}/decisions",
        { id: id[], name: "consent", value: "given" }
      ],
      addNote: [
        :post,
        "/api/visits/#{visit}/notes",
        { id: id[], entry: "straps.missing", place: "left side" }
      ],
      answerEstimate: [:post, "/api/visits/#{visit}/estimate",
                       { id: id[], about: "finding.straps.missing", answer: "postponed" }],
      sign: [
        :post,
        "/api/visits/#{visit}/signatures",
        { id: id[], signer: "customer", refused: "Not at home" }
      ],
      learnFact: [:post, "/api/visits/#{visit}/facts",
                  { id: id[], field: "pan", value: "yes" }],
      addJob: [:post, "/api/visits/#{visit}/jobs", { id: id[], job: "flush" }],
      putOff: [
        :post,
        "/api/visits/#{visit}/put-off",
        { id: id[], job: "flush", reason: "No hose" }
      ],
      booking: [:get, "/api/visits/#{visit}/booking"],
      changeBooking: [:put, "/api/visits/#{visit}/booking", { account_id: office.person[:id] }],
      endVisit: [:post, "/api/visits/#{visit}/end",
                 { id: id[], how: "given_up" }],
      alternatives: [:get, "/api/visits/#{visit}/alternatives"],
      events: [:get, "/api/visits/#{visit}/events"],
      inTheWay: [:get, "/api/visits/#{visit}/in-the-way"],
      estimate: [:get, "/api/visits/#{visit}/estimate"],
      leverCard: [:get, "/api/visits/#{visit}/lever"],
      partKinds: [:get, "/api/visits/#{visit}/parts"],
      matchParts: [:get, "/api/visits/#{visit}/parts/relief_valve"],
      report: [:get, "/api/visits/#{visit}/report"],
      reportPdf: [:get, "/api/visits/#{visit}/report.pdf"]
    }
  end

  def lasting_routes
    signed = office.records.database[:visits].where(status: "signed").get(:id)
    { **link_routes(signed), **message_routes(signed), **calendar_routes }
  end

  def link_routes(signed)
    share = Munimen::Desk::Share.new(office.context)
    link, page, pdf = Array.new(3) { share.create(signed, id: office.uuid) }
    at = "/api/visits/#{signed}"
    {
      amend: [:post, "#{at}/amendments", { id: office.uuid, reason: "Forgot", text: "More" }],
      links: [:get, "#{at}/links"],
      addLink: [:post, "#{at}/links", { id: office.uuid }],
      revokeLink: [:post, "/api/links/#{link[:id]}/revoke", {}],
      tagPdf: [:get, "#{at}/tag.pdf"],
      visitFile: [:get, "#{at}/visit.json"],
      tag: [:get, "/api/tags/#{office.heater}"],
      shared: [:get, "/api/shared/#{page[:token]}"],
      sharedPhoto: [:get, "/api/shared/#{pdf[:token]}/photos/#{office.uuid}"],
      sharedPlain: [:get, "/api/shared/#{page[:token]}/page.html"],
      sharedPdf: [:get, "/api/shared/#{pdf[:token]}/report.pdf"]
    }
  end

  def message_routes(signed)
    mail, due = Array.new(2) { office.uuid }
    Munimen::Desk::Outbox.new(office.context, base: "http://here").report(
      signed,
      id: mail,
      recipient: "a@example.test"
    )
    office.records.dues.add(
      id: due,
      heater_id: office.heater,
      visit_id: signed,
      kind: "annual_service",
      on: "2026-11-20",
      text: "The year"
    )
    {
      outbox: [:get, "/api/outbox"],
      mailReport: [
        :post,
        "/api/outbox/reports",
        { id: office.uuid, visit: signed, recipient: "a@example.test" }
      ],
      mailBooking: [
        :post,
        "/api/outbox/bookings",
        { id: office.uuid, visit: signed, what: "booked", recipient: "a@example.test" }
      ],
      mailReminder: [
        :post,
        "/api/outbox/reminders",
        { id: office.uuid, due:, recipient: "a@example.test" }
      ],
      sendMail: [:post, "/api/outbox/#{mail}/send", {}],
      eml: [:get, "/api/outbox/#{mail}/message.eml"],
      setMail: [:put, "/api/settings/mail", { host: "" }]
    }
  end

  def calendar_routes
    feed = Munimen::Desk::CalendarFeed.new(office.context).create
    {
      feed: [:get, "/api/feeds/#{feed}"],
      calendar: [:get, "/api/calendar"],
      calendarFile: [:get, "/api/calendar.ics"],
      addFeed: [:post, "/api/calendar/feed", {}],
      endFeed: [:post, "/api/calendar/feed/end", {}],
      vcard: [:get, "/api/customers/#{office.customer}/customer.vcf"]
    }
  end

  def before_routes
    visit = office.uuid
    Munimen::Desk::StartVisit.new(office.context).book(
      id: visit, heater_id: office.heater, jobs: ["flush"], planned_for: Time.now.utc.iso8601
    )
    link = Munimen::Desk::ToldBefore.new(office.context).link(visit).split("/").last
    {
      before: [:get, "/api/before/#{link}"],
      sayBefore: [:post, "/api/before/#{link}", { words: "It drips", temperature: "118" }],
      pictureBefore: [:post, "/api/before/#{link}/photos",
                      { id: office.uuid, slot: "plate", data: [Photographs.png].pack("m0") }],
      beforeLink: [:get, "/api/visits/#{visit}/before"],
      toldPhoto: [:get, "/api/told-photos/#{office.uuid}"]
    }
  end

  def rearranged_routes
    other, site, heater = moved
    {
      mergeCustomers: [:post, "/api/customers/#{office.customer}/merge",
                       { id: office.uuid, other: }],
      moveSite: [:post, "/api/sites/#{site}/move", { id: office.uuid, customer: office.customer }],
      moveVisit: [:post, "/api/visits/#{booked_here}/move", { id: office.uuid, heater: }],
      moveHeater: [:post, "/api/heaters/#{heater}/move",
                   { id: office.uuid, site: office.records.heaters.find(office.heater)[:site_id] }],
      undoables: [:get, "/api/undoables"],
      undo: [:post, "/api/undoables/#{undoable}/undo", {}]
    }
  end

  # A visit that is booked at the office's heater.
  def booked_here
    Munimen::Desk::StartVisit.new(office.context).book(
      id: office.uuid, heater_id: office.heater, jobs: ["flush"], planned_for: office.now.iso8601
    )[:id]
  end

  # A customer to be put together with another, and a site and a heater to be moved.
  def moved
    ids = Array.new(3) { office.uuid }
    Munimen::Desk::AddSite.new(office.context)
                          .call(id: ids[1], customer_id: fresh_customer, address: "3 Mill Row")
    Munimen::Desk::AddSite.new(office.context)
                          .call(id: site = office.uuid, customer_id: fresh_customer,
                                address: "4 Mill Row")
    Munimen::Desk::KeepHeater.new(office.context)
                             .add(id: ids[2], site_id: site, label: "Loft", installation: Build::GAS)
    [fresh_customer, ids[1], ids[2]]
  end

  def undoable
    office.uuid.tap do |id|
      today = Munimen::Desk::Context.new(office.records, person: office.person)
      Munimen::Desk::Rearrange.new(today)
                              .merge(fresh_customer, other: fresh_customer, id:)
    end
  end

  # The restore comes last: it puts back what was there before.
  def data_routes
    path = File.join(office.config.folder, "backup.zip")
    Munimen::Desk::Backup.new(office.records, office.config.folder).write(path)
    {
      exportTable: [:get, "/api/tables/customers/export.csv"],
      startTableImport: [
        :post, "/api/tables/customers/imports/#{office.uuid}", "name\nBo Lindqvist"
      ],
      tableImport: [:get, "/api/table-imports/#{office.uuid}"],
      stopImport: [:post, "/api/imports/#{office.uuid}/stop", {}],
      previewTable: [:post, "/api/tables/customers/preview", "name\nBo"],
      importTable: [:post, "/api/tables/customers", "name\nBo"],
      setBackup: [:put, "/api/settings/backup", { passphrase: nil }],
      seals: [:get, "/api/seals"],
      repairSeals: [:post, "/api/seals/repair", {}],
      backup: [:get, "/api/backup.zip"],
      bundle: [:get, "/api/bundle.zip"],
      restore: [:post, "/api/restore", Zipped.new(File.binread(path))]
    }
  end
end
