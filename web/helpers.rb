# frozen_string_literal: true

module Munimen
  module Web
    # What the routes share.
    module Helpers
      def config = settings.munimen
      def records = config.records
      def person = env["munimen.person"]

      # Raises unless somebody is signed in.
      def signed_in!
        person || raise(Refused.new("Sign in first.", code: :not_signed_in))
      end

      # Raises where the firm asks people of this role for a second factor and they have none yet.
      def second_factor!
        return unless second_factor_due?

        raise Refused.new(
          "Set up a second factor first: your firm asks for one.", code: :second_factor_wanted
        )
      end

      def second_factor_due? = env["munimen.factor_due"]

      # Raises unless the password has been given within the last minutes.
      def fresh!
        return if env["munimen.fresh"]

        raise Refused.new("Give your password again first.", code: :fresh_sign_in)
      end

      # What the person who asks works with; a training run has records of its own.
      def desk = config.desk_for(signed_in!, about, sent: Made.of(env, @taken))

      # The same with the firm's own records, whatever it is about.
      def firm = config.desk_for(signed_in!, sent: Made.of(env))

      # Who has no account: reads what a token opens.
      def nobody
        @nobody ||= Desk::Context.new(records, person: { id: nil, name: nil, role: "nobody" })
      end

      # The visit or heater that a request is about, if it is about one.
      def about
        (params["id"] || params["visit"])&.downcase ||
          (sent[:visit] if request.post? && request.path_info == "/api/diagnose")
      end

      UUID = /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/

      # The body, read as JSON; an id is the same in capitals.
      def sent
        @sent ||= small(JSON.parse(request.body.tap(&:rewind).read, symbolize_names: true))
      end

      def small(value)
        case value
        when Hash then value.transform_values { |one| small(one) }
        when Array then value.map { |one| small(one) }
        when UUID then value.downcase
        else value
        end
      end

      def id = params["id"].downcase
      def units = (params["units"] || Rules::Book[records.settings.code_profile].units).to_sym

      # In the language of whoever asks.
      def json(value, status = 200)
        content_type :json
        [status, JSON.generate(Desk::Spoken.answer(value, person&.fetch(:language)))]
      end

      def file(type, bytes, name)
        content_type type
        shown = type == "application/pdf" ? "inline" : "attachment"
        headers "content-disposition" => "#{shown}; filename=\"#{name}\""
        bytes
      end

      # A photograph as it was kept (a row with media_type and data), which runs nothing.
      def picture(row)
        headers "content-security-policy" => "default-src 'none'; sandbox"
        content_type row[:media_type]
        row[:data]
      end

      # Where people reach this installation: as the operator says, or as this request came in.
      def base = ENV.fetch("MUNIMEN_URL") { request.base_url }.chomp("/")
    end
  end
end
