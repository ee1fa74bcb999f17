# frozen_string_literal: true

module Munimen
  module Desk
    # The day's and the week's visits on the people who go: as they stand, as somebody drags them,
    # or as a search proposes, with what is driven and waited, why, and what breaks.
    class DayPlan
      LONGEST = 14        # days
      MOST = 120          # visits
      HOURS = { starts: 8 * 3600, ends: 17 * 3600, rest: nil, rest_minutes: 30 }.freeze
      WEEKEND = [0, 6].freeze
      URGENT = 3600.0     # seconds of driving that a day's delay of a danger is worth; our own
      NEAR = 4000         # m

      # The hours of a firm's day: {starts:, ends:, rest:} in seconds after midnight, rest nil where
      # there is none; rest_minutes:.
      def self.hours(settings) = HOURS.merge((settings[:day] || {}).transform_keys(&:to_sym))

      # from: Date; days: 1 to 14; offset: minutes that the people's clocks are ahead of UTC.
      def initialize(context, from:, days: 1, offset: 0)
        @context = context
        @offset = offset * 60
        unless days.between?(1, LONGEST)
          raise Error.new(
            Message.of("days must be between 1 and {longest}.", longest: LONGEST),
            field: :days,
            code: :out_of_range
          )
        end

        @dates = (from...(from + days)).to_a
      end

      # As booked.
      def call = shown(as_booked)

      # As somebody arranged it: [{person:, date:, visits: [id, …]}]; what is not in it stays
      # unplaced.
      def check(arrangement)
        by_id = stops.to_h { |stop| [stop.id, stop] }
        by_id.default_proc = lambda { |_, _|
          raise NotFound.new("There is no such visit to be placed.", field: :visits)
        }
        given = arrangement.to_h do |one|
          [[one[:person], Date.iso8601(one[:date])], one[:visits].map { |id| by_id[id.downcase] }]
        end
        shown(rounds.to_h { |round| [round, given.fetch(round.key, [])] })
      rescue ArgumentError
        raise Error.new("date must be a date such as 2026-11-30.", field: :date, code: :bad_date)
      end

      # As the search proposes, beside what the order of booking would cost.
      def propose
        proposal = Day::Proposal.new(rounds, stops)
        before = Day::BookingOrder.new(rounds, stops.sort_by { |stop| row(stop)[:created_at] })
        shown(proposal.arrangement).merge(
          compare: {
            driving: before.driving.round,
            waiting: before.waiting.round
          },
          at_least: proposal.at_least.round
        )
      end

      # Writes an arrangement down: who goes, and when.
      def apply(arrangement)
        @context.may!(:day_plan)
        shown = check(arrangement)
        @context.records.write do
          shown[:rounds].each do |round|
            booked = round[:stops].select { |stop| stop[:status] == "booked" }
            booked.each do |stop|
              @context.records.visits.update(
                stop[:visit],
                planned_for: stop[:start],
                account_id: round[:person]
              )
            end
          end
        end
        self.class.new(@context, from: @dates.first, days: @dates.size, offset: @offset / 60).call
      end

      private

      # What is under way from before belongs to today.
      def rows
        @rows ||=
          @context
            .records
            .visits
            .between(utc(@dates.first, 0), utc(@dates.last + 1, 0))
            .select { |row| row[:status] != "open" || @dates.include?(today) }
            .first(MOST)
      end

      def today = (@context.now + @offset).to_date
      def row_of(id) = (@by_id ||= rows.to_h { |row| [row[:id], row] }).fetch(id)
      def row(stop) = row_of(stop.id)

      def utc(date, seconds)
        (Time.utc(date.year, date.month, date.day) + seconds - @offset).iso8601(3)
      end

      def local(time) = Time.iso8601(time) + @offset

      def people
        @people ||=
          @context.records.people.all.select do |one|
            %w[owner plumber].include?(one[:role]) && (here?(one) || busy.include?(one[:id]))
          end
      end

      def here?(one) = @context.records.people.here?(one)

      # Who has a visit under way, also where they are not here any more.
      def busy
        @busy ||= rows.select { |row| row[:status] == "open" }.map { |row| row[:account_id] }
      end

      # On which days who is away.
      def away = @away ||= @dates.to_h { |day| [day, @context.records.absences.away(day.iso8601)] }

      def units = @context.records.settings.units
      def hours = @hours ||= self.class.hours(@context.records.settings)
      def rest = hours[:rest] && [hours[:rest], hours[:rest_minutes] * 60]

      def base
        @context
          .records
          .settings
          .firm
          .values_at("lat", "lng")
          .then { |place| place.all? ? place : nil }
      end

      def rounds
        @rounds ||=
          @dates
            .reject { |date| weekend?(date) }
            .flat_map { |date| going(date).map { |one| round(one, date) } }
      end

      # Whoever is not away; with a visit under way one is there.
      def going(date)
        people.reject do |one|
          away[date].include?(one[:id]) && !(date == today && busy.include?(one[:id]))
        end
      end

      def weekend?(date)
        @dates.size > 2 && WEEKEND.include?(date.wday) &&
          rows.none? { |row| local(row[:planned_for]).to_date == date }
      end

      def round(one, date)
        starts =
          date == today ? [hours[:starts], clock(@context.now + @offset)].max : hours[:starts]
        trades =
          Store::Values
            .qualifications(one)
            .select { |held| held[:expires].to_s.empty? || held[:expires] >= date.iso8601 }
            .map { |held| held[:trade].to_sym }
        Day::Round.new(person: one[:id], date:, starts:, ends: hours[:ends], base:, trades:, rest:)
      end

      def stops = @stops ||= rows.reject { |row| row[:status] == "signed" }.map { |row| stop(row) }

      def stop(row)
        facts = facts(row)
        window = row.values_at(:window_from, :window_to).map { |time| time && local(time) }
        begun = row[:status] == "open"
        Day::Stop.new(
          id: row[:id],
          seconds: facts[:seconds],
          place: place(row),
          trades: facts[:trades],
          pinned: facts[:holds].any?,
          window: (window.map { |at| clock(at) } if window.all?),
          date: begun ? today : window.first&.to_date,
          person: (row[:account_id] if begun),
          urgent: (URGENT if dangerous.include?(row[:heater_id]))
        )
      end

      # Where it lies; where that is not known, where another site of the same street lies.
      def place(row)
        row[:lat] ? [row[:lat], row[:lng]] : streets[street(row[:address])]
      end

      def streets
        @streets ||= @context.records.customers.placed.to_h do |site|
          [street(site[:address]), site.values_at(:lat, :lng)]
        end
      end

      # An address without its numbers.
      def street(address) = address.to_s.downcase.gsub(/\d+\s?[a-z]?\b/, "").scan(/[[:alpha:]]+/)

      def clock(at) = (at.hour * 3600) + (at.min * 60)

      # What a visit takes: by its plan, and longer by what is in the way there.
      def facts(row)
        met = Work::Hindrance.standing(@context.records.visits.in_the_way(row[:heater_id]))
        stop = by_plan(row)
        stop.merge(seconds: stop[:seconds] + (met.sum(&:minutes) * 60))
      end

      # Seconds, trades, and what holds the plumber there.
      def by_plan(row)
        @context
          .records
          .versioned_cache
          .fetch("#{row[:id]} stop", row[:version], now: @context.now) do
            visit = @context.records.visits.load(row[:id], now: @context.now)
            plan = @context.records.plans.plan(visit)
            trades =
              plan.steps.filter_map { |step| Work::Competence.trade(step.operation, visit) }.uniq
            [
              { seconds: plan.total, trades:, holds: row[:status] == "open" ? holds(visit) : [] },
              visit.running_waits.map(&:ends_at).min
            ]
          end
      end

      # What §22 does not allow to be left: needs of leaving that the work so far has broken, in
      # words.
      def holds(visit)
        space = Work::StateSpace.new(visit.heater)
        needs = visit.terms.needs(Work::Operation[:leave_site])
        at_first = space.unmet(needs, space.arrival)
        space
          .unmet(needs, visit.state)
          .filter_map do |name, _|
            unless at_first.key?(name)
              visit.words.say(Work::StateWords.need(name, [visit.state[name]]))
            end
          end
      end

      def dangerous
        @dangerous ||= @context.records.dues.dangerous(rows.map { |row| row[:heater_id] })
      end

      def as_booked
        placed =
          stops
            .sort_by { |stop| [stop.person ? 0 : 1, row(stop)[:planned_for]] }
            .group_by do |stop|
              [row(stop)[:account_id], stop.person ? today : local(row(stop)[:planned_for]).to_date]
            end
        rounds.to_h { |round| [round, placed.fetch(round.key, [])] }
      end

      def shown(arrangement)
        tables = arrangement.map { |round, stops| Day::Timetable.new(round, stops) }
        placed = arrangement.values.flatten
        {
          from: @dates.first.iso8601,
          days: @dates.size,
          base: base && { lat: base[0], lng: base[1] },
          people: people.map { |one| one.slice(:id, :name) },
          away: away.flat_map { |date, ids| ids.map { |id| { person: id, date: date.iso8601 } } },
          rounds: tables.map { |table| shown_round(table) },
          unplaced: (stops - placed).map { |stop| brief(stop) },
          driving: tables.sum(&:driving).round,
          waiting: tables.sum(&:waiting).round,
          breaks: tables.sum { |table| table.breaks.size },
          compare: nil,
          at_least: nil
        }
      end

      def shown_round(table)
        round = table.round
        {
          person: round.person,
          date: round.date.iso8601,
          driving: table.driving.round,
          waiting: table.waiting.round,
          stops: table.legs.map { |leg| shown_leg(leg, round) }
        }
      end

      def shown_leg(leg, round)
        breaks = leg.breaks.map do |what|
          Breaks.text(what, leg, round, name(round), facts(row(leg.stop)), units) +
            (what == :window ? ring(row(leg.stop)) : "")
        end
        brief(leg.stop).merge(
          start: utc(round.date, leg.start),
          leave: utc(round.date, leg.leave),
          drive: leg.drive.round,
          wait: leg.wait.round,
          reasons: Reasons.new(leg, round, units).list,
          breaks:
        )
      end

      # Whom to tell that it will be later.
      def ring(row) = " Ring #{[row[:customer], row[:phone]].compact.join(", ")}."

      def brief(stop)
        row = row(stop)
        words = Words[row[:book].units]
        jobs = row[:jobs].map { |job| words.say(Work::Job[job].title) }
        row.slice(
          :status,
          :customer,
          :address,
          :label,
          :heater_id,
          :planned_for,
          :window_from,
          :window_to
        ).merge(
          visit: row[:id],
          seconds: stop.seconds.round,
          jobs:,
          trades: stop.trades,
          place: stop.place && { lat: stop.place[0], lng: stop.place[1] },
          danger: !stop.urgent.nil?
        )
      end

      def name(round) = people.find { |one| one[:id] == round.person }[:name]
    end
  end
end
