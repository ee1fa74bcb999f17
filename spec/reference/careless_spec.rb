# frozen_string_literal: true

# Somebody who tries everything, in and out of order, with reasons, with “already so”, undoing,
# with a clock that is wrong and a record changed in the middle – through the use cases that the
# screen and the API call, watched by the bystander of spec/support/shadow.rb. Handbook §22, §24.
RSpec.describe Shadow, :long do
  tries = Integer(ENV.fetch("CARELESS_TRIES", "4000"))
  desk = Munimen::Desk
  dangers = {
    relief_valve: [:relief_present, :plugged, %i[replace_relief_valve exercise_new_relief_valve]],
    flue: [:flue, :disconnected, %i[mend_flue test_draught], %i[burner], true],
    discharge: [:discharge_open, :capped, %i[mend_discharge see_discharge_run]]
  }
  words = %i[
    works zero sound full_bore lifts shuts dry no_bubbles stops heats drawn_in runs_clear none
    stays clear air by_hand stays_off hung nobody_required called_from_outside blue_on_tip yes
    in_order mended
  ]
  numbers = { pressure: "60", temperature: "120", resistance: "12.9", insulation: "OL" }

  # One visit, and what the bystander has seen of it.
  stage = Struct.new(:visit, :shadow, :events, :heater)

  define_method(:answer) do |id, operation|
    visit = office.records.visits.load(id, now: office.now)
    operation.reads.each do |read|
      next if read.optional || !read.asked?(visit)

      value = (read.choices && (words & read.choices).first) || read.choices&.first
      value ||= numbers.fetch(read.kind, read.name == :room_co ? "2" : "5")
      office.read(id, read.name, value)
    rescue Munimen::Error
      nil
    end
    return unless operation.looks

    before = visit.observations.to_h { |one| [one.item, one.finding] }
    office.look(id, operation.looks, **before)
  end

  define_method(:fresh_stage) do |random|
    @place = office.uuid
    desk::KeepHeater.new(office.context)
      .add(id: @place, site_id: office.site, label: "Cellar", installation: Build::GAS)
    jobs = Munimen::Work::Job.fitting(@heater).map(&:id).sample(3, random:)
    visits = desk::StartVisit.new(office.context)
    id = office.uuid
    visits.book(id:, heater_id: @place, jobs:, planned_for: office.now.iso8601)
    visits.start(id)
    desk::Decide.new(office.context)
      .call(id, id: office.uuid, name: "consent", value: "given")
    stage.new(id, described_class.new(@heater), [], @heater)
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
    when :act
      shadow.act(what)
      dangers.each do |name, (_, _, (mend, prove))|
        shadow.cleared(name) if what == prove && shadow.dangers[name]&.fetch(:mended)
        shadow.mended(name) if what == mend
      end
    end
  end

  define_method(:happens) do |stage, event|
    stage.events << event
    see(stage.shadow, event)
  end

  define_method(:try) do |stage, random|
    planned = lambda {
      visit = office.records.visits.load(stage.visit, now: office.now)
      office.records.plans.plan(visit).steps.first&.operation&.id
    }
    any = -> { Munimen::Work::Operation.ids.sample(random:) }
    case random.rand(100)
    when 0..49 then step(stage, planned.call || any.call, answers: true)
    when 50..64 then step(stage, any.call, answers: random.rand < 0.5)
    when 65..74 then step(stage, any.call, outcome: "already_so")
    when 75..82 then step(stage, any.call, answers: true, override: "It is in my way")
    when 83..84 then step(stage, any.call, outcome: "not_tested", reason: "No time")
    when 85..87 then undo(stage)
    when 88..89 then step(stage, any.call, at: (office.now - 900).iso8601, answers: true)
    when 90..93 then office.pass(random.rand(3600))
    when 94 then change_heater(random)
    when 95..96 then endanger(stage, random)
    else return sign(stage)
    end
    false
  end

  define_method(:step) do |stage, id, answers: false, outcome: "done", **more|
    answer(stage.visit, Munimen::Work::Operation[id]) if answers
    office.pass(20)
    office.step(stage.visit, id, outcome, **more)
    happens(stage, [{ "done" => :act, "already_so" => :found }[outcome], id])
  end

  define_method(:undo) do |stage|
    desk::DoStep.new(office.context).undo(stage.visit, id: office.uuid)
    index = stage.events.rindex { |kind, _| kind != :danger }
    stage.events.delete_at(index) if index
    watch_again(stage)
  end

  define_method(:change_heater) do |random|
    desk::KeepHeater.new(office.context).change(
      @place,
      label: "Changed",
      installation: Build::GAS.merge(working_pressure: %w[150 300].sample(random:))
    )
  end

  define_method(:endanger) do |stage, random|
    name = dangers.keys.sample(random:)
    item, finding = dangers[name]
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

  it "finds no unsafe state and no signature that the state contradicts in #{tries} tries" do
    random = Random.new(20_261_126)
    @heater = gas
    office.records.people.qualify(office.person[:id], [{ trade: "gas" }, { trade: "electrical" }])
    counts = Hash.new(0)
    breaches = Hash.new(0)
    told = []
    current = nil
    tries.times do
      current ||= fresh_stage(random)
      locked = try(current, random)
      counts[:taken] += 1
      next unless locked || current.events.size > 120

      counts[locked ? :signed : :given_up] += 1
      current.shadow.breaches.each { |rule, count| breaches[rule] += count }
      told += current.shadow.told.map { |one| "#{current.events.last(6)}: #{one}" }
      office.records.visits.update(current.visit, status: "signed") unless locked
      current = nil
    rescue Munimen::Error => e
      counts[e.code] += 1
    end
    puts "#{tries} careless tries: #{counts}; breaches by rule: #{breaches}"
    expect(breaches).to eq({}), told.first(5).join("\n")
    expect(counts[:signed]).to be > 5
  end
end
