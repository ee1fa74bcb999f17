# frozen_string_literal: true

module Munimen
  module Desk
    # A visit to practise on: a customer, a heater and a visit in records of its own, a rig
    # behind it, and a clock that can be sped up. The visit's use cases work on it as on any
    # other; nothing of it reaches the firm's records.
    class TrainingRun
      VISIT = "00000000-0000-4000-8000-"
      HEATER = "00000000-0000-4000-8001-"
      OF = /\A00000000-0000-4000-800[01]-(\h{12})\z/
      INSTRUMENT = /\At(\h{12})-/
      SPEEDS = [1, 10, 60].freeze
      CALIBRATED = 60 # days ago

      # A use case's context with the run's clock; it tells the run what was done, and what was
      # refused.
      class Context < Desk::Context
        # On a rig everybody may do everything; whoever looks in writes as the trainee.
        QUALIFIED = JSON.generate(%w[gas electrical unvented].map { |trade| { trade: } })

        def initialize(run, person)
          @run = run
          super(
            run.records,
            person: person.merge(id: run.account_id, qualifications: QUALIFIED),
            clock: -> { run.now }
          )
        end

        # The run's clock counts, whatever the device says.
        def done_at(*, **) = now

        def step_completed(visit_id, operation) = @run.step_completed(visit_id, operation)
        def step_undone(visit_id, operation) = @run.step_undone(visit_id, operation)
        def was_refused(operation, error) = @run.refused(operation, error)

        # What the rig can show is answered by the rig: the test is taken, not told.
        def answered_by_hand!(name)
          kind, about = Visit::Decisions.parse(name)
          return unless kind == :fault && !@taking && Rig::Probe.names.include?(about.last.to_sym)

          raise Refused.new("On the rig this test is taken, not told.", code: :taken_on_rig)
        end

        # While the block runs the rig answers.
        def taking
          @taking = true
          yield
        ensure
          @taking = false
        end
      end

      class << self
        # The run's token in an id of its visit, its heater or one of its instruments; nil for all
        # else.
        def token(id) = (OF.match(id.to_s) || INSTRUMENT.match(id.to_s))&.[](1)
      end

      # One that is open: what all who look at it share.
      Open = Struct.new(:token, :records, :lock, :exercise)

      # open: Open. clock: callable that gives the real Time, at which something is done.
      def initialize(open, clock:)
        @open = open
        @real = clock
      end

      def token = @open.token
      def records = @open.records
      def visit_id = VISIT + token
      def heater_id = HEATER + token
      def account_id = records.settings[:trainee]

      def scenario
        @scenario ||= Training::Scenario.from(records.settings[:scenario].transform_keys(&:to_sym))
      end

      def context(person) = Context.new(self, person)

      # Does something that carries an id, once; nil where it has been done before.
      def once(id)
        synchronize do
          done = records.settings[:done] || []
          next if id && done.include?(id)

          yield.tap { records.settings[:done] = done + [id] if id }
        end
      end

      def synchronize(&) = @open.lock.synchronize(&)

      # The rig as it stands, brought up to the clock.
      def exercise
        synchronize do
          one = @open.exercise ||= Training::Exercise.new(
            scenario,
            (records.settings[:acts] || []).map { |act| read(act) }
          )
          one.advance_to(seconds) unless one.over?
          one
        end
      end

      # The time in the run: s since its beginning, and as a Time.
      def seconds
        passed = over? ? 0 : [@real.call.to_f - clock["real"], 0].max
        clock["at"] + (passed * clock["speed"])
      end

      def now = Time.iso8601(records.settings[:began]) + seconds
      def speed = clock["speed"]

      # Sets the speed, or lets some seconds pass at once.
      def set_clock(speed: nil, skip: 0)
        raise Error.one_of(SPEEDS, field: :speed) unless speed.nil? || SPEEDS.include?(speed)

        synchronize { keep_clock(seconds + skip.to_i.clamp(0, 86_400), speed || clock["speed"]) }
      end

      # A test of the finder, taken on the rig; the clock goes on by its minutes.
      def test(id) = change { |exercise| exercise.test(id) }
      # Whether that is the cause.
      def name(cause) = change { |exercise| exercise.name(cause) }
      def finish = change(&:finish)

      def step_completed(visit_id, operation)
        state = records.visits.load(visit_id, now:).state
        change { |exercise| exercise.step(operation, state) }
      end

      # The rig is wound back as well: it runs again without that step.
      def step_undone(visit_id, operation)
        state = records.visits.load(visit_id, now:).state
        synchronize do
          @open.exercise = exercise.without(operation.to_sym, state)
          change { nil }
        end
      end

      # What protects somebody and was tried all the same; needs of order are no danger.
      def refused(operation, error)
        needs = Array(error.details[:needs]).map { |need| need[:name].to_s } - already(operation)
        return if needs.empty? || Work::Interlocks.soft?(needs.map(&:to_sym))

        change { |exercise| exercise.refused(operation, needs) }
      end

      # The customer, the site, the heater and the visit of a scenario, and instruments that read
      # the rig.
      def furnish(scenario, person)
        now = @real.call.utc
        records.write do
          records.people.copy(person)
          settle(scenario, person, now)
          house(scenario, now.iso8601)
          records.visits.add(
            id: visit_id,
            heater_id:,
            jobs: scenario.jobs,
            status: "open",
            planned_for: now.iso8601,
            started_at: now.iso8601,
            account_id: person[:id],
            created_at: now.iso8601
          )
        end
      end

      # What a numeric instrument shows, in place of its driver (formats/instrument_driver.rb).
      class Driver
        Sample = Struct.new(:value, :flags)

        def initialize(run, use)
          @run = run
          @use = use
        end

        def digit = @use.instrument.resolution

        def measure
          @run.exercise
          sample = @use.sample(0.5)
          Sample.new(sample.value, sample.flags.map { |flag| flag.to_s.upcase })
        end
      end

      # What one of its instruments (a row of the list) shows until it rests: InstrumentTrace.
      def trace(one, units:) = InstrumentTrace.of(driver(one), one[:reads], units:)

      # Connects one of its instruments to the rig.
      def driver(one)
        state = records.visits.load(visit_id, now:).state
        Driver.new(
          self,
          Rig::Instrument::Use.new(
            one[:device].to_sym,
            exercise.rig,
            state:,
            seed: scenario.seed
          ).connect(one[:point])
        )
      end

      private

      # What an operation would make, and is so already: to try that endangers nobody.
      def already(operation)
        made = Work::StateSpace.new(scenario.heater).expand(Work::Operation[operation].makes)
        made.filter_map { |name, values| name.to_s if values.include?(exercise.state[name]) }
      end

      def over?
        if @open.exercise
          @open.exercise.over?
        else
          (records.settings[:acts] || []).any? { |act| act["kind"] == "over" }
        end
      end

      def clock = records.settings[:clock]

      # at: the run's seconds from now on.
      def keep_clock(at, speed)
        records.settings[:clock] = { "at" => at, "real" => @real.call.to_f, "speed" => speed }
      end

      # Does something to the exercise, and keeps what was done and how late it has become.
      def change
        synchronize do
          if exercise.over?
            raise Refused.new("This exercise is over; its debrief is there.", code: :over)
          end

          result = yield exercise
          keep_clock(exercise.seconds, speed)
          records.settings[:acts] = exercise.acts.map(&:to_h)
          result
        end
      end

      def read(act)
        kind, what, more = act.values_at("kind", "what", "more")
        more = more.to_h { |name, value| [name.to_sym, value.to_sym] } if kind == "step"
        more = more&.to_sym if kind == "test"
        Training::Exercise::Act.new(at: act["at"], kind: kind.to_sym, what: what&.to_sym, more:)
      end

      def settle(scenario, person, now)
        records.settings[:trainee] = person[:id]
        records.settings[:scenario] = scenario.to_h
        records.settings[:began] = now.iso8601(3)
        records.settings[:code_profile] = scenario.book
        records.settings[:instruments] = instruments(scenario, now)
        keep_clock(0.0, 1)
      end

      def house(scenario, at)
        customer, site = [8002, 8003].map { |part| "00000000-0000-4000-#{part}-#{token}" }
        records.customers.add(id: customer, name: scenario.title, created_at: at)
        records.customers.add_site(
          id: site,
          customer_id: customer,
          address: scenario.complaint,
          code_profile: scenario.book.to_s,
          created_at: at
        )
        records.heaters.add(
          id: heater_id,
          site_id: site,
          label: "Training rig",
          installation: scenario.installation,
          at:
        )
      end

      # Those that can be put to this heater.
      def instruments(scenario, now)
        rig = Rig.new(scenario.heater, faults: scenario.faults)
        Rig::Instrument.all.reject { |one| one.reads == :word }.flat_map do |one|
          one.points.values.select { |point| point.value.call(rig, {}) }.map do |point|
            {
              id: "t#{token}-#{one.id}-#{point.name}",
              title: "#{one.title}: #{point.name.to_s.tr("_", " ")}",
              reads: one.reads,
              host: Instruments::RIG,
              port: 1,
              device: one.id,
              point: point.name,
              calibrated: (now.to_date - CALIBRATED).iso8601
            }
          end
        end
      end
    end
  end
end
