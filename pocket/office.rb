# frozen_string_literal: true

module Munimen
  module Pocket
    # Answers the contract's routes without a server: what a worker in the browser calls.
    #
    #   office = Office.new(pack) # JSON of Store::Pack with the person
    #   office.call("GET", "/api/today", "{}", "") # => [200, "{…}"]
    class Office
      # pack: JSON, {person: id of the account, tables: {table => [row]}}. A pack that is not whole
      # raises KeyError or JSON::ParserError.
      def initialize(pack)
        pack = JSON.parse(pack, symbolize_names: true)
        @records = Records.new(pack.fetch(:tables))
        @person = @records.people.find(pack.fetch(:person)) or raise KeyError, "person"
      end

      # [status, JSON] of a request. query: JSON of its parameters; body: JSON or ""; now: ISO time
      # of what was done before and is done again here, else the device's clock counts; once: only
      # the writing, no answer.
      def call(verb, path, query = "{}", body = "", now: nil, once: false)
        route, named = Desk::Routes.find(verb, path)
        given = JSON.parse(query, symbolize_names: true).merge(named)
        sent = body.empty? ? {} : JSON.parse(body, symbolize_names: true)
        answer = route.call(desk(now), given, sent, once:)
        [200, JSON.generate(answer)]
      rescue Error => e
        Desk::Problem.of(e)
      end

      # The same as one text, its status first.
      def text(...) = call(...).join(" ")

      private

      def desk(now)
        clock = now ? -> { Time.iso8601(now) } : -> { Time.now }
        Desk::Context.new(@records, person: @person, clock:)
      end
    end
  end
end
