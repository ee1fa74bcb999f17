# frozen_string_literal: true

require "zlib"

module Munimen
  module Bench
    # What a browser loads for the first screen, and how soon it draws.
    class ScreenBench
      include Timing

      CHROMIUM = %w[
        no-sandbox
        disable-gpu
        disable-quic
        no-first-run
        disable-background-networking
        disable-component-update
        disable-sync
      ].to_h { |name| [name, nil] }
      # To the ladder and back: what is timed is the way back.
      DRAW = <<~SCRIPT
        const [drawing, ladder] = document.querySelectorAll("[role=tab]");
        ladder.click();
        setTimeout(() => {
          const start = performance.now();
          drawing.click();
          const turns = Promise.resolve().then(() => Promise.resolve());
          turns.then(() => arguments[0](performance.now() - start));
        }, 120);
      SCRIPT

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def first_screen
        index = File.read(File.join(ROOT, "web/public/index.html"))
        page = File.join(ROOT, "web/public")
        scripts = index.scan(%r{(?:src|href)="(/assets/[^"]+\.js)"}).flatten.uniq
        @row.call(
          "JavaScript of the first screen, gzip",
          scripts.sum { |path| Zlib.gzip(File.binread(File.join(page, path))).bytesize } / 1024.0,
          "kB",
          "≤ 250"
        )
        painted
        drawn
      end

      # In Chromium: script time from the touch to the section drawing of the fullest configuration,
      # the middle of 9.

      private

      def drawn
        require "ferrum"
        folder = Dir.mktmpdir("munimen-drawn")
        Demo::Seed.call(config = Web::Config.new(folder))
        visit =
          config
            .records
            .visits
            .of_heater(config.records.database[:heaters].where(label: "Airing cupboard").get(:id))
            .first
        server = Served.new(File.join(ROOT, "web/server.ru"), folder)
        browser = Ferrum::Browser.new(
          browser_path: "/usr/bin/chromium",
          window_size: [1280, 800],
          browser_options: CHROMIUM,
          process_timeout: 40,
          timeout: 20
        )
        browser.go_to("http://127.0.0.1:#{server.port}/sign-in")
        sleep 1
        browser
          .css("input")
          .zip(["plumber@tallowreed.example", Demo::Seed::PASSWORD])
          .each { |input, text| input.focus.type(text) }
        browser.css("button[type=submit]").first.click
        sleep 1
        browser.go_to("http://127.0.0.1:#{server.port}/visits/#{visit[:id]}")
        sleep 1.5
        times = Array.new(9) { browser.evaluate_async(DRAW, 10) }
        @row.call(
          "section drawing of the fullest cylinder, script time, median",
          percentile(times, 0.5),
          "ms",
          "< 16"
        )
      ensure
        browser&.quit
        server&.stop
        FileUtils.rm_rf(folder) if folder
      end

      # In Chromium: layout shift, and font families loaded at first paint.
      def painted
        require "ferrum"
        server = Served.new(
          File.join(ROOT, "web/server.ru"),
          folder = Dir.mktmpdir("munimen-paint")
        )
        browser = Ferrum::Browser.new(
          browser_path: "/usr/bin/chromium",
          window_size: [1280, 800],
          browser_options: CHROMIUM,
          process_timeout: 40
        )
        browser.evaluate_on_new_document(
          "window.shift = 0; new PerformanceObserver(list => list.getEntries().forEach(e => " \
          "window.shift += e.value))" \
          ".observe({ type: 'layout-shift', buffered: true })"
        )
        browser.go_to("http://127.0.0.1:#{server.port}/")
        sleep 1.5
        @row.call("layout shift of the first screen", browser.evaluate("window.shift").to_f, "",
"0")
        @row.call(
          "font families at first paint",
          browser.evaluate(
            "[...new Set([...document.fonts].filter(f => f.status === 'loaded').map(f => " \
            "f.family))].length"
          ),
          "",
          "1"
        )
      ensure
        browser&.quit
        server&.stop
        FileUtils.rm_rf(folder) if folder
      end
    end
  end
end
