# frozen_string_literal: true

module Munimen
  module Desk
    # Practice: choosing a scenario, working on it, and the debrief; results are kept with the
    # person.
    class Train
      # context: with the firm's own records, whichever run is asked about.
      def initialize(context)
        @context = context
        @runs = context.training_runs
        @clock = -> { context.now }
      end

      # The scenarios there are, what the person has open, and the results: one's own, the owner's
      # view all.
      def overview
        {
          scenarios:
            Formats::Scenarios.shipped.map do |one|
              one.to_h.slice(:id, :title, :level, :complaint).merge(kind: one.heater.kind.to_s)
            end,
          running:
            @runs
              .running(@context.person, clock: @clock)
              .map { |run| { id: run.visit_id, title: run.scenario.title } },
          results: @context.records.training.of(@context.person).map { |row| result(row) }
        }
      end

      # scenario: id of a shipped one; seed: one by chance; own: a scenario as JSON text; id: of its
      # visit, where it is chosen already. Returns {id:}.
      def start(scenario: nil, seed: nil, own: nil, id: nil)
        chosen =
          if own
            Formats::Scenarios.read(own)
          elsif seed
            Training::Scenario.random(
              seed,
              Diagnose::KINDS.map { |kind, given| { kind: kind.to_s, **given } }
            )
          else
            Formats::Scenarios.shipped.find { |one| one.id == scenario } ||
              raise(NotFound.new(Message.of("There is no scenario “{scenario}”.",
                                            scenario:), field: :scenario))
          end
        { id: @runs.start(chosen, @context.person, id:, clock: @clock).visit_id }
      end

      def show(id) = view(find(id))

      # What follows is done once for each id that it is sent with.
      def set_clock(run_id, id: nil, speed: nil, skip: 0)
        run = find(run_id)
        run.once(id) { run.set_clock(speed:, skip:) }
        view(run)
      end

      # Takes a test of the finder on the rig, and writes its outcome into the visit.
      def test(run_id, test:, id: nil)
        run = find(run_id)
        test = Faults::Test[test]
        run.once(id) { taken_on(run, test, id || SecureRandom.uuid) }
        outcome = run.exercise.outcome_of(test.id)
        text = outcome ? test.outcomes.fetch(outcome) : "nothing can be told from it here"
        told = words(run).say(Message.of("{ask} – {found}.", ask: test.ask, found: text))
        { told:, outcome:, run: view(run) }
      end

      def name(run_id, cause:, id: nil)
        run = find(run_id)
        run.once(id) { keep(run) if run.name(cause) }
        { right: run.exercise.found?(cause), besides: run.exercise.besides?(cause), run: view(run) }
      end

      def finish(run_id)
        run = find(run_id)
        run.finish unless run.exercise.over?
        keep(run)
        debrief(run_id)
      end

      # What an instrument shows from now on until it rests, as InstrumentTrace has it.
      def trace(run_id, instrument:)
        run = find(run_id)
        one = Instruments.new(run.context(@context.person)).find(instrument)
        run.trace(one, units: run.scenario.units)
      end

      # What the trainee sees where an operation asks for a word: [{name:, ask:, word:}]
      def sights(id, operation:)
        run = find(id)
        work = Work::Operation[operation]
        Training::VisibleSigns
          .of(work, run.exercise)
          .map do |name, word|
            { name:, ask: words(run).say(work.reads.find { |read| read.name == name }.ask), word:,
              text: word.to_s.tr("_", " ") }
          end
      end

      def debrief(id)
        run = find(id)
        unless run.exercise.over?
          raise Refused.new("The debrief comes when the exercise is over.", code: :not_over)
        end

        say = words(run)
        debrief = Training::Debrief.new(run.exercise)
        {
          **view(run),
          found: debrief.found?,
          proved: debrief.proved?,
          cause: say.say(run.scenario.cause.title),
          because: say.say(run.scenario.cause.because.to_s),
          besides:
            run.scenario.faults.keys.drop(1).map { |name| say.say(Faults::Cause[name].title) },
          taken: debrief.taken.map { |one| taken(one, say) },
          shortest: {
            minutes: debrief.shortest_minutes,
            tests:
              debrief.shortest.map { |test, outcome| told(Faults::Test[test], outcome, say, run) }
          },
          tries: debrief.unsafe.map { |one| tried(one, say) }
        }
      end

      private

      def find(id) = @runs.find(id, @context.person, clock: @clock)
      def words(run) = Words[run.scenario.units]

      def taken_on(run, test, decision)
        possible!(run, test)
        outcome = run.test(test.id) or return
        context = run.context(@context.person)
        context.taking do
          Decide.new(context).call(
            run.visit_id,
            id: decision,
            name: Visit::Decisions.name(:fault, run.scenario.symptom, test.id),
            value: outcome.to_s
          )
        end
      end

      # A test whose needs the heater does not meet is not taken; what is missing is said.
      def possible!(run, test)
        if run.exercise.over?
          raise Refused.new("This exercise is over; its debrief is there.", code: :over)
        end

        unmet = Work::StateSpace.new(run.scenario.heater).unmet(test.needs, run.exercise.state)
        return if unmet.empty?

        text =
          unmet
            .map { |name, values| words(run).say(Work::StateWords.need(name, values)) }
            .join("; ")
        raise Refused.new(Message.of("First it must be true: {text}.", text:), code: :need_unmet)
      end

      def view(run)
        exercise = run.exercise
        ledger = Training::Ledger.new(exercise).to_h
        scenario = run.scenario
        {
          id: run.visit_id,
          title: scenario.title,
          complaint: scenario.complaint,
          symptom: scenario.symptom.to_s,
          level: scenario.level,
          speed: run.speed,
          seconds: ledger[:seconds],
          water: ledger[:water].format(scenario.units),
          tests: ledger[:tests],
          unsafe: ledger[:unsafe],
          wrong: ledger[:wrong].map { |name| wrong(name, words(run)) },
          over: exercise.over?,
          cannot: Faults::Test.ids - Rig::Probe.names
        }
      end

      def wrong(name, words)
        words.say(
          Faults::Cause.all.find { |cause| cause.id == name }&.title || Work::Operation[name].title
        )
      end

      # first: what has to be true before it, on a heater in use.
      def told(test, outcome, say, run)
        space = Work::StateSpace.new(run.scenario.heater)
        first =
          space
            .unmet(test.needs, space.arrival)
            .map { |name, values| say.say(Work::StateWords.need(name, values)) }
        {
          ask: say.say(test.ask),
          text: say.say(test.outcomes.fetch(outcome)),
          minutes: test.minutes,
          first:
        }
      end

      def taken(one, say)
        {
          ask: say.say(one.test.ask),
          text: one.outcome ? say.say(one.test.outcomes.fetch(one.outcome)) : "–",
          minutes: one.minutes,
          before: one.before,
          after: one.after,
          could:
            one.could.map do |outcome, left|
              { text: say.say(one.test.outcomes.fetch(outcome)), left: }
            end
        }
      end

      def tried(one, say)
        {
          title: say.say(one.operation.title),
          text: say.say(one.text),
          needs: one.needs.map { |name| say.say(Work::StateWords.name(name.to_sym)) }
        }
      end

      # The result, once.
      def keep(run)
        debrief = Training::Debrief.new(run.exercise)
        ledger = Training::Ledger.new(run.exercise).to_h
        @context.records.training.keep(
          id: run.visit_id,
          account_id: run.account_id,
          scenario: run.scenario.id,
          title: run.scenario.title,
          level: run.scenario.level,
          found: debrief.found? ? 1 : 0,
          proved: debrief.proved? ? 1 : 0,
          seconds: ledger[:seconds],
          water: ledger[:water].si,
          tests: ledger[:tests],
          unsafe: ledger[:unsafe],
          wrong: ledger[:wrong].size,
          shortest: debrief.shortest_minutes,
          at: @context.stamp
        )
      end

      def result(row)
        row.slice(
          :id,
          :title,
          :level,
          :seconds,
          :tests,
          :unsafe,
          :wrong,
          :shortest,
          :at,
          :person
        ).merge(found: row[:found] == 1, proved: row[:proved] == 1)
      end
    end
  end
end
