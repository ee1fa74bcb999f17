# frozen_string_literal: true

# Visits of which anything may have been read and seen.
module ByChance
  READS = Munimen::Work::Operation.all.flat_map(&:reads).uniq(&:name)
  SPANS = {
    pressure: [%w[psi bar kPa], 0..160], temperature: [%w[degF degC], 40..190],
    gas_pressure: [%w[inwc mbar], 0..16], resistance: [%w[ohm kohm Mohm], 0..60],
    voltage: [%w[V mV], 0..260]
  }.freeze

  # With so many items looked at and quantities read, as a seed has it.
  def by_chance(kind, book, random, looks: 8, reads: 12)
    visit = fresh(kind, book, jobs: [Munimen::Work::Job.all.sample(random:).id])
    visit.with(
      date: Date.new(2026, 11, 26),
      readings: readings_by_chance(visit, random, reads),
      observations: looks_by_chance(visit, random, looks)
    )
  end

  private

  def looks_by_chance(visit, random, count)
    items = Munimen::Inspection::InspectionItem.all.select do |item|
      item.applies?(visit.heater, visit.rules)
    end
    items.sample(count, random:).map do |item|
      finding = item.findings.keys.sample(random:)
      Munimen::Visit::Observation.new(id: item.id.to_s, item: item.id, finding:)
    end
  end

  def readings_by_chance(visit, random, count)
    READS.select { |read| read.applies?(visit.heater) }.sample(count, random:).filter_map do |read|
      value = read.choices ? read.choices.sample(random:).to_s : typed_by_chance(read.kind, random)
      state = { heater_pressure: %i[zero live].sample(random:) }
      Munimen::Visit::ReadingInput.read(read.name, value, units: visit.units, id: read.name.to_s,
                                                          state:)
    rescue Munimen::Error
      nil # a kind of quantity that is not typed so
    end
  end

  # A number as a person types it, some in a unit of another country.
  def typed_by_chance(kind, random)
    units, span = SPANS[kind] || [[""], 0..40]
    "#{(span.min + (random.rand * span.max)).round(random.rand(0..3))} #{units.sample(random:)}"
  end
end
