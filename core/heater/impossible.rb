# frozen_string_literal: true

module Munimen
  module Heater
    # Refuses configurations that cannot be, with the reason and the field.
    class Impossible
      SMALLEST = Measure::Quantity.of(2, "gal", :volume)
      LARGEST = Measure::Quantity.of(150, "gal", :volume)

      # given: names of the fields that were filled in.
      def initialize(heater, given)
        @heater = heater
        @given = given
      end

      # Raises Error on the first thing that cannot be.
      def check!
        capacity
        foreign_fields
        vessel
        regulator
        discharge
        immersion
        elements
        flushed
      end

      private

      def capacity
        unless @heater.capacity
          raise Error.new(
            "capacity is missing; it stands on the data plate.",
            field: :capacity,
            code: :missing
          )
        end
        return if @heater.capacity.between?(SMALLEST, LARGEST)

        raise Error.new(
          Message.of("capacity must be between {smallest} ({smallest_metric}) and {largest} " \
                     "({largest_metric}) for a domestic storage heater.",
                     smallest: SMALLEST.format(:us), smallest_metric: SMALLEST.format(:england),
                     largest: LARGEST.format(:us), largest_metric: LARGEST.format(:england)),
          field: :capacity,
          code: :out_of_range
        )
      end

      def foreign_fields
        Fields::ONLY.each do |field, (kinds, reason)|
          if kinds.include?(@heater.kind) || !@given.include?(field) ||
             %i[no unknown].include?(@heater.public_send(field))
            next
          end

          refuse(field, "#{@heater.type.called} #{reason}.")
        end
      end

      def vessel
        if @heater.vessel == :bubble && !@heater.unvented?
          refuse(
            :vessel,
            "Only an unvented cylinder keeps an air bubble inside; this heater has a vessel " \
            "outside, or none."
          )
        end
        return unless @heater.vessel_volume && %i[none bubble].include?(@heater.vessel)

        refuse(:vessel_volume, "There can be no vessel volume where there is no vessel.")
      end

      def regulator
        if @heater.unvented? && @heater.regulator == :no
          refuse(
            :regulator,
            "An unvented cylinder has a pressure reducing valve in its inlet group: yes, or not " \
            "known."
          )
        end
        return unless @heater.regulator == :no && @heater.regulator_setting

        refuse(
          :regulator_setting,
          "There can be no regulator setting where there is no regulator."
        )
      end

      def discharge
        if @heater.expansion_relief == :no && @heater.expansion_relief_pressure
          refuse(
            :expansion_relief_pressure,
            "There can be no setting of an expansion relief valve that is not there."
          )
        end
        if @heater.discharge_ends == :none && @heater.shared_discharge == :yes
          refuse(:shared_discharge, "A discharge pipe that is not there cannot be shared.")
        end
        fall = @heater.d2_fall&.si
        refuse(:d2_fall, "d2_fall is the 200 of “1 in 200”: a number above 0.") if
          fall && !fall.positive?
        bends = @heater.d2_bends&.si
        return unless bends && (bends.negative? || bends != bends.round)

        refuse(:d2_bends, "d2_bends must be a whole number, 0 or more.")
      end

      def elements
        return unless @heater.heat_pump_elements == :no

        field = %i[element_upper element_lower].find { |name| @heater.public_send(name) } or return
        refuse(field, "There can be no element power where a heat pump has no element.")
      end

      def immersion
        return unless @heater.backup_immersion == :no && @heater.immersion_power

        refuse(
          :immersion_power,
          "There can be no immersion power where there is no back-up immersion."
        )
      end

      def flushed
        text = @heater.last_flushed or return
        return if text == "never" || text.match?(/\A\d{4}(-\d{2}(-\d{2})?)?\z/)

        raise Error.new(
          Message.of("last_flushed is “never”, or a year, month or day such as 2024-05; got " \
                     "“{text}”.",
                     text:),
          field: :last_flushed,
          code: :bad_date
        )
      end

      def refuse(field, message) = raise(Error.new(message, field:, code: :impossible))
    end
  end
end
