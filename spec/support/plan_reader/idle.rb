# frozen_string_literal: true

class PlanReader
  # What is done for nothing: lifted, opened, lit, connected, heated, drained or asked without
  # anything after it that depends on it (§26.3).
  module Idle
    private

    def idle
      @ids.each_index do |at|
        used(at)
        drained_for_nothing(at) if DRAINS.key?(@ids[at])
        lifted_for_nothing(at) if @ids[at] == :open_relief_for_air
        cooled_for_nothing(at) if @ids[at] == :let_it_cool
      end
      once
      pilot_then_off
    end

    def used(at)
      needs, ends = USED[@ids[at]]
      return unless needs

      return if @ids[at] == :prove_dead && @ids.first(at).include?(:find_isolator)

      rest = @ids[(at + 1)..]
      stop = rest.index { |id| ends.include?(id) } || rest.size
      senseless("§26.3 #{@ids[at]} for nothing", at) unless rest.first(stop + 1).intersect?(needs)
    end

    def drained_for_nothing(at)
      rest = @ids[(at + 1)..]
      stop = rest.index(:refill_tank) || rest.size
      senseless("§26.3 drained for nothing", at) unless
        rest.first(stop).any? { |id| DRAINED_FOR.key?(id) && DRAINED_FOR[id] >= DRAINS[@ids[at]] }
    end

    def lifted_for_nothing(at)
      rest = @ids[(at + 1)..]
      stop = rest.index(:shut_relief_after_air) || rest.size
      senseless("§26.3 lifted for nothing", at) unless rest.first(stop).intersect?(DRAINS.keys)
    end

    def cooled_for_nothing(at)
      hot = @dangers.any? { |one| one[:hot] }
      wanted = @ids[(at + 1)..].intersect?([*DRAINS.keys, *LEVERS, :shut_heater_supply,
                                            :watch_first_heat_up])
      senseless("§26.3 cooled for nothing", at) unless hot && wanted
    end

    def once
      ONCE.each do |id, between|
        places = @ids.each_index.select { |at| @ids[at] == id }
        places.each_cons(2) do |one, two|
          senseless("§26.3 #{id} twice", two) unless @ids[one..two].intersect?(between)
        end
      end
      drains = @ids.each_index.select { |at| DRAINS.key?(@ids[at]) }
      senseless("§26.3 drained twice", drains[1]) if
        drains.size > 1 && @ids[drains[0]..drains[1]].include?(:refill_tank)
    end

    def pilot_then_off
      pilot = index(:turn_burner_to_pilot) or return
      off = @ids.each_index.find { |at| at > pilot && @ids[at] == :turn_gas_off } or return
      return if @ids[pilot..off].intersect?([*AT_ZERO, *DRAINS.keys, :test_pilot, :flush_bursts])

      senseless("§26.3 PILOT, then OFF", pilot)
    end
  end
end
