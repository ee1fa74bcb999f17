# frozen_string_literal: true

# Goes through a visit as the screen drives it: what the plan says next, with its answers, its waits
# waited out. Included where an office is.
module Driven
  ANSWERS = {
    static_pressure: "62",
    charge_set: "62",
    vessel_charge: "44",
    new_relief_flow: "full_bore",
    new_relief_closes: "shuts",
    relief_drip: "dry",
    joints: "dry",
    flush_result: "grit",
    anode_remaining: "0.6",
    gas_joint_test: "no_bubbles",
    lit_joint_test: "no_bubbles",
    gas_line: "7.4",
    gas_operating: "7.1",
    gas_manifold: "3.5",
    tester_before: "works",
    dead_readings: "zero",
    tester_after: "works",
    element_resistance: "12.9",
    element_earth: "OL",
    element_resistance_lower: "12.8",
    element_earth_lower: "OL",
    draught: "drawn_in",
    room_co: "2",
    floor_smell: "none",
    pilot_held: "stays"
  }.freeze

  # Does the next steps of the plan until `stop` is next, or the plan is through; waits are waited
  # out.
  def drive(visit, stop: nil, **others)
    60.times do
      step = office.view(visit)[:plan][:steps].first
      return if step.nil? || step[:operation] == stop

      take(visit, step, ANSWERS.merge(others))
    end
    raise "the visit does not end"
  end

  def take(visit, step, answers)
    wait_out(visit, step)
    (step[:looks] || []).each do |item|
      Munimen::Desk::RecordObservations.new(office.context).call(
        visit,
        items: [{ id: office.uuid, item: item[:id].to_s, finding: "sound" }]
      )
    end
    if step[:decides]
      Munimen::Desk::Decide.new(office.context).call(
        visit,
        id: office.uuid,
        name: "consent",
        value: "given"
      )
    end
    step[:reads]
      .reject { |read| read[:optional] }
      .each do |read|
        office.read(visit, read[:name], answers.fetch(read[:name])) if wanted?(visit, step, read)
      end
    office.pass(step[:hands_on])
    office.step(visit, step[:operation])
  end

  def wait_out(visit, step)
    waits = office.view(visit)[:running]
    return unless waits.any? && (step[:needs].any? { |need| !need[:met] } || spoils?(visit, step))

    office.pass(waits.map { |wait| wait[:seconds_left] }.max + 1)
  end

  def spoils?(visit, step)
    !office
      .records
      .visits
      .load(visit, now: office.now)
      .history
      .disturbed_by(Munimen::Work::Operation[step[:operation]])
      .empty?
  end

  def wanted?(visit, step, read)
    Munimen::Work::Operation[step[:operation]]
      .reads
      .find { |one| one.name == read[:name] }
      .wanted?(office.records.visits.load(visit, now: office.now))
  end
end
