# frozen_string_literal: true

module Munimen
  # One visit to one heater, as the core sees it: what is installed, which rules hold, what was
  # read, seen, done and decided. Immutable; made by the store or from the open visit format.
  # Everything else (state, plan, verdicts, deficiencies, outcome, what is due) is worked out from
  # it.
  class Visit
    attr_reader :heater,
                :rules,
                :jobs,
                :date,
                :now,
                :readings,
                :observations,
                :steps,
                :decisions,
                :notes,
                :site,
                :arrival,
                :recorded_heater,
                :memory,
                :taken_back,
                :open_before

    # readings: [Reading]; observations: [Observation] that stand; corrected_observations: those
    # that something took the place of; steps: [Step] in order of entry; decisions: Decisions, or
    # a Hash of text by name; now: Time to which running waits are counted; notes: findings added
    # by hand; arrival: {variable => value} of what is not as presumed on arrival, since the last
    # visit left it so. What the decisions take back is given, too. open_before: [OpenFinding] that
    # earlier visits left open. memory: Memory of what was
    # worked out from this visit before.
    def initialize(
      heater:,
      rules:,
      jobs: [],
      date: nil,
      now: nil,
      readings: [],
      observations: [],
      steps: [],
      decisions: {},
      notes: [],
      site: {},
      corrected_observations: [],
      arrival: {},
      open_before: [],
      memory: Memory.new
    )
      @open_before = open_before
      @memory = memory
      @recorded_heater = heater
      @rules = rules
      @jobs = jobs
      @date = date
      @now = now
      @steps = steps
      @decisions = decisions.is_a?(Decisions) ? decisions : Decisions.new(decisions)
      @site = site
      @arrival = arrival
      stands(readings, corrected_observations + observations, notes)
      @heater = learnt(heater, @readings)
    end

    # This visit with something of it otherwise: with(readings: […]).
    def with(**changed)
      self.class.new(
        heater: @recorded_heater,
        rules:,
        jobs:,
        date:,
        now:,
        readings:,
        observations:,
        steps:,
        decisions:,
        notes:,
        site:,
        corrected_observations: @corrected_observations,
        arrival:,
        open_before:,
        memory:,
        **changed
      )
    end

    # This visit with one reading more, which corrects an earlier one of its name.
    def with_reading(reading)
      earlier = readings.map do |old|
        if old.name == reading.name && old.superseded.nil?
          old.dup.tap { |copy| copy.superseded = reading.id }
        else
          old
        end
      end
      with(readings: earlier + [reading])
    end

    def units = rules.units
    def words = Words[units]
    # Whether nothing may be operated, by house rule or because an inspector visits.
    def look_only? = rules.choice(:operate) == :look_only

    # What the vessel's charge must equal: the supply as measured, behind an unvented cylinder's
    # reducing valve its setting; nil while neither is known.
    def charge_target = (heater.regulator_setting if heater.unvented?) || quantity(:static_pressure)

    # Pressure on the water side of the vessel when a reading was taken: :zero, :flowing, :live or
    # nil. The shut-off that counts is the one that isolates the vessel: where it sits before the
    # heater's own valve, or has one of its own, the house has to be at zero as well.
    def pressure_at_vessel(reading)
      state = reading&.state or return
      beside = heater.vessel_upstream == :yes ||
               %i[valve_before upstream].include?(observation(:vessel_seen)&.finding)
      return reading.pressure_state unless beside

      state[:house_pressure]&.to_sym == :zero ? reading.pressure_state : state[:house_pressure]
    end

    # Whether the vessel is large enough: Work::VesselVolume, or nil where that cannot be said.
    def vessel_size
      cold = quantity(:cold_temperature) || Work::Durations::COLD
      Work::VesselVolume.of(heater, rules:, supply: charge_target, cold:)
    end

    # CO over CO2 in the flue, or nil where they were not measured.
    def combustion = Combustion.of(self)
    def air_drop = Work::AirDrop.new(quantity(:air_in), quantity(:air_out))

    # The last reading of a name that has not been corrected, or nil.
    def reading(name)
      (@latest ||= readings.reject(&:superseded).to_h { |reading| [reading.name, reading] })[name]
    end

    def quantity(name) = reading(name)&.quantity
    def choice(name) = reading(name)&.choice
    def decision(name) = decisions[name]
    def observation(item) = (@seen ||= observations.to_h { |seen| [seen.item, seen] })[item]

    # Observations that stand and those that were corrected.
    def all_observations = observations + @corrected_observations

    # This visit as if a reading that was corrected still stood.
    def reading_as(reading)
      return self unless reading.superseded

      with(
        readings: readings.map do |one|
          next one.dup.tap { |copy| copy.superseded = nil } if one.equal?(reading)
          next one if one.name != reading.name || one.superseded

          one.dup.tap { |copy| copy.superseded = reading.id }
        end
      )
    end

    # Whether something seen at the discharge pipe forbids letting hot water out through it.
    def discharge_unsafe?
      Inspection::InspectionItem.for(self, :discharge_pipe).any? do |item|
        finding = item.findings[observation(item.id)&.finding]
        finding&.unsafe_discharge
      end
    end

    # Jobs put off to another day, with the reason: {job => text}.
    def put_off = decisions.postponed

    # Ids of operations asked for besides those of the jobs, such as what a test of the fault
    # finder needs.
    def extra_operations = decisions.extra_operations

    # Ids of operations done, or given up with a reason, and not undone. A way of leaving counts
    # as long as the heater is still as it was left; a repair, until its danger is there again.
    def settled_operations
      @settled_operations ||= standing.map(&:operation).uniq.reject do |id|
        way = Work::Operation[id].way_to_leave
        way ? !left?(way) : back_again.include?(id)
      end
    end

    # Whether the heater has been left in one of the ways to leave, and is still so.
    def left?(way = nil)
      return false if state[:left] == :no || (way && state[:left] != way)

      standing.any? do |step|
        operation = Work::Operation[step.operation]
        operation.way_to_leave == state[:left] && terms.unmet(operation, state).empty?
      end
    end

    def done?(operation)
      standing.any? { |step| step.operation == operation && step.done? }
    end

    def not_tested = standing.select(&:given_up?)

    # Steps that stand: what was undone is left out.
    def standing
      @standing ||= begin
        undone = steps.select { |step| step.outcome == :undone }.map(&:of)
        steps.reject { |step| step.outcome == :undone || undone.include?(step.id) }
      end
    end

    # The state of the heater now: that on arrival, changed by each step and by each wait that is
    # over.
    def state = history.state

    # What operations need and make as things stand.
    def terms
      @terms ||= begin
        given = { heater:, rules:, state:, look_only: look_only?,
                  broken_off: decision(:outcome) == "left_off",
                  left_before: history.left_before,
                  circumstances: Work::Circumstances.of(self) }
        memory.given(:terms, given) { Work::Terms.new(**given) }
      end
    end

    # Ids of the operations of some jobs, and of those asked for besides, done or not.
    def asked(jobs = self.jobs)
      (jobs.flat_map { |job| Work::Job[job].operations_for(heater) } + extra_operations).uniq
    end

    # Whether an operation is among them.
    def asked?(operation) = (@asked ||= asked).include?(operation)

    # Hazards that are not cleared: [Hazards::Hazard].
    def hazards = terms.hazards

    # Whether a reading of an operation that can be done again is from the time before.
    def outdated?(operation, name)
      one = operation.repeatable? && reading(name)
      one ? timeline.before?(one, operation.id) : false
    end

    # As found and as left.
    def columns = @columns ||= Columns.new(self)
    def timeline = @timeline ||= Timeline.new(self)

    # Waits still running: [History::Running].
    def running_waits = history.running
    def history = @history ||= History.new(self)

    # Entries that met another account of the same visit (Apart), and that nobody has answered yet.
    def unanswered
      @unanswered ||= (readings + all_observations + notes + standing).select do |one|
        one.apart && !decisions.apart(one.id)
      end
    end

    # One thing measured: a quantity or a word, as typed, by whom, when, how and in which state.
    # apart: why it could not have been entered as the visit then stood, where another device had
    # entered something meanwhile; received: when it got to the office, ISO.
    Reading =
      Struct.new(
        :id,
        :name,
        :quantity,
        :choice,
        :state,
        :entry_method,
        :at,
        :by,
        :instrument,
        :superseded,
        :as_found,
        :typed,
        :seq,
        :apart,
        :received,
        keyword_init: true
      ) do
        # Pressure of the water side when it was taken: :zero, :flowing, :live or nil.
        def pressure_state = state && state[:heater_pressure]&.to_sym
      end
    # One thing seen: item of InspectionItem, the finding (:sound, :not_visible, :not_applicable
    # or the named wrong).
    Observation =
      Struct.new(:id, :item, :finding, :note, :at, :by, :superseded, :seq, :apart, :received,
                 keyword_init: true)
    # One operation done, :already_so, :not_tested with a reason, :left_apart with a reason (begun,
    # and what it took apart left so), or an earlier step undone (`of`). `made`: effects that came
    # from what had been read by then; nil where they are worked out from the readings. `together`:
    # said with others by one touch.
    Step =
      Struct.new(
        :id, :operation, :outcome, :reason, :at, :by, :of, :made, :seq, :apart, :received,
        :together, keyword_init: true
      ) do
        def done? = %i[done already_so].include?(outcome)
        # Given up, with a reason.
        def given_up? = %i[not_tested left_apart].include?(outcome)
      end
    # What an earlier visit left open at this heater: check and part as Symbols, the words of last
    # time, its grade, the day (ISO) on which it was found first, and in how many days it is due.
    OpenFinding = Struct.new(:check, :part, :grade, :text, :remedy, :found_on, :due_in,
                             keyword_init: true)
    # A finding added by hand from the catalogue.
    Note = Struct.new(:id, :entry, :place, :at, :by, :text, :seq, :apart, :received,
                      keyword_init: true) do
      # [item, finding] where it is one of the inspection's.
      def found = entry.to_s.split(".", 2).map(&:to_sym)
    end

    private

    def stands(readings, observations, notes)
      standing = Standing.new(readings:, observations:, notes:, steps:, decisions:)
      @readings = standing.readings
      @corrected_observations, @observations = standing.observations.partition(&:superseded)
      @notes = standing.notes
      @taken_back = standing.taken_back
    end

    # The heater with what was unknown of it and has been seen in this visit.
    def learnt(heater, readings)
      facts = readings.reject(&:superseded).filter_map do |one|
        fact = ReadingInput.facts[one.name] or next
        [fact, one.choice] if heater.public_send(fact) == :unknown && one.choice != :cannot_tell
      end
      facts.empty? ? heater : heater.with(**facts.to_h)
    end

    # Repairs whose danger stands once more, so that they are owed again.
    def back_again
      hazards.select { |one| %i[standing secured].include?(terms.value(one)) }
             .flat_map(&:repaired_by)
    end
  end
end
