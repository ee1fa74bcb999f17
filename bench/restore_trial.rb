# frozen_string_literal: true

module Munimen
  module Bench
    # An owner fetches a backup of many large photographs and puts it back, while somebody reads:
    # the memory that it costs the server, and how long the others waited.
    class RestoreTrial
      include Timing

      PHOTO = 10_000_000 # bytes of each

      # served: Served, signed in as the owner; folder: its data folder. Yields name, value, unit,
      # wanted of each row.
      def initialize(served, folder, &row)
        @served = served
        @folder = folder
        @row = row
      end

      # megabytes: of photographs.
      def run(megabytes)
        fill(megabytes * 1_000_000 / PHOTO)
        # what there is to read meanwhile
        @served.get("/api/today")
        Tempfile.create("backup", @folder) do |file|
          watched("fetch a backup of #{megabytes} MB") { fetch(file) }
          watched("put it back") { put_back(file) }
        end
      end

      private

      def fill(count)
        count.times do
          name = SecureRandom.hex(32)
          room = File.join(@folder, "photos", name[0, 2])
          FileUtils.mkdir_p(room)
          File.binwrite(File.join(room, name), Random.bytes(PHOTO))
        end
      end

      # What a piece of work costs: the memory that it adds, and the longest look of others.
      def watched(name, &)
        before = @served.memory_mb
        most = before
        longest = 0
        work = Thread.new(&)
        while work.alive?
          start = clock
          @served.get("/api/today")
          longest = [longest, (clock - start) * 1000].max
          most = [most, @served.memory_mb].max
          sleep 0.2
        end
        @row.call("#{name}: #{work.value}, memory that it adds (#{before.round} MB before)",
                  most - before, "MB", "< 100")
        @row.call("#{name}: the longest look at Today meanwhile", longest, "ms", "< 1000")
      end

      def fetch(file)
        @served.streamed do |http, request|
          http.request(request["/api/backup.zip", Net::HTTP::Get]) do |response|
            response.read_body { |part| file.write(part) }
          end
        end
        file.flush
        "#{file.size / 1_000_000} MB"
      end

      def put_back(file)
        @served.streamed do |http, request|
          post = request["/api/restore", Net::HTTP::Post]
          post["Content-Type"] = "application/zip"
          post["Content-Length"] = file.size.to_s
          post.body_stream = File.open(file.path, "rb")
          http.request(post).code
        end
      end
    end
  end
end
