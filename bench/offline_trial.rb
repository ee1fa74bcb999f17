# frozen_string_literal: true

require "json"
require "socket"
require "tmpdir"

module Munimen
  module Bench
    # Visits at the screen while the line goes at random moments: the server killed before, in and
    # after a write, the page loaded anew or closed, a second tab, a clock that is wrong. Afterwards
    # every write must be there, once, in the order in which it was made.
    class OfflineTrial
      WRITES = 6 # of each visit
      WRONG_CLOCK = 5 * 3600 # s
      EVENTS = %i[nothing nothing kill kill_meanwhile serve serve reload reopen other_tab].freeze
      PATIENCE = 40 # s until everything is with the server again

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(count, seed: 1)
        require "ferrum"
        @random = Random.new(seed)
        @lost = []
        @double = []
        @disorder = []
        @otherwise = []
        @slow = 0
        with_everything { |heaters| count.times { |number| one(heaters[number % heaters.size]) } }
        told(count)
      end

      private

      def with_everything
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

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      # One visit, booked and started with a line, then written to without one, or with half of one.
      def one(heater)
        serve
        visit = started(heater)
        take_along
        show(visit)
        values = Array.new(WRITES) { |index| (40 + (9 * index) + @random.rand(9)).to_s }
        values.each { |value| write(visit, value) }
        here = verdict
        serve
        check(visit, values)
        @otherwise << visit if here.nil? || here != by_the_server(visit)
      end

      def started(heater)
        SecureRandom.uuid.tap do |id|
          database do |db|
            records = Store::Records.new(db, folder: @folder)
            desk = Desk::Context.new(records, person: records.people.by_email(owner))
            Desk::StartVisit.new(desk).book(
              id:, heater_id: heater, jobs: ["annual_safety"], planned_for: Time.now.utc.iso8601
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

      def write(visit, value)
        event = EVENTS.sample(random: @random)
        before(event, visit)
        killer = Thread.new { sleep(@random.rand * 0.08) && kill } if event == :kill_meanwhile
        type(value) || @slow += 1
        killer&.join
      end

      def before(event, visit)
        case event
        when :kill then kill
        when :serve then serve
        when :reload then show(visit)
        when :reopen then anew(visit)
        when :other_tab then other_tab(visit)
        end
      end

      def anew(visit)
        @page.close
        @page = @browser.create_page
        if @random.rand(3).zero?
          @page.command("Page.addScriptToEvaluateOnNewDocument", source: <<~JS)
            const Right = Date
            const late = #{WRONG_CLOCK * 1000}
            Date = class extends Right {
              constructor(...given) { given.length ? super(...given) : super(Right.now() + late) }
              static now() { return Right.now() + late }
            }
          JS
        end
        show(visit)
      end

      # The one before stays open behind it, as people leave them.
      def other_tab(visit)
        @behind&.close
        @behind = @page
        @page = @browser.create_page
        show(visit)
      end

      # Types a reading and waits until the screen has taken it.
      def type(value)
        field = until_there { @page.at_css("input[name=static_pressure]") } or return
        @page.execute("document.querySelector('input[name=static_pressure]').value = ''")
        field.focus.type(value, :Enter)
        until_there { @page.at_css("article .reading .kept")&.text&.include?(value) }
      end

      def verdict = @page.at_css("article .reading .verdict")&.text&.squeeze(" ")

      # The screen anew, with nothing unsent: what it says now is the server's.
      def by_the_server(visit)
        until_there { @page.at_css(".waiting").nil? }
        show(visit)
        until_there { verdict }
      end

      def check(visit, values)
        ends = clock + PATIENCE
        rows = []
        while clock < ends
          rows = database do |db|
            db[:readings].where(visit_id: visit, name: "static_pressure").order(:seq)
                         .select_map(:typed)
          end
          break if rows.size >= values.size

          sleep 0.3
        end
        @lost.concat(values - rows)
        @double.concat(rows.tally.select { |_, times| times > 1 }.keys)
        @disorder << visit unless (rows & values) == (values & rows)
      end

      def told(count)
        @row.call("visits while the line goes", count, "", "200")
        @row.call("writes in them", count * WRITES, "", "")
        @row.call("lost", @lost.size, "", "0")
        @row.call("twice", @double.size, "", "0")
        @row.call("visits out of order", @disorder.size, "", "0")
        @row.call("visits whose verdict the server changed", @otherwise.size, "", "0")
        @row.call("not taken by the screen within 25 s", @slow, "", "0")
      end
    end
  end
end
