# frozen_string_literal: true

module Munimen
  class PressureLog
    # Pressure that climbs above the static level: quickly while water is heated with nowhere to
    # go, slowly for hours where a regulator's seat passes. What lies below the static level is
    # the end of a draw or a dip, and no rise.
    class Rises
      LOWEST = 3 * PSI          # height that is told; from memory
      STRAIGHT = 0.75 * PSI     # tolerance of a straight piece
      SLOWEST = 0.4 * PSI / 3600
      # slower than usual burners and elements on a vessel that does its work; from memory
      FAST = 9 * PSI / 3600
      # of what the heater's own power makes: a pilot flame, or a seat that passes, is slower
      SHARE = 0.25
      FASTS = (PSI / 3600)..(60 * PSI / 3600)
      BUBBLE = 12.0             # of the tank is air, where that is what expansion goes into
      SUDDEN = 60 * PSI / 60    # faster than any heating: a regulator or a valve was moved
      CREEPS = 2 * 3600         # s; a coil's last heat is slow, too, but shorter
      PAUSE = { fast: 180, slow: 1200 }.freeze # s of rest that do not end a rise
      DRAW = 900 # s of a draw that parts one heating in two
      ALIKE = 0.4..2.5 # paces of the two parts, one to the other
      # of its setting: once it lifts it shuts again a little below, and what it does there is no
      # rise of its own
      NEAR_RELIEF = 0.94
      OVER = 0.85 # of its setting, under which it has done with lifting

      def initialize(log)
        @log = log
        @blocks = log.blocks
        ceiling = log.relief ? [log.relief * NEAR_RELIEF, log.static + LOWEST].max : Float::INFINITY
        @values = @blocks.values.map { |value| value.clamp(log.static - (2 * PSI), ceiling) }
        @shape = Shape.new(@blocks.times, @values)
      end

      def events
        runs(:fast).filter_map { |run| heating(run) } +
          Swings.without(runs(:slow), @shape).filter_map { |run| creep(run) }
      end

      # Pa/s from which a rise counts as heating: by the heater's own power where it is known.
      def fast
        @fast ||= (expected = expected_rate) ? (expected * SHARE).clamp(FASTS) : FAST
      end

      private

      # Pa/s that this heater's power makes with its vessel as it should be.
      def expected_rate
        heater = @log.heater
        power = heater&.heating_power or return
        volume = heater.capacity.si
        air = heater.vessel == :bubble ? volume / BUBBLE : heater.vessel_volume&.si.to_f
        give =
          Physics::ClosedSystem.default_compliance(volume) +
          (air / (@log.static + Physics::Vessel::ATMOSPHERE))
        share = Physics::Water.expansion(313.15, 323.15) / 10
        power / (volume * Physics::Water.density(313.15) * Physics::Water.specific_heat(313.15)) *
          share * volume / give
      end

      # [[class, from, to], …] of straight pieces, in order. What rises ever more slowly is slow
      # from its start: heating goes up straight.
      def pieces
        @pieces ||= straight.slice_when { |before, after| ends?(before, after) }.flat_map do |climb|
          slowing = climb.size > 1 && @shape.slowing?(climb.first[1], climb.last[2])
          climb.map { |kind, first, last| [slowing && kind == :fast ? :slow : kind, first, last] }
        end
      end

      def straight
        @blocks.stretches.flat_map do |range|
          SwingingDoor
            .pieces(@blocks.times, @values, range, [STRAIGHT, @log.digit * 0.6].max)
            .map { |first, after| [pace(first, after), first, after] }
        end
      end

      # A climb is a fast or slow piece and what goes on from it without a fall.
      def ends?(before, after)
        after[1] != before[2] || before[0] == :fall || after[0] == :fall ||
          (before[0] == :rest && after[0] == :fast)
      end

      def pace(first, last)
        slope = slope(first, last)
        return :fast if slope >= fast

        if slope >= SLOWEST
          :slow
        else
          (slope <= -SLOWEST ? :fall : :rest)
        end
      end

      # Index pairs of neighbouring pieces of one pace, short rests between them not counted.
      def runs(pace)
        found = []
        other = false
        pieces.each do |kind, first, last|
          next other ||= pace == :slow && kind == :fast unless kind == pace

          !other && joins?(found.last, first, pace) ? found.last[1] = last : found << [first, last]
          other = false
        end
        found
      end

      def joins?(run, first, pace)
        return false unless run && @blocks.breaks.none? { |at, _| at > run[1] && at <= first }

        rest = @blocks.times[first] - @blocks.times[run[1]]
        return pace == :fast && drawn?(run, first, rest) if @values[first] < @values[run[1]] - PSI

        rest <= [PAUSE.fetch(pace), @log.interval * 1.5].max
      end

      # Whether a draw parts one heating in two: it falls, is back at once, and goes on rising as it
      # did.
      def drawn?(run, first, rest)
        return false if rest > [DRAW, @log.interval * 1.5].max

        from = pieces.index { |piece| piece[1] == first }
        pieces[from, 2].any? { |_, *piece| ALIKE.cover?(slope(*run) / slope(*piece)) }
      end

      def slope(first, last)
        (@values[last] - @values[first]) / (@blocks.times[last] - @blocks.times[first])
      end

      def heating((first, last))
        event = event(:heating, first, last)
        return if event.nil? || event.rate > SUDDEN || @shape.back?(first, last, LOWEST / 2)

        event.lifted = lifted(last)
        event
      end

      def creep((first, last))
        event = event(:creep, first, last)
        return unless event

        event if event.seconds >= (@shape.slowing?(first, last) ? CREEPS / 2 : CREEPS)
      end

      def event(kind, first, last)
        times = @blocks.times
        if @values[last] - @values[first] < LOWEST ||
           times[last] - times[first] < (RESOLVES - 1) * @log.interval
          return
        end

        Event.new(
          kind:,
          from: times[first],
          to: times[last],
          start: @values[first],
          extreme: @blocks.values[first..(last + 1)].max
        )
      end

      # Whether the relief valve opened: the pressure stands about its setting.
      def lifted(last)
        relief = @log.relief or return
        after =
          @blocks
            .values
            .drop(last)
            .take_while { |value| value > relief * OVER }
            .count { |value| value >= relief * NEAR_RELIEF }
        return if after.zero?

        after > 2 ? :yes : :may
      end
    end
  end
end
