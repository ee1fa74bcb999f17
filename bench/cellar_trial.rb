# frozen_string_literal: true

module Munimen
  module Bench
    # How fast the same Ruby answers in the browser with no server, and what it takes along.
    class CellarTrial < Away
      JOBS = %w[annual_safety flush inspect_anode charge_recheck].freeze
      READINGS = 20
      STEPS = 300

      # From the key or the click to the change on the screen, in the page's own time.
      WATCH = <<~JS
        window.watch = (kind, done) => {
          window.took = null
          addEventListener(kind, (event) => {
            if (!event.isTrusted) return
            const from = performance.now()
            const look = () => done() ? (window.took = performance.now() - from)
                                      : requestAnimationFrame(look)
            look()
          }, { capture: true, once: true })
        }
      JS

      def run
        with_everything do |heaters|
          visits = heaters.map { |heater| started(heater, JOBS) }
          take_along
          sizes
          kill
          measured(visits.first)
          SlowCore.of(@browser.process.pid) { measured(visits.first, "a core of a quarter") }
          steps(visits.first)
        end
      end

      private

      def sizes
        pack = @page.evaluate_async(<<~JS, 20)
          fetch('/api/pocket').then((r) => r.text()).then((t) => arguments[0](t))
        JS
        @row.call("what 8 visits take along", (pack.bytesize / 1e6).round(2), "MB", "< 1.5")
        names = JSON.parse(File.read(File.join(ROOT, "web/public/offline/offline.json")))
        @row.call("the runtime, compressed", (names["bytes"] / 1e6).round(2), "MB", "< 9")
        @row.call("first screen's scripts, compressed", scripts, "kB", "< 250")
      end

      # Of the page that is shown, as gzip: what the browser is told to fetch before it is usable.
      def scripts
        urls = @page.evaluate(<<~JS)
          performance.getEntriesByType('resource').map((one) => one.name)
            .filter((name) => /\\/assets\\/.*\\.js$/.test(name) && !/worker/.test(name))
        JS
        files = urls.uniq.map { |url| File.join(ROOT, "web/public/assets", File.basename(url)) }
        (files.sum { |file| Zlib.gzip(File.binread(file)).bytesize } / 1e3).round
      end

      # how: on what it runs.
      def measured(visit, how = "a whole core")
        @how = how
        cold(visit)
        awake(visit)
        verdicts(visit)
      end

      def cold(visit)
        @page.close
        times = Array.new(5) do
          @page = @browser.create_page
          from = clock
          show(visit)
          ((clock - from) * 1000).round.tap { @page.close }
        end
        @page = @browser.create_page
        @row.call("from nothing to a step, server dead, #{@how}", median(times), "ms", "< 2000")
      end

      # Until Ruby answers: the first touch is judged.
      def awake(visit)
        from = clock
        show(visit)
        @page.execute(WATCH)
        verdict(another)
        took = ((clock - from) * 1000).round
        @row.call("from nothing to a first verdict, #{@how}", took, "ms", "")
      end

      def verdicts(visit)
        show(visit)
        @page.execute(WATCH)
        times = Array.new(READINGS) { verdict(another) }.drop(2)
        @row.call("a verdict after Enter, no server, #{@how}, p50", median(times), "ms", "")
        @row.call("a verdict after Enter, no server, #{@how}, p95", percentile(times, 0.95), "ms",
                  "≤ 250")
      end

      # A value that stands nowhere on the screen yet.
      def another = @value = (@value || 29) + 1

      def verdict(value)
        field = @page.at_css("input[name=static_pressure]")
        field.focus.type(value.to_s)
        @page.execute(<<~JS)
          watch('keydown', () => document.querySelector('article .reading .kept')?.textContent
            .includes('#{value}'))
        JS
        field.type(:Enter)
        @page.at_css(".second button")&.click
        until_there { @page.evaluate("window.took") }.round
      end

      # "Identify" done and taken back, over and over.
      def steps(visit)
        @page.go_to(at("/visits/#{visit}"))
        until_there { @page.at_css("article h2") }
        @page.at_css("article .looks .all")&.click
        until_there { @page.at_css("article .looks .all").nil? }
        @page.execute(WATCH)
        times = []
        memory = []
        (STEPS / 2).times do |index|
          times << step
          memory << memory_mb if [20, (STEPS / 2) - 1].include?(index)
        end
        @row.call("the next step after Done, no server", median(times), "ms", "< 500")
        @row.call("memory of page and worker, 40 steps", memory.first, "MB", "< 200")
        @row.call("memory of page and worker, #{STEPS} steps", memory.last, "MB", "flat")
      end

      # Without a hold on any node: that would keep every page's nodes in memory.
      def step
        before = heading
        @page.execute(<<~JS)
          watch('click', () => document.querySelector('article h2')?.textContent.trim()
            !== #{JSON.generate(before)})
        JS
        @page.mouse.click(**done_button)
        took = until_there { @page.evaluate("window.took") }.round
        @page.keyboard.type("u")
        until_there { heading == before }
        took
      end

      def heading = @page.evaluate("document.querySelector('article h2')?.textContent.trim()")

      def done_button
        spot = @page.evaluate(<<~JS)
          (() => {
            const box = document.querySelector('article .go').getBoundingClientRect()
            return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
          })()
        JS
        { x: spot["x"], y: spot["y"] }
      end

      # MB that page and worker have to themselves, with their share of what is shared: the largest
      # of the browser's renderers.
      def memory_mb
        renderers = SlowCore.family(@browser.process.pid).select do |pid|
          File.read("/proc/#{pid}/cmdline").include?("--type=renderer")
        end
        renderers.map { |pid| File.read("/proc/#{pid}/smaps_rollup")[/^Pss: +(\d+)/, 1].to_i }
          .max / 1000
      end

      def median(values) = values.sort[values.size / 2]
    end
  end
end
