# frozen_string_literal: true

module Munimen
  class Visit
    # What the steps of a visit, and what was found in it, have made of the heater's state so far.
    class History
      Running =
        Struct.new(
          :operation,
          :step,
          :started_at,
          :ends_at,
          :seconds_left,
          :manner,
          :label,
          keyword_init: true
        )

      # recorded: the variables that steps have set, besides what was presumed on arrival.
      attr_reader :state, :running, :recorded

      def initialize(visit)
        @visit = visit
        @space = Work::StateSpace.new(visit.heater)
        @state = @space.arrival.merge(visit.arrival.slice(*@space.domains.keys))
        @running = []
        @recorded = {}
        @shown_by = {}
        installed
        visit.timeline.each { |one| one.is_a?(Step) ? took(one) : shows(one) }
        finish_waits(visit.now)
        safe_no_more
      end

      # Running waits that an operation would spoil, if it were done now.
      def disturbed_by(operation)
        after = @state.merge(first_values(operation.effects(@visit)))
        @running.select { |wait| disturbed?(wait, operation, after) }
      end

      # Hazards that stand only because of what an operation itself reads.
      def shown_by(operation)
        names = operation.reads.map(&:name)
        @shown_by.select { |hazard, by| stands?(hazard) && names.include?(by) }.keys
      end

      # Ids of the hazards that an earlier visit left and that nothing has shown in this one.
      def left_before
        Hazards::Hazard.all.filter_map do |hazard|
          left = @visit.arrival.fetch(hazard.variable, :none)
          hazard.id unless left == :none || @shown_by.key?(hazard)
        end
      end

      private

      def stands?(hazard) = %i[standing secured].include?(@state[hazard.variable])

      # What is installed brings some about by itself.
      def installed
        Hazards::Hazard.all.each do |hazard|
          stand(hazard, nil) if hazard.found_by.empty? && hazard.found?(@visit)
        end
      end

      # What was made safe and is not any more stands again.
      def safe_no_more
        Hazards::Hazard.all.each do |hazard|
          next unless @state[hazard.variable] == :secured

          @state[hazard.variable] = :standing unless @space.unmet(hazard.safe, @state).empty?
        end
      end

      def shows(one)
        item, finding = if one.is_a?(Note)
                          one.found
                        else
                          [one.is_a?(Reading) ? one.name : one.item]
                        end
        Hazards::Hazard.shown_by(item).each do |hazard|
          stand(hazard, item) if shown?(hazard, one, item, finding)
        end
      end

      def shown?(hazard, one, item, finding)
        return hazard.seen?(item, finding || one.finding) unless one.is_a?(Reading)
        return true if one.choice && hazard.read?(one)

        hazard.found_by.include?(one.name) && hazard.found?(@visit.reading_as(one))
      end

      # What has been made safe stays so, however often it is seen. Whoever sees another danger
      # after leaving is there, and has to leave anew.
      def stand(hazard, by)
        @shown_by[hazard] = by
        return if @state[hazard.variable] == :secured

        @state[hazard.variable] = :standing
        reopen if by && @state[:on_site] == :no && @state[:left] != :evacuated
      end

      def took(step)
        return if step.outcome == :not_tested
        return take_apart(step) if step.outcome == :left_apart

        take(step, Work::Operation[step.operation])
      end

      def take(step, operation)
        time = step.at && [step.at, @last].compact.max
        @last = time
        finish_waits(time)
        made = step.made ? operation.effects(@visit, step.made) : operation.effects(@visit)
        reopen unless operation.way_to_leave
        change(made)
        first_values(made).each_key { |name| @recorded[name] = step.id }
        hazards(operation)
        @running.reject! { |wait| disturbed?(wait, operation, @state) }
        start_wait(operation, step, time) if operation.wait
      end

      # Begun and not finished: what was taken apart is so, and its joints are not proved.
      def take_apart(step)
        operation = Work::Operation[step.operation]
        finish_waits(step.at && [step.at, @last].compact.max)
        reopen
        made = operation.apart.merge(operation.makes.slice(*Work::Operation::DISTURBED))
        change(made)
        first_values(made).each_key { |name| @recorded[name] = step.id }
      end

      # Whatever is done after leaving makes leaving owed again.
      def reopen
        @state[:on_site] = :yes
        @state[:left] = :no
      end

      def hazards(operation)
        return if Hazards::Hazard.all.all? { |one| @state[one.variable] == :none }

        terms = Work::Terms.new(heater: @visit.heater, rules: @visit.rules, state: @state.dup,
                                left_before:)
        terms.hazards.each do |hazard|
          to = terms.makes(operation)[hazard.variable]&.first
          next if to.nil? || (to == :none && !cleared?(hazard, operation))
          next if to == :mended && !mended?(hazard, operation)

          @state[hazard.variable] = to
        end
      end

      # “Put right since the last visit” speaks of what that one left, and only where it is so.
      def mended?(hazard, operation)
        return false if @state[hazard.variable] == :none
        return true unless operation.id == :confirm_mended

        left_before.include?(hazard.id) && mended_since(hazard) == :mended
      end

      # Each danger is told by itself; earlier visits had one answer for all.
      def mended_since(hazard)
        @visit.choice(:"mended_since.#{hazard.id}") || @visit.choice(:mended_since)
      end

      # A proof clears what was mended; work that is its own proof clears by itself.
      def cleared?(hazard, operation)
        @state[hazard.variable] == :mended || hazard.repaired_by.include?(operation.id)
      end

      def start_wait(operation, step, time)
        wait = operation.wait
        @running.reject! { |running| running.operation == operation.id }
        # An attended wait is over when its step is done; so is one that was found over.
        if time.nil? || step.outcome == :already_so || wait.manner == :attended
          return change(wait.makes)
        end

        seconds = wait.seconds.call(@visit.heater)
        @running << Running.new(
          operation: operation.id,
          step: step.id,
          started_at: time,
          ends_at: time + seconds,
          manner: wait.manner,
          label: wait.label
        )
      end

      # Waits over by a time have made true what they make; one whose held state was disturbed has
      # not.
      def finish_waits(time)
        return unless time

        over, @running = @running.partition { |wait| wait.ends_at <= time }
        over.each { |wait| change(Work::Operation[wait.operation].wait.makes) }
        @running.each { |wait| wait.seconds_left = (wait.ends_at - time).ceil }
      end

      # Whether an operation has broken what a wait holds: then it brings about nothing.
      def disturbed?(wait, operation, state)
        !@space.unmet(
          Work::Operation[wait.operation].wait.holds,
          state.merge(first_values(operation.makes_during))
        ).empty?
      end

      def first_values(effects) = @space.expand(effects).transform_values(&:first)

      def change(effects) = @state.merge!(first_values(effects))
    end
  end
end
