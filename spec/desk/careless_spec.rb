# frozen_string_literal: true

require "office_helper"
require_relative "../support/shadow"

# Somebody who tries everything, in and out of order, with reasons, with “already so”, undoing,
# with a clock that is wrong and a record or a house rule changed in the middle – on every kind of
# heater, through the use cases that screen and API call and, one visit in three, through HTTP –
# watched by the bystander of spec/support/shadow.rb. Handbook §22, §24.
RSpec.describe Shadow, :long do
  include Rack::Test::Methods

  tries = 120 # of each seed; bin/bench careless 20000 goes through as many seeds as that takes
  desk = Munimen::Desk
  dangers = {
    relief_valve: [:relief_present, :plugged, %i[replace_relief_valve exercise_new_relief_valve]],
    flue: [:flue, :disconnected, %i[mend_flue test_draught], %i[burner], true],
    discharge: [:discharge_open, :capped, %i[mend_discharge see_discharge_run]],
    expansion_relief: [
      :expansion_relief_seen, :plugged,
      [%i[replace_inlet_group replace_expansion_relief], :exercise_expansion_relief]
    ],
    covers: [:covers, :scorched, %i[mend_wiring measure_elements],
             %i[element upper_element lower_element immersion]],
    cut_out: [:cut_out_seen, :bridged, %i[fit_cut_out test_cut_out], nil, true],
    tank_leak: [:leak, :running, [nil, nil]]
  }
  british = %w[england_g3 scotland_4_9 wales_g]
  american = %w[us_irc us_upc canada_npc]
  books = Munimen::Heater::Fields::UNVENTED.to_h { |kind| [kind, british] }
  fuels = %w[natural_gas lp butane unknown]
  words = %i[
    works zero sound full_bore lifts shuts dry no_bubbles stops heats drawn_in runs_clear none
    stays clear air by_hand stays_off hung nobody_required called_from_outside blue_on_tip yes
    in_order mended
  ]
  # Where a dial has two scales its unit is said.
  dual = { pressure: "60 psi", temperature: "120 degF", volume: "5 gal" }
  numbers = { pressure: "60", temperature: "120", resistance: "12.9", insulation: "OL" }

  # One visit, and what the bystander has seen of it.
  stage = Struct.new(:visit, :shadow, :events, :heater, :place, :http, :book)
  define_method(:app) { @app ||= Munimen::Web::Stack.build(office.config) }

  # A request as the screen sends it, at the office's time; a refusal is raised as the use case
  # would.
  define_method(:ask) do |path, **body|
    allow(Time).to receive(:now) { office.now }
    # the session ends with the days that go by
    if @token.nil? || office.now - @signed_in > 40_000
      clear_cookies
      sign_in
      @signed_in = office.now
    end
    header "X-CSRF-Token", @token
    post path, JSON.generate(body)
    return if last_response.successful?

    answer = JSON.parse(last_response.body)
    raise "#{path} #{body}: #{last_response.status}" if last_response.status >= 500

    raise Munimen::Refused.new(answer["title"], code: answer["code"]&.to_sym)
  end

  define_method(:sign_in) do
    header "Content-Type", "application/json"
    header "Accept", "application/json"
    2.times do
      get("/api/session")
      header "X-CSRF-Token", (@token = JSON.parse(last_response.body)["csrf"])
      post("/auth/login", JSON.generate(login: "plumber@example.test", password: Office::PASSWORD))
    end
    get("/api/session")
    @token = JSON.parse(last_response.body)["csrf"]
  end

  # The sites of both countries.
  define_method(:site) do |book|
    (@sites ||= {})[book] ||= office.uuid.tap do |id|
      desk::AddSite.new(office.context).call(
        id:, customer_id: office.customer, address: "2 Weir Lane", code_profile: book
      )
    end
  end

  # What an operation asks; with all that the answers open, if it is done with care.
  define_method(:answer) do |id, operation, care: false|
    visit = office.records.visits.load(id, now: office.now)
    operation.reads.each do |read|
      visit = office.records.visits.load(id, now: office.now) if care
      next if read.optional || !read.asked?(visit)

      value = (read.choices && (words & read.choices).first) || read.choices&.first
      value ||= numbers.fetch(read.kind, read.name == :room_co ? "2" : "5")
      value = dual.fetch(read.kind, value) if visit.units == :canada
      office.read(id, read.name, value)
    rescue Munimen::Error
      nil
    end
    return unless operation.looks

    before = visit.observations.to_h { |one| [one.item, one.finding] }
    office.look(id, operation.looks, **before)
  end

  define_method(:fresh_stage) do |random|
    kind = Build::KINDS.keys.sample(random:)
    book = books.fetch(kind, american).sample(random:)
    units = Munimen::Rules::Book.find(book).units
    plate = kind == :gas_storage ? { fuel: fuels.sample(random:) } : {}
    place = office.uuid
    desk::KeepHeater.new(office.context)
      .add(id: place, site_id: site(book), label: "Cellar", installation: Build::KINDS[kind].merge(plate))
    heater = heater(kind, units:, **plate)
    jobs = Munimen::Work::Job.fitting(heater).map(&:id).sample(3, random:)
    visits = desk::StartVisit.new(office.context)
    id = office.uuid
    visits.book(id:, heater_id: place, jobs:, planned_for: office.now.iso8601)
    visits.start(id)
    desk::Decide.new(office.context)
      .call(id, id: office.uuid, name: "consent", value: "given")
    stage.new(id, described_class.new(heater), [], heater, place, random.rand(3).zero?, book)
  end

  # The bystander sees all again, without what was undone.
  define_method(:watch_again) do |stage|
    stage.shadow = described_class.new(stage.heater)
    stage.events.each { |event| see(stage.shadow, event) }
  end

  define_method(:see) do |shadow, (kind, what)|
    case kind
    when :danger
      _, _, _, sources, firing = dangers[what]
      shadow.danger(what, sources: sources || Shadow::ALL, firing: firing || false)
    when :found then shadow.found(what)
    when :apart then shadow.left_apart(what)
    when :act
      shadow.act(what)
      dangers.each do |name, (_, _, (mend, prove))|
        shadow.cleared(name) if what == prove && shadow.dangers[name]&.fetch(:mended)
        shadow.mended(name) if Array(mend).include?(what)
      end
    end
  end

  define_method(:happens) do |stage, event|
    stage.events << event
    see(stage.shadow, event)
  end

  define_method(:planned) do |stage|
    visit = office.records.visits.load(stage.visit, now: office.now)
    office.records.plans.plan(visit).steps.first&.operation&.id
  end

  any = ->(random) { Munimen::Work::Operation.ids.sample(random:) }
  # What is tried, in how many of a hundred.
  moves = {
    next_one: 50, plain: 15, already_so: 10, override: 8, not_tested: 1, apart: 1, undo: 3, late: 2,
    wait: 4, heater: 1, rules: 1, danger: 2, sign: 2
  }.flat_map { |move, share| [move] * share }
  how = {
    plain: ->(random) { { answers: random.rand < 0.5 } },
    already_so: ->(_) { { outcome: "already_so" } },
    override: ->(_) { { answers: true, override: "It is in my way" } },
    not_tested: ->(_) { { outcome: "not_tested", reason: "No time" } },
    late: ->(_) { { at: (office.now - 900).iso8601, answers: true } }
  }

  # True when the visit is locked by it.
  define_method(:try) do |stage, random|
    move = moves.sample(random:)
    if how.key?(move)
      step(stage, any[random], **instance_exec(random, &how[move]))
      return false
    end
    case move
    when :next_one then step(stage, planned(stage) || any[random], answers: true)
    when :apart
      step(stage, planned(stage) || any[random], outcome: "left_apart", reason: "Torn")
    when :undo then undo(stage)
    when :wait then office.pass(random.rand(3600))
    when :heater then change_heater(stage, random)
    when :rules then change_rules(stage, random)
    when :danger then endanger(stage, random)
    else return sign(stage)
    end
    false
  end

  define_method(:step) do |stage, id, answers: false, care: false, outcome: "done", **more|
    answer(stage.visit, Munimen::Work::Operation[id], care:) if answers
    office.pass(20)
    if stage.http
      ask("/api/visits/#{stage.visit}/steps", id: office.uuid, operation: id, outcome:, **more)
    else
      office.step(stage.visit, id, outcome, **more)
    end
    kinds = { "done" => :act, "already_so" => :found, "left_apart" => :apart }
    happens(stage, [kinds[outcome], id])
  end

  define_method(:undo) do |stage|
    if stage.http then ask("/api/visits/#{stage.visit}/undo", id: office.uuid)
    else desk::DoStep.new(office.context).undo(stage.visit, id: office.uuid)
    end
    index = stage.events.rindex { |kind, _| kind != :danger }
    stage.events.delete_at(index) if index
    watch_again(stage)
  end

  define_method(:change_heater) do |stage, random|
    pressure = stage.heater.unvented? ? ["6 bar", "10 bar"] : ["150 psi", "300 psi"]
    desk::KeepHeater.new(office.context).change(
      stage.place,
      label: "Changed",
      installation: Build::KINDS[stage.heater.kind].merge(
        working_pressure: pressure.sample(random:)
      )
    )
  end

  define_method(:change_rules) do |stage, random|
    question = Munimen::Rules::Question[
      %i[drain_air drain_at_pilot relief_when charge_method relief_exercise].sample(random:)
    ]
    choice = question.options.keys.sample(random:).to_s
    desk::HouseRules.new(office.context).visit(stage.visit, rules: { question.id.to_s => choice })
  end

  define_method(:endanger) do |stage, random|
    name = dangers.keys.sample(random:)
    item, finding = dangers[name]
    known = Munimen::Inspection::InspectionItem[item]
    rules = Munimen::Rules::EffectiveRules.new(stage.book.to_sym)
    return unless known.applies?(stage.heater, rules) && known.findings.key?(finding)

    desk::RecordObservations.new(office.context).call(
      stage.visit,
      items: [{ id: office.uuid, item: item.to_s, finding: finding.to_s }]
    )
    happens(stage, [:danger, name]) unless stage.shadow.dangers.key?(name)
  end

  # Both sign; true when the visit is locked.
  define_method(:sign) do |stage|
    visit = office.records.visits.load(stage.visit, now: office.now)
    findings = Munimen::Judgement::Judge.new(visit).deficiencies
    findings.select { |one| one.grade == :danger }.each do |one|
      %w[action told].each do |what|
        name = "danger.#{one.check}.#{what}"
        desk::Decide.new(office.context).call(stage.visit, id: office.uuid, name:, value: "Said")
      end
    end
    signer = desk::Sign.new(office.context)
    signer.call(stage.visit, id: office.uuid, signer: "customer", refused: "In a hurry")
    signer.call(stage.visit, id: office.uuid, signer: "plumber", name: "Sam Reed",
                             strokes: [[[0.1, 0.1], [0.2, 0.2]]])
    stage.shadow.signed(office.records.visits.find(stage.visit)[:outcome].to_sym)
    true
  end

  careful = { answers: true, care: true }
  hopeless = { outcome: "not_tested", reason: "It does not help" }

  # Follows the plan out of wherever the visit has come to, gives up what has not helped twice, and
  # signs; nil, or what stood in the way.
  define_method(:leave) do |stage|
    last = nil
    tried = Hash.new(0)
    80.times do
      last = planned(stage) or break
      given_up = (tried[last] += 1) == 3 && last != :make_safe # never given up
      step(stage, last, **(given_up ? hopeless : careful))
    rescue Munimen::Error => e
      return "#{last}: #{e.message}" unless e.code == :waiting || (last && waiting?(stage))

      office.pass(6 * 3600)
    end
    left_out(stage)
    sign(stage)
    nil
  rescue Munimen::Error => e
    "after #{last || "an empty plan"}: #{e.message}"
  end

  # What the plan says cannot be done is given up for the reason that it names, as the page of the
  # signatures offers it.
  define_method(:left_out) do |stage|
    visit = office.records.visits.load(stage.visit, now: office.now)
    office.records.plans.plan(visit).impossible.each do |left|
      step(stage, left.operation, outcome: "not_tested", reason: left.because)
    end
  end

  define_method(:waiting?) do |stage|
    office.records.visits.load(stage.visit, now: office.now).running_waits.any?
  end

  (3 * TRIES).times do |seed|
    it "finds no unsafe state, no signature that the state contradicts, and no dead end, seed " \
       "#{seed}" do
      random = Random.new(20_261_126 + seed)
      trades = %w[gas electrical unvented].map { |trade| { trade: } }
      office.records.people.qualify(office.person[:id], trades)
      counts = Hash.new(0)
      breaches = Hash.new(0)
      told = []
      dead_ends = []
      current = nil
      tries.times do
        current ||= fresh_stage(random)
        locked = try(current, random)
        counts[:taken] += 1
        next unless locked || current.events.size > 120 || random.rand(60).zero?

        stuck = locked ? nil : leave(current)
        dead_ends << "#{current.heater.kind} #{current.events.last(8)}: #{stuck}" if stuck
        counts[locked ? :signed : :left] += 1
        current.shadow.breaches.each { |rule, count| breaches[rule] += count }
        counts[current.http ? :by_http : :by_use_case] += 1
        told += current.shadow.told.map do |one|
          "#{current.heater.kind} #{current.events.last(6)}: #{one}"
        end
        office.records.visits.update(current.visit, status: "signed") if stuck
        current = nil
      rescue Munimen::Error => e
        counts[e.code] += 1
      end
      expect(breaches).to eq({}), told.first(5).join("\n")
      expect(dead_ends).to eq([]), dead_ends.join("\n")
      expect(counts[:taken]).to be > 10
      expect(counts[:bad_token]).to eq(0)
    end
  end
end
