# frozen_string_literal: true

# Each rule of each book, broken alone: that rule is told, with its clause, its grade and nothing
# else; and where everything is as the book wants it, nothing is. Made from the books, so that a
# new rule is in it by being there. What each ought to say is read in docs/sources.md.
RSpec.describe Munimen::Judgement::Judge do
  include Build

  judge = ->(visit) { described_class.new(visit).deficiencies }
  told = ->(found) { found.map { |one| [one.check, one.grade] } }
  kinds = lambda do |book|
    Build::KINDS.keys.select { |kind| kind.start_with?("unvented") == (book.units == :england) }
  end
  # Rooms that bring questions of their own.
  rooms = %w[basement garage attic outside]

  Munimen::Rules::Book.all.each do |book|
    kinds[book].each do |kind|
      it "finds nothing on a sound #{kind} under #{book.id}, and of each finding that alone" do
        tried = [] # an item that several rooms have is the same in each
        rooms.each do |location|
          seen = lambda do |answers = {}|
            set = book.id == :canada_npc ? { set_point: "60 degC" } : {}
            visit = fresh(kind, book.id, jobs: [:inspection], location:, **set)
            items = %i[discharge_pipe plate visible].flat_map do |group|
              Munimen::Inspection::InspectionItem.for(visit, group)
            end
            looked = items.map do |item|
              Munimen::Visit::Observation.new(id: item.id.to_s, item: item.id,
                                              finding: answers.fetch(item.id, :sound))
            end
            [items, Munimen::Visit.new(heater: visit.heater, rules: visit.rules,
                                       jobs: [:inspection],
                                       date: visit.date, observations: looked)]
          end
          items, sound = seen[]
          expect(told[judge[sound]]).to eq([])
          (items - tried).each do |item|
            item.findings.each_value.select { |one| one.under?(book) }.each do |finding|
              _, visit = seen[{ item.id => finding.id }]
              found = judge[visit]
              expect(told[found]).to eq([[item.id, finding.grade]])
              expect(found.first.because.first.source).to eq(finding.source_under(book))
              expect(found.first.due_in).to eq(finding.due_in)
            end
          end
          tried |= items
        end
      end
    end
  end

  # What is written of a bound is what is judged by it: just within is nothing, just beyond is
  # found. Limits that hang on the installation alone.
  {
    relief_pressure_most: [:us_irc, :gas_storage, { relief_set_pressure: ["150 psi", "151 psi"] }],
    storage_temperature: [:canada_npc, :electric_storage, { set_point: ["60 degC", "59 degC"] }],
    package_size: [:england_g3, :unvented_indirect, { capacity: ["500 L", "501 L"] }],
    # with its immersion of 3 kW
    package_power: [:wales_g, :unvented_indirect, { coil_power: ["42 kW", "43 kW"] }]
  }.each do |check, (book, kind, fields)|
    it "holds #{check} to its bound" do
      field, values = fields.first
      grades = values.map do |value|
        described_class.new(fresh(kind, book, field => value)).verdicts
                       .find { |one| one.check == check }&.grade
      end
      expect(grades).to eq([nil, Munimen::Rules::Book[book][check].grade])
    end
  end

  # IRC P2804.3: at least 25 psi over the system's pressure; ANSI Z21.10.1: 400 ppm CO without the
  # air, of natural gas (12 % CO2 at most) 267 ppm in flue gas with 8 % (both from memory).
  it "wants 25 psi between supply and relief valve, and at most 400 ppm of CO without the air" do
    grade = lambda do |check, **more|
      described_class.new(visit(**more)).verdicts.find { |one| one.check == check }&.grade
    end
    close = %w[86 87].map do |set|
      grade[:relief_over_supply, heater: gas(relief_set_pressure: set),
                                 readings: { static_pressure: "62" }]
    end
    expect(close).to eq([:defect, nil])
    burnt = %w[266 268].map { |co| grade[:combustion, readings: { flue_co: co, flue_co2: "8" }] }
    expect(burnt).to eq(%i[sound danger])
    propane = grade[:combustion, heater: gas(fuel: "lp"),
                                 readings: { flue_co: "240", flue_co2: "8" }]
    expect(propane).to eq(:danger) # 414 ppm: propane makes 13.8 %
  end
end
