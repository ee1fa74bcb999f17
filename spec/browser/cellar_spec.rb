# frozen_string_literal: true

require "socket"

# Where there is no signal: the server is a process of its own, stopped for real. What is done
# meanwhile is judged by the same Ruby in the browser, kept there, and sent once it is back.
RSpec.describe "A visit without a signal", type: :feature do
  let(:port) { TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] } }
  let(:visit) { office.start }

  def serve
    @server = spawn(
      { "MUNIMEN_DATA" => office.config.folder, "RACK_ENV" => "production" },
      File.join(Munimen::ROOT, "bin/munimen"), "serve", port.to_s,
      out: File::NULL, err: File::NULL, pgroup: true
    )
    listening!
  end

  def listening!
    200.times do
      TCPSocket.open("127.0.0.1", port, &:close)
      return true
    rescue Errno::ECONNREFUSED
      sleep 0.1
    end
    raise "the server does not start"
  end

  def stop
    @server && Process.kill(:KILL, -@server) && Process.wait(@server)
    @server = nil
  end

  around do |example|
    Capybara.using_wait_time(20) do
      Capybara.run_server = false
      Capybara.app_host = "http://localhost:#{port}"
      Capybara.always_include_port = false
      example.run
    ensure
      Capybara.run_server = true
      Capybara.app_host = PLAIN
      Capybara.always_include_port = true
    end
  end
  after { stop }

  def ready
    serve
    sign_in
    go "/"
    expect(page).to have_css(".ready", text: "Ready for no signal")
    expect(page.evaluate_async_script(<<~JS)).to eq("activated")
      navigator.serviceWorker.ready.then(async ({ active }) => {
        while (active.state !== 'activated') await new Promise(done => setTimeout(done, 50))
        arguments[0](active.state)
      })
    JS
  end

  def kept = page.find(".waiting").text[/(\d+) kept here/, 1].to_i

  it "goes from the first step to both signatures with the server dead and the page loaded anew, " \
     "and is sealed as it was signed once the server is back" do
    page.driver.resize(390, 844)
    visit
    ready
    stop
    go "/visits/#{visit}"
    expect(page).to have_css("article h2",
text: "Identify").and have_css(".waiting", text: "No signal")
    by_touch
    expect_next("Identify the water heater")
    go "/visits/#{visit}"
    expect(page).to have_css("article h2", text: "Look it over")
    work_through { by_touch }
    sign_with_names
    expect(kept).to be > 20
    back = Time.now.utc.iso8601(3)
    serve
    expect(page).to have_no_css(".waiting", wait: 40)

    row = office.records.visits.find(visit)
    expect(row.values_at(:status, :outcome)).to eq(%w[signed in_service])
    signed = office.records.visits.rows(:signatures, visit)
    expect(signed.map { |one| one[:signer] }).to eq(%w[customer plumber])
    times = office.records.visits.rows(:steps, visit).map { |one| one[:at] }
    expect([times, times.uniq.size == times.size,
            times.last < back]).to eq([times.sort, true, true])
    expect(office.records.seals.problems(office.records.photo_files)).to eq([])
    go "/visits/#{visit}/report"
    expect(page).to have_content("Air charge of the expansion tank, as found")
  end
end
