# frozen_string_literal: true

require "json"
require "socket"
require "tmpdir"

module Munimen
  module Bench
    # A browser with the demo's firm, and its server as a process that can be killed: what trials of
    # the time without a signal share.
    class Away
      include Timing

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      private

      # Yields ids of heaters.
      def with_everything
        require "ferrum"
        Dir.mktmpdir("munimen-offline") do |folder|
          @folder = folder
          config = Web::Config.new(folder)
          Demo::Seed.call(config)
          config.records.database.disconnect
          @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
          serve
          open_browser
          yield american
        ensure
          @browser&.quit
          kill
        end
      end

      # Where what is typed is in order, so that nothing else has to be done first.
      def american
        database do |db|
          sites = db[:sites].where(code_profile: "us_irc").select_map(:id)
          db[:heaters].where(site_id: sites).order(:id).limit(8).select_map(:id)
        end
      end

      def database
        db = Store::Database.open(File.join(@folder, "munimen.sqlite3"))
        yield db
      ensure
        db&.disconnect
      end

      def serve
        return if @server

        @server = spawn(
          { "MUNIMEN_DATA" => @folder, "RACK_ENV" => "production" },
          File.join(ROOT, "bin/munimen"), "serve", @port.to_s,
          out: File::NULL, err: File::NULL, pgroup: true
        )
        200.times { listening? ? break : sleep(0.1) }
      end

      def listening?
        TCPSocket.open("127.0.0.1", @port, &:close)
        true
      rescue SystemCallError
        false
      end

      def kill
        return unless @server

        Process.kill(:KILL, -@server)
        Process.wait(@server)
        @server = nil
      end

      def open_browser
        @browser = Ferrum::Browser.new(
          timeout: 40, browser_path: "/usr/bin/chromium",
          browser_options: { "no-sandbox" => nil, "user-data-dir" => File.join(@folder, "profile") }
        )
        @page = @browser.create_page
        @page.go_to(at("/sign-in"))
        until_there { @page.at_css(".demo button") }
        owner = @page.css(".demo li").find { |one| one.text.include?("owner") }
        owner.at_css("button").click
        until_there { @page.at_css(".ready b") }
        until_there { @page.evaluate("navigator.serviceWorker.ready.then(() => true)") }
        @page.refresh
      end

      def at(path) = "http://localhost:#{@port}#{path}"

      # Waits for something to be on the page; nil where it does not come.
      def until_there(seconds = 25)
        ends = clock + seconds
        while clock < ends
          found = begin
            yield
          rescue Ferrum::Error
            nil
          end
          return found if found

          sleep 0.05
        end
        nil
      end

      def started(heater, jobs = ["annual_safety"])
        SecureRandom.uuid.tap do |id|
          database do |db|
            records = Store::Records.new(db, folder: @folder)
            desk = Desk::Context.new(records, person: records.people.by_email(owner))
            Desk::StartVisit.new(desk).book(
              id:, heater_id: heater, jobs:, planned_for: Time.now.utc.iso8601
            )
            Desk::StartVisit.new(desk).start(id)
          end
        end
      end

      def owner = "owner@tallowreed.example"

      # In the van: Today, and "get it anew".
      def take_along
        @page.go_to(at("/"))
        until_there { @page.at_css(".ready b") && @page.at_css(".ready .again") }
        @page.execute("document.querySelector('.ready .again')?.click()")
        sleep 0.1
        until_there { @page.at_css(".ready .again") }
      end

      def show(visit)
        @page.go_to(at("/visits/#{visit}?step=read_static_pressure"))
        until_there { @page.at_css("input[name=static_pressure]") }
      end
    end
  end
end
