# frozen_string_literal: true

RSpec.describe Munimen::Day do
  def stop(id, place, **more)
    described_class::Stop.new(id:, place:, seconds: 3000, trades: [], **more)
  end

  def round(person = 1, date: Date.new(2026, 11, 30), trades: [:gas])
    described_class::Round.new(
      person:,
      date:,
      starts: 28_800,
      ends: 61_200,
      base: [45.0, -70.0],
      trades:
    )
  end

  def near(east, north) = [45.0 + (north / 111.2), -70.0 + (east / 78.7)]

  # London to Paris, about 344 km by the great circle: handbooks.
  it "measures by the great circle" do
    expect(described_class::Travel.metres([51.5074, -0.1278], [48.8566, 2.3522])).to be_within(
      1500
    ).of(343_500)
    expect(described_class::Travel.seconds(nil, near(1, 1))).to eq(900)
  end

  it "orders a round as cheaply as trying every order does" do
    random = Random.new(5)
    6.times do
      stops = Array.new(5) do |index|
        stop(
          "s#{index}",
          near((random.rand * 20) - 10, (random.rand * 20) - 10),
          window: index == 3 ? [36_000, 39_600] : nil
        )
      end
      best = stops.permutation.map { |order| described_class::Timetable.new(round, order).cost }.min
      order = described_class::Order.new(round, stops)
      expect(order.cost).to be_within(1e-6).of(best)
      expect(order).to be_proved
    end
  end

  it "keeps promises, trades and what cannot be left, and says what any order drives at least" do
    monday, tuesday = [30, 1].map.with_index { |day, index| Date.new(2026, 11 + index, day) }
    rounds = [
      round(1, date: monday),
      round(2, date: monday, trades: []),
      round(1, date: tuesday),
      round(2, date: tuesday, trades: [])
    ]
    stops = [
      stop("gas", near(5, 5), trades: [:gas]),
      stop("promised", near(-5, 5), window: [32_400, 36_000], date: tuesday),
      stop("open", near(6, 5), person: 2, pinned: true),
      stop("danger", near(0, -9), urgent: 3600.0)
    ] + Array.new(6) { |index| stop("s#{index}", near(index - 3, (index % 3) - 1)) }
    proposal = described_class::Proposal.new(rounds, stops)
    where =
      proposal
        .arrangement
        .flat_map do |one, list|
          list.each_with_index.map { |each, index| [each.id, [one.person, one.date, index]] }
        end
        .to_h
    expect(where.size).to eq(stops.size)
    expect(where["gas"].first).to eq(1)
    expect(where["promised"][1]).to eq(tuesday)
    expect(where["open"]).to eq([2, monday, 0])
    expect(where["danger"][1]).to eq(monday)
    expect(proposal.timetables.flat_map(&:breaks)).to be_empty
    expect(proposal.at_least).to be_between(1, proposal.driving)
  end

  it "gives each their share where that costs nothing, and nobody what they may not do" do
    days = [30, 1].map.with_index { |day, index| Date.new(2026, 11 + index, day) }
    stops = days.flat_map do |date|
      Array.new(3) { |index| stop("#{date}#{index}", near(6, index), date:) }
    end
    shares = lambda do |trades|
      rounds =
        days
          .product([[1, [:gas]], [2, trades]])
          .map { |date, (person, held)| round(person, date:, trades: held) }
      described_class::Proposal
        .new(rounds, stops.map { |one| one.dup.tap { |copy| copy.trades = [:gas] } })
        .arrangement
        .reject { |_, list| list.empty? }
        .keys
        .map(&:person)
    end
    expect(shares[[:gas]]).to contain_exactly(1, 2)
    expect(shares[[]]).to eq([1, 1])
    expect([28_800, 43_500, 61_200].map { |time| described_class.clock(time, :us) }).to eq(
      ["8:00 AM", "12:05 PM", "5:00 PM"]
    )
    expect(described_class.clock(61_260, :england)).to eq("17:01")
  end

  # Firms by chance (two here, twelve by `bin/bench many 6`): whatever is proposed places each visit
  # once, keeps to who may and when, and is no worse than the diary.
  it "keeps every rule for firms, places and promises of any kind, and beats the order of " \
     "booking", :long do
    random = Random.new(11)
    (2 * TRIES).times do |firm|
      dates = (0..2).map { |day| Date.new(2026, 11, 30) + day }
      rounds =
        dates
          .product([[1, %i[gas unvented]], [2, %i[electrical]]])
          .map { |date, (person, trades)| round(person, date:, trades:) }
      stops = Array.new(14) do |index|
        promised = random.rand < 0.3
        from = 28_800 + (3600 * random.rand(5))
        stop(
          "#{firm}.#{index}",
          near((random.rand * 24) - 12, (random.rand * 24) - 12),
          seconds: 1200 + random.rand(3600),
          trades: [[], [], [:gas], [:electrical]].sample(random:),
          window: (promised ? [from, from + 7200] : nil),
          date: (promised ? dates.sample(random:) : nil),
          urgent: (random.rand < 0.1 ? 3600.0 : nil)
        )
      end
      proposal = described_class::Proposal.new(rounds, stops)
      expect(proposal.arrangement.values.flatten.map(&:id)).to match_array(stops.map(&:id))
      expect(proposal.timetables.flat_map(&:breaks) - %i[window hours]).to be_empty
      expect(proposal.at_least).to be <= proposal.driving
      booked = described_class::BookingOrder.new(rounds, stops)
      cost = ->(one) { one.timetables.sum(&:cost) }
      expect(cost[proposal]).to be < cost[booked]
      expect(proposal.driving + proposal.waiting).to be < 0.75 * (booked.driving + booked.waiting)
    end
  end

  it "names what breaks" do
    stops = [
      stop("a", nil, window: [28_800, 29_000]),
      stop("b", nil, trades: [:electrical], pinned: true),
      stop("c", nil, person: 2, date: Date.new(2026, 12, 2))
    ]
    late = described_class::Timetable.new(round, stops)
    expect(late.legs.map(&:breaks)).to eq([%i[window], %i[trade left_open], %i[person date]])
    expect(
      described_class::Timetable.new(round, Array.new(10) { |index| stop(index.to_s, nil) }).breaks
    ).to include(:hours)
  end
end
