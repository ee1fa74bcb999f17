# frozen_string_literal: true

module Munimen
  module Bench
    # Visits at the screen while the line goes at random moments: the server killed before, in and
    # after a write, the page loaded anew or closed, a second tab, a clock that is wrong; and a
    # second person at the office who meanwhile writes dangers, readings and jobs. Afterwards every
    # write must be there, once, in the order in which it was made, in the state in which it was
    # taken, and nothing can be signed over two accounts.
    class OfflineTrial < Away
      WRITES = 6 # of each visit
      WRONG_CLOCK = 5 * 3600 # s
      EVENTS = %i[nothing nothing kill kill_meanwhile serve serve reload reopen other_tab].freeze
      PATIENCE = 40 # s until everything is with the server again

      def run(count, seed: 1)
        @random = Random.new(seed)
        @lost = []
        @double = []
        @disorder = []
        @otherwise = []
        @falsified = []
        @signable = []
        @apart = 0
        @slow = 0
        @unseen = 0
        done = 0
        # Cut short, it tells what there was.
        trap("TERM") { count = 0 }
        with_everything do |heaters|
          while done < count
            one(heaters[done % heaters.size])
            done += 1
          end
        end
        told(done)
      end

      private

      # One visit, booked and started with a line, then written to without one, or with half of one.
      def one(heater)
        serve
        visit = started(heater)
        take_along
        show(visit)
        typed = []
        values = Array.new(WRITES) { |index| (40 + (9 * index) + @random.rand(9)).to_s }
        others = values.flat_map do |value|
          typed << value if write(visit, value)
          @random.rand(4).zero? ? [second_person(visit)].compact : []
        end
        show(visit)
        here = until_there(10) { verdict }
        serve
        check(visit, typed)
        by_office(visit)
        compare(visit, here) if others.empty?
        leave(visit)
      end

      # What stood under the reading here, and what the server says of it.
      def compare(visit, here)
        return @unseen += 1 if here.nil?

        there = by_the_server(visit)
        return if here == there

        @otherwise << visit
        warn "#{visit}: “#{here}” here, “#{there}” at the office"
      end

      # Somebody else at the office: a danger, another reading of the same, a job. What they did.
      def second_person(visit)
        at_the_office do |desk|
          case @random.rand(3)
          when 0 then read(desk, visit, "room_co", "90")
          when 1 then read(desk, visit, "static_pressure", "77.#{@random.rand(100..999)}")
          else Desk::ChangeJobs.new(desk).add(visit, job: "flush")
          end
          :wrote
        end
      rescue Refused
        nil
      end

      def read(desk, visit, name, value)
        Desk::TakeReading.new(desk).call(visit, id: SecureRandom.uuid, name:, value:)
      end

      def at_the_office
        database do |db|
          records = Store::Records.new(db, folder: @folder)
          person = records.people.all.find { |one| one[:role] == "plumber" }
          yield Desk::Context.new(records, person:)
        end
      end

      # No reading stands in a state that its device did not know, and nothing is signed over two
      # accounts.
      def by_office(visit)
        at_the_office do |desk|
          danger = desk.records.visits.rows(:readings, visit).find { |row| row[:name] == "room_co" }
          desk.records.visits.rows(:readings, visit).each do |row|
            known = row.dig(:arrived, :known) or next
            told = row[:state].include?("hazard.carbon_monoxide")
            @falsified << row[:id] if danger && known < danger[:seq] && told
          end
          loaded = desk.records.visits.load(visit, now: Time.now)
          @apart += loaded.unanswered.size
          @signable << visit if loaded.unanswered.any? && !held?(desk, loaded)
        end
      end

      def held?(desk, visit)
        plan = desk.records.plans.plan(visit)
        found = Judgement::Judge.of(visit).deficiencies
        Judgement::Closing.new(visit, plan, found).obstacles.any? { |one| one.code == :apart }
      end

      # Nobody has two hundred visits open at one time, all of them to take along: one that is
      # through is over.
      def leave(visit)
        database do |db|
          db[:visits].where(id: visit).update(
            status: "signed", planned_for: (Time.now.utc - (7 * 86_400)).iso8601
          )
        end
      end

      def write(visit, value)
        event = EVENTS.sample(random: @random)
        before(event, visit)
        killer = Thread.new { sleep(@random.rand * 0.08) && kill } if event == :kill_meanwhile
        show(visit) unless @page.at_css("input[name=static_pressure]") # the screen has gone on
        taken = type(value)
        slow(event, visit) unless taken
        killer&.join
        taken
      end

      def slow(event, visit)
        # With gas or CO about there is one thing to do, and no pressure to read.
        return if @page.at_css("body")&.text.to_s.match?(/Everybody out|evacuat/i)

        @slow += 1
        warn "not taken after #{event} in #{visit}, #{@page.at_css("body")&.text.to_s[0, 300]}"
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
        until_there { answered || taken?(value) }
        until_there { taken?(value) }
      end

      # The question after a second value: the likely answer stands first.
      def answered = @page.at_css(".second button")&.tap(&:click)

      # It stands at its field, or, where that was the step's last answer, above the next step.
      def taken?(value)
        ["article .reading .kept", ".just"].any? { |at| @page.at_css(at)&.text&.include?(value) }
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
          break if (values - rows).empty?

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
        @row.call("visits without a verdict on the screen within 10 s", @unseen, "", "0")
        @row.call("not taken by the screen within 25 s", @slow, "", "0")
        @row.call("readings in a state that was not theirs", @falsified.size, "", "0")
        @row.call("entries that met another account", @apart, "", "")
        @row.call("visits that could be signed over two accounts", @signable.size, "", "0")
      end
    end
  end
end
