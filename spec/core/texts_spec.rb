# frozen_string_literal: true

# Every text that a visit can bring about, whatever is read and seen: no {placeholder} is left, and
# no number has more digits than an instrument shows.
RSpec.describe Munimen::Report::CustomerPage do
  books = Munimen::Heater::Kind.all.to_h do |kind|
    [kind.id, kind.unvented? ? %i[england_g3] : %i[us_irc us_upc]]
  end

  def texts(value)
    case value
    when Hash then value.values.flat_map { |one| texts(one) }
    when Array then value.flat_map { |one| texts(one) }
    else value.is_a?(String) ? [value] : []
    end
  end

  it "leaves no placeholder and no digits that no instrument has, in visits by chance" do
    random = Random.new(20_261_126)
    said = Build::KINDS.keys.product([0] * (24 * TRIES)).flat_map do |kind, _|
      visit = by_chance(kind, books.fetch(kind).sample(random:), random)
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
