# frozen_string_literal: true

# Every text that a visit can bring about, whatever is read and seen: no {placeholder} is left, and
# no number has more digits than an instrument shows.
RSpec.describe Munimen::Report::CustomerPage do
  books = Munimen::Heater::Kind.all.to_h do |kind|
    [kind.id, kind.unvented? ? %i[england_g3] : %i[us_irc us_upc]]
  end
  reads = Munimen::Work::Operation.all.flat_map(&:reads).uniq(&:name)

  # Numbers of a kind as a person types them, some in a unit of another country.
  typed = lambda do |kind, random|
    spans = {
      pressure: [%w[psi bar kPa], 0..160], temperature: [%w[degF degC], 40..190],
      gas_pressure: [%w[inwc mbar], 0..16], resistance: [%w[ohm kohm Mohm], 0..60],
      voltage: [%w[V mV], 0..260]
    }
    units, span = spans[kind] || [[""], 0..40]
    "#{(span.min + (random.rand * span.max)).round(random.rand(0..3))} #{units.sample(random:)}"
  end

  define_method(:readings) do |heater, units, random|
    reads.select { |read| read.applies?(heater) }.sample(12, random:).filter_map do |read|
      value = read.choices ? read.choices.sample(random:).to_s : typed[read.kind, random]
      state = { heater_pressure: %i[zero live].sample(random:) }
      Munimen::Visit::ReadingInput.read(read.name, value, units:, id: read.name.to_s, state:)
    rescue Munimen::Error
      nil # a kind of quantity that is not typed so
    end
  end

  def texts(value)
    case value
    when Hash then value.values.flat_map { |one| texts(one) }
    when Array then value.flat_map { |one| texts(one) }
    else value.is_a?(String) ? [value] : []
    end
  end

  def chance(kind, book, random)
    visit = fresh(kind, book, jobs: [Munimen::Work::Job.all.sample(random:).id])
    known = Munimen::Inspection::InspectionItem.all
    items = known.select { |item| item.applies?(visit.heater, visit.rules) }
    seen = items.sample(8, random:).map do |item|
      finding = item.findings.keys.sample(random:)
      Munimen::Visit::Observation.new(id: item.id.to_s, item: item.id, finding:)
    end
    visit.with(
      date: Date.new(2026, 11, 26),
      readings: readings(visit.heater, visit.units, random),
      observations: seen
    )
  end

  it "leaves no placeholder and no digits that no instrument has, in visits by chance" do
    random = Random.new(20_261_126)
    said = Build::KINDS.keys.product([0] * (24 * TRIES)).flat_map do |kind, _|
      visit = chance(kind, books.fetch(kind).sample(random:), random)
      page = described_class.new(visit).to_h.merge(
        verdicts: Munimen::Judgement::Judge.new(visit).verdicts.map do |one|
          one.in_words(visit.words)
        end
      )
      texts(page)
    end
    expect(said.grep(/[{}]/).uniq).to eq([])
    # An analyser shows CO over CO2 to four digits.
    expect(said.grep_v(/CO over CO2/).grep(/\d\.\d{4,}/).uniq).to eq([])
    expect(said.uniq.size).to be > 500
  end
end
