# frozen_string_literal: true

module Munimen
  module Pocket
    # Answers the contract's routes without a server: what a worker in the browser calls.
    #
    #   office = Office.new(pack) # JSON of Store::Pack with the person
    #   office.call("GET", "/api/today", "{}", "") # => [200, "{…}"]
    class Office
      # pack: JSON, {person: id of the account, tables: {table => [row]}, training: [{token:,
      # tables:}]}. A pack that is not whole raises KeyError or JSON::ParserError.
      def initialize(pack)
        pack = JSON.parse(pack, symbolize_names: true)
        @records = Records.new(pack.fetch(:tables))
        @runs = Desk::TrainingRuns.new(TrainingShelf.new(pack.fetch(:training, [])))
        @person = @records.people.find(pack.fetch(:person)) or raise KeyError, "person"
      end

      # [status, JSON] of a request. query: JSON of its parameters; body: JSON or ""; now: ISO time
      # of what was done before and is done again here, else the device's clock counts; once: only
      # the writing, no answer.
      def call(verb, path, query = "{}", body = "", now: nil, once: false)
        route, named = Desk::Routes.find(verb, path)
        given = JSON.parse(query, symbolize_names: true).merge(named)
        sent = body.empty? ? {} : JSON.parse(body, symbolize_names: true)
        about = [given[:id], given[:visit], sent[:visit]].compact.first unless route.firm?
        answer = route.call(desk(now, about), given, sent, once:)
        [200, JSON.generate(Desk::Spoken.answer(answer, @person[:language]))]
      rescue Error => e
        Desk::Problem.of(e, @person[:language])
      end

      # The same as one text, its status first.
      def text(...) = call(...).join(" ")

      private

      # about: id of what is asked about; a training run has records of its own.
      def desk(now, about)
        clock = now ? -> { Time.iso8601(now) } : -> { Time.now }
        return @runs.find(about, @person, clock:).context(@person) if Desk::TrainingRun.token(about)

        Desk::Context.new(@records, person: @person, clock:, training_runs: @runs)
      end
    end
  end
end
