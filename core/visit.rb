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
                :site

    # readings: [Reading]; observations: [Observation]; steps: [Step] in order of time; decisions:
    # Decisions, or a Hash of text by name; now: Time to which running waits are counted; notes:
    # findings added by hand.
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
      site: {}
    )
      @heater = heater
      @rules = rules
      @jobs = jobs
      @date = date
      @now = now
      @readings = readings
      @observations = observations
      @steps = steps
      @decisions = decisions.is_a?(Decisions) ? decisions : Decisions.new(decisions)
      @notes = notes
      @site = site
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
      self.class.new(
        heater:,
        rules:,
        jobs:,
        date:,
        now:,
        readings: earlier + [reading],
        observations:,
        steps:,
        decisions:,
        notes:,
        site:
      )
    end

    def units = rules.units
    def words = Words[units]
    # Whether nothing may be operated, by house rule or because an inspector visits.
    def look_only? = rules.choice(:operate) == :look_only

    # What the vessel's charge must equal: the supply as measured, behind an unvented cylinder's
    # reducing valve its setting; nil while neither is known.
    def charge_target = (heater.regulator_setting if heater.unvented?) || quantity(:static_pressure)

    # The last reading of a name that has not been corrected, or nil.
    def reading(name)
      (@latest ||= readings.reject(&:superseded).to_h { |reading| [reading.name, reading] })[name]
    end

    def quantity(name) = reading(name)&.quantity
    def choice(name) = reading(name)&.choice
    def decision(name) = decisions[name]
    def observation(item) = (@seen ||= observations.to_h { |seen| [seen.item, seen] })[item]

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

    # Ids of operations done, or given up with a reason, and not undone.
    def settled_operations
      standing
        .select { |step| %i[done already_so not_tested].include?(step.outcome) }
        .map(&:operation)
    end

    def done?(operation)
      standing.any? { |step| step.operation == operation && step.outcome != :not_tested }
    end

    def not_tested = standing.select { |step| step.outcome == :not_tested }

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
    # Waits still running: [History::Running].
    def running_waits = history.running
    def history = @history ||= History.new(self)

    # One thing measured: a quantity or a word, as typed, by whom, when, how and in which state.
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
        :typed,
        keyword_init: true
      ) do
        # Whether the water side was at zero pressure when it was taken.
        def at_zero_pressure? = state && state[:heater_pressure]&.to_sym == :zero
        def pressure_state = state && state[:heater_pressure]&.to_sym
      end
    # One thing seen: item of InspectionItem, the finding (:sound, :not_visible, :not_applicable
    # or the named wrong).
    Observation = Struct.new(:id, :item, :finding, :note, :at, :by, keyword_init: true)
    # One operation done, :already_so, :not_tested with a reason, or an earlier step undone
    # (`of`). `made`: effects that came from what had been read by then; nil where they are worked
    # out from the readings.
    Step = Struct.new(:id, :operation, :outcome, :reason, :at, :by, :of, :made, keyword_init: true)
    # A finding added by hand from the catalogue.
    Note = Struct.new(:id, :entry, :place, :at, :by, :text, keyword_init: true)
  end
end
