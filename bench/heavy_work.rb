# frozen_string_literal: true

module Munimen
  module Bench
    # The long pieces of work during which KillTrial kills the server: each is one request, or two,
    # as the owner's screen sends them.
    class HeavyWork
      KINDS = %i[backup restore import photo log sign].freeze
      ROWS = 400 # of an imported table

      # visits: open ones; signable: visits of which only the signatures are wanting; heater: one of
      # them. picture: bytes of a photograph.
      def initialize(visits:, signable:, heater:, picture:)
        @visits = visits
        @signable = signable
        @heater = heater
        @picture = picture
      end

      # Before the server starts: what a restore puts back.
      def prepare(folder)
        config = Web::Config.new(folder)
        @backup = File.join(folder, "trial.zip")
        FileUtils.rm_f(@backup)
        Desk::Backup.new(config.records, folder).write(@backup)
      ensure
        config.records.database.disconnect
      end

      # Does one kind; send: a callable that gets a path, a content type, a body (nil: it is
      # fetched) and answers the response. Returns [kind, id] of what was acknowledged, or nil.
      def call(kind, random, &)
        id = SecureRandom.uuid
        acknowledged = public_send(kind, id, random, &)
        [kind, acknowledged] if acknowledged
      end

      def backup(_id, _random)
        yield("/api/backup.zip", nil, nil)
        nil # nothing is written by it
      end

      def restore(_id, _random)
        yield("/api/restore", "application/zip", File.binread(@backup))
        nil # the same is there before and after
      end

      def import(_id, random)
        rows = Array.new(ROWS) { |number| "Imported #{random.rand(1 << 30)} #{number}" }
        yield("/api/tables/customers", "text/csv", (["name"] + rows).join("\n"))
        nil
      end

      def photo(id, random, &)
        body = { id:, subject: "leak", data: [@picture].pack("m0") }
        id if accepted?("/api/visits/#{@visits.sample(random:)}/photos", body, &)
      end

      def log(id, random)
        start = Time.utc(2026, 1 + random.rand(9), 1)
        rows = Array.new(2_000) { |n| "#{(start + (n * 60)).iso8601},#{60 + random.rand(5)}" }
        path = "/api/heaters/#{@heater}/pressure-logs?log=#{id}&name=a.csv"
        yield(path, "text/csv", (["time,psi"] + rows).join("\n"))
        nil # it is read after it has been taken in
      end

      def sign(_id, _random, &)
        visit = @signable.shift or return
        path = "/api/visits/#{visit}/signatures"
        accepted?(path, { id: SecureRandom.uuid, signer: "customer", refused: "In a hurry" }, &)
        strokes = [[[0.1, 0.1], [0.2, 0.3], [0.4, 0.1]]]
        done = accepted?(path,
{ id: SecureRandom.uuid, signer: "plumber", name: "Orla", strokes: }, &)
        done && visit
      end

      private

      def accepted?(path, body) = yield(path, "application/json", JSON.generate(body)).code == "200"
    end
  end
end
