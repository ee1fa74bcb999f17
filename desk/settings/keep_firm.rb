# frozen_string_literal: true

module Munimen
  module Desk
    # The firm as its pages name it, the rulebook of its new sites, where its vans start and the
    # hours of its days.
    class KeepFirm
      TEXTS = { name: 120, address: 200, phone: 60, registration: 200, foot: 300 }.freeze
      DEGREES = { lat: 90.0, lng: 180.0 }.freeze
      HOURS = %i[starts ends rest].freeze
      CLOCK = /\A([01]?\d|2[0-3]):([0-5]\d)\z/

      def initialize(context) = @context = context

      def show
        firm = settings.firm.transform_keys(&:to_sym)
        hours = DayPlan.hours(settings)
        {
          **TEXTS.keys.to_h { |name| [name, firm[name]] },
          **DEGREES.keys.to_h { |name| [name, firm[name]] },
          **HOURS.to_h { |name| [name, hours[name] && clock(hours[name])] },
          rest_minutes: hours[:rest_minutes],
          logo: settings[:logo],
          named: settings.firm_named?,
          code_profile: settings.code_profile
        }
      end

      # Texts; logo, a data: address of a picture, or nil; lat and lng in degrees, or nil; starts,
      # ends and rest as 08:00; rest_minutes. What is not given stays. Raises Error naming what is
      # wrong.
      def call(code_profile: nil, **given)
        @context.may!(:house_rules)
        firm = texts(given).merge(place(given))
        day = hours(given)
        logo = given[:logo] && Formats::Logo.check!(given[:logo])
        book = code_profile && Rules::Book.find(code_profile).id.to_s
        @context.records.write do
          firm = (settings[:firm] || {}).merge(firm)
          @context.text!(firm["name"], :name)
          settings[:firm] = firm
          settings[:logo] = logo if given.key?(:logo)
          settings[:day] = day if day
          settings[:code_profile] = book if book
        end
        show
      end

      private

      def settings = @context.records.settings

      def texts(given)
        given.slice(*TEXTS.keys).to_h do |name, text|
          [name.to_s, @context.text!(text, name, max: TEXTS[name], required: name == :name)]
        end
      end

      def place(given)
        given.slice(*DEGREES.keys).to_h do |name, degrees|
          if degrees && degrees.abs > DEGREES[name]
            raise Error.new(Message.of("{name} must be within ±{degrees} degrees.",
                                       name:, degrees: DEGREES[name].round),
                            field: name, code: :out_of_range)
          end
          [name.to_s, degrees]
        end
      end

      # The whole day anew, or nil where nothing of it is given.
      def hours(given)
        said = given.slice(*HOURS, :rest_minutes)
        return if said.empty?

        day = DayPlan.hours(settings)
        HOURS.each { |name| day[name] = seconds(said[name], name) if said.key?(name) }
        day[:rest_minutes] = said[:rest_minutes] if said.key?(:rest_minutes)
        return day if day[:starts] < day[:ends]

        raise Error.new("The day must end after it starts.", field: :ends, code: :out_of_range)
      end

      def seconds(text, field)
        return if text.to_s.empty? && field == :rest

        match = CLOCK.match(text.to_s) or
          raise Error.new(Message.of("{field} must be a time such as 08:00; got “{text}”.",
                                     field:, text:), field:,
                                                                                   code: :bad_time)
        (match[1].to_i * 3600) + (match[2].to_i * 60)
      end

      def clock(seconds)
        hour, minute = (seconds / 60).divmod(60)
        format("%<hour>02d:%<minute>02d", hour:, minute:)
      end
    end
  end
end
