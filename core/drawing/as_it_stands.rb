# frozen_string_literal: true

module Munimen
  module Drawing
    # What the drawing shows of the moment: how high the water stands, which valves are shut, what
    # burns or heats, what is locked, taken off or connected. It draws over what Section drew and
    # gives shapes another role; it draws nothing where everything is as it usually is.
    #
    #   AsItStands.new(canvas, tank, visit.state) # state: {variable => value} of Work::StateSpace
    class AsItStands
      LEFT = Section::LEFT
      RIGHT = Section::RIGHT
      PIPE = Section::PIPE
      FLOOR = Section::FLOOR
      CENTRE = Section::CENTRE

      # The share of the tank that holds no water; each just below what it is named after.
      EMPTIED = {
        falling: 0.08,
        below_relief_port: 0.16,
        below_upper_element: 0.46,
        below_lower_element: 0.88,
        empty: 1.0
      }.freeze
      # A part that lies beside the heater while its variable has this value.
      OFF = {
        discharge_pipe: %i[discharge_pipe off],
        vessel: %i[vessel off],
        inlet_group: %i[inlet_group out]
      }.freeze
      # Openings are called as their parts are, except for these.
      PARTS = { relief: :relief_valve, element: :lower_element }.freeze
      ELEMENTS = %i[upper_element lower_element element immersion].freeze

      def initialize(canvas, tank, state)
        @canvas = canvas
        @tank = tank
        @state = state
      end

      # To be drawn before what stands in the water.
      def water
        @canvas.recast(:tank, :water, :cold_water) if is?(:temperature, :cold)
        share = EMPTIED[@state[:level]] or return

        tall = @tank.tall * share
        @canvas.rect(@tank.left + 1, @tank.top + 1, @tank.wide - 2, tall - 2, :tank, :emptied,
                     radius: 8)
        return if is?(:level, :empty)

        @canvas.line(@tank.left + 1, @tank.top + tall, @tank.right - 1, @tank.top + tall, :tank,
                     :water_line)
        arrow(@tank.right - 14, @tank.top + tall) if is?(:level, :falling) || is?(:drain, :open)
      end

      def draw
        heat
        valves
        power
        taken_off
        drain
        instruments
        air
        tag if @state[:left].to_s.match?(/made_safe|against_advice/)
      end

      private

      def is?(name, *values) = values.include?(@state[name])

      # Where the head of a part is, if it is drawn.
      def at(part) = @canvas.anchors.key?(part) && yield(*@canvas.anchors[part])

      def each_of(group)
        @state.each do |name, value|
          of, member = name.to_s.split(".")
          yield member.to_sym, value if of == group.to_s && member
        end
      end

      def arrow(x, y)
        @canvas.path("M#{x} #{y + 4} V#{y + 18} M#{x - 4} #{y + 13} L#{x} #{y + 18} " \
                     "L#{x + 4} #{y + 13}", :tank, :flow)
      end

      def heat
        each_of(:heat) do |source, value|
          part = PARTS.fetch(source, source)
          case source
          when :burner then flame(value)
          when :coil then @canvas.recast(:coil, :coil, :coil_off) if value == :off
          else @canvas.recast(part, :element, :element_on) if value == :on
          end
        end
      end

      def flame(value)
        return if value == :on

        @canvas.recast(:burner, :flame, :flame_out)
        return unless value == :pilot && !is?(:pilot_flame, :out)

        at(:burner) do |x, y|
          @canvas.path("M#{x - 5} #{y} Q#{x - 2} #{y - 9} #{x + 1} #{y} Z", :burner, :flame)
        end
      end

      # Shut: filled, with a bar across the pipe.
      def valves
        shut(:cold_shut_off, upright: true) if is?(:heater_supply, :shut)
        shut(:gas_cock) if is?(:cock, :shut)
        bar(LEFT + 5, PIPE, :house_main) if is?(:house_supply, :shut)
        lever_up if is?(:air_path, :relief) || is?(:relief, :open)
        stream(RIGHT - 6, PIPE + 22, :tap) if is?(:air_path, :tap)
        loop_shut if @state[:coil_loop] && !is?(:coil_loop, :live)
        pump_off if is?(:recirculation, :off)
      end

      def shut(part, upright: false)
        at(part) do |x, y|
          @canvas.recast(part, :brass, :shut)
          bar(x + 6, y, part, upright:)
        end
      end

      def bar(x, y, part, upright: false)
        across = upright ? [x - 9, y, x + 9, y] : [x, y - 9, x, y + 9]
        @canvas.line(*across, part, :bar)
      end

      def lever_up
        at(:relief_valve) do |x, y|
          @canvas.remove(:relief_valve, :lever)
          @canvas.line(x - 7, y - 1, x - 7, y - 17, :relief_valve, :lever_up)
        end
      end

      def stream(x, y, part) = @canvas.line(x, y, x, y + 14, part, :stream)

      def loop_shut
        at(:coil) { |x, y| bar(x + 4, y, :coil) }
        at(:two_port) { |x, y| bar(x - 6, y, :coil) }
      end

      def pump_off
        at(:recirculation_pump) { |x, y| bar(x - 6, y, :recirculation_pump) }
      end

      # A blade that stands away from its switch; the cable is dead where that was proved.
      def power
        feeds = Hash.new { |all, part| all[part] = [] }
        each_of(:feed) { |feed, value| feeds[switch(feed)] << value }
        feeds.each { |part, values| blade(part, values) }
        locked = []
        each_of(:lock) { |feed, value| locked |= [switch(feed)] if value == :on }
        locked.each { |part| padlock(part) }
        each_of(:leads) { |source, value| lead_off(PARTS.fetch(source, source)) if value == :off }
      end

      def switch(feed) = feed == :heating_controls ? :programmer : :disconnect

      def blade(part, values)
        at(part) do |x, y|
          return if values.include?(:live)

          @canvas.line(x + 8, y + 7, x + 15, y - 8, part, :blade)
          @canvas.recast(part, :cable, :dead_cable) if values.all?(:proved_dead)
        end
      end

      def padlock(part)
        at(part) do |x, y|
          @canvas.path("M#{x + 4} #{y + 16} V#{y + 13} Q#{x + 8} #{y + 7} #{x + 12} #{y + 13} " \
                       "V#{y + 16}", part, :shackle)
          @canvas.rect(x + 2, y + 16, 12, 9, part, :lock, radius: 1.5)
        end
      end

      def lead_off(part)
        at(part) do |x, y|
          away = side(x)
          @canvas.path("M#{x} #{y - 9} L#{x + (away * 7)} #{y - 14} M#{x + (away * 3)} #{y - 5} " \
                       "L#{x + (away * 10)} #{y - 10}", part, :lead)
        end
      end

      # Away from the tank.
      def side(x) = x < CENTRE ? -1 : 1

      def taken_off
        each_of(:opening) { |part, value| apart(PARTS.fetch(part, part)) if value == :removed }
        OFF.each { |part, (name, value)| apart(part) if is?(name, value) }
        covers if is?(:covers, :off)
        door if is?(:burner_door, :open)
        ring(LEFT + 14, PIPE + 13, :inlet_group) if is?(:strainer, :out)
        ring(@tank.left - 26, @tank.bottom + 10, :gas_cock) if is?(:union, :broken)
      end

      def apart(part) = @canvas.recast(part, nil, :taken_off)
      def ring(x, y, part) = @canvas.circle(x, y, 6, part, :taken_off)

      def covers
        ELEMENTS.each do |part|
          at(part) do |x, y|
            @canvas.rect(side(x).negative? ? x - 18 : x + 8, y - 11, 10, 22, part, :taken_off,
radius: 1)
          end
        end
      end

      def door
        @canvas.path("M#{CENTRE + 24} #{FLOOR - 26} L#{CENTRE + 42} #{FLOOR - 20} V#{FLOOR - 2} " \
                     "L#{CENTRE + 24} #{FLOOR - 6} Z", :burner, :taken_off)
      end

      def drain
        at(:drain_valve) do |x, y|
          if is?(:hose, :fitted)
            @canvas.path("M#{x} #{y} Q#{x + 12} #{y} #{x + 12} #{y + 10} V#{FLOOR - 4} " \
                         "H#{RIGHT + 6}", :drain_valve, is?(:drain, :open) ? :hose_running : :hose)
          elsif is?(:drain, :open)
            stream(x - 2, y + 4, :drain_valve)
          end
        end
      end

      def instruments
        gauge if is?(:gauge, :fitted)
        at(:gas_control) do |x, y|
          @canvas.circle(x + 4, y - 5, 3.5, :gas_control, :open_point) if is?(:test_points, :open)
          manometer(x - 10, y) if is?(:manometer, :connected)
        end
      end

      def manometer(x, y)
        @canvas.path("M#{x + 10} #{y} H#{x} V#{y - 34} M#{x} #{y - 34} V#{y - 20} " \
                     "Q#{x - 4} #{y - 10} #{x - 8} #{y - 20} V#{y - 44}", :gas_control, :instrument)
      end

      def gauge
        at(:drain_valve) do |x, y|
          @canvas.line(x - 5, y, x + 6, y - 12, :drain_valve, :instrument)
          @canvas.circle(x + 9, y - 18, 8, :drain_valve, :dial)
          @canvas.line(x + 9, y - 18, x + 13, y - 22, :drain_valve, :lever)
        end
      end

      def air
        return unless is?(:air_in_pipes, :yes)

        x = CENTRE + (@tank.wide * 0.3)
        [[x, @tank.top - 6], [x, PIPE + 8], [x + 12, PIPE], [x + 26, PIPE]].each do |spot|
          @canvas.circle(*spot, 2.2, :hot_outlet, :air_bubble)
        end
      end

      # The tag that whoever comes next reads first.
      def tag
        x = @tank.right - 24
        y = @tank.top + (@tank.tall * 0.5)
        @canvas.path("M#{x} #{y} H#{x + 18} V#{y + 24} H#{x} Z M#{x + 4} #{y + 10} H#{x + 14} " \
                     "M#{x + 4} #{y + 16} H#{x + 14}", :tank, :tag)
      end
    end
  end
end
