# frozen_string_literal: true

require "socket"
require_relative "free_port"

# An office that can be killed: a process of its own, at an address where browsers keep files.
module KilledOffice
  def self.included(group)
    group.let(:port) { FreePort.free_port }
    group.around do |example|
      Capybara.using_wait_time(20) do
        Capybara.session_name = :killed # one without a server of the examples' own
        Capybara.run_server = false
        Capybara.app_host = "http://localhost:#{port}"
        Capybara.always_include_port = false
        example.run
      ensure
        Capybara.session_name = :default
        Capybara.run_server = true
        Capybara.app_host = PLAIN
        Capybara.always_include_port = true
      end
    end
    group.after { stop }
  end

  # at: where it listens, if it is not to be where the browser goes.
  def serve(at: port)
    @server = spawn(
      { "MUNIMEN_DATA" => office.config.folder, "RACK_ENV" => "production" },
      File.join(Munimen::ROOT, "bin/munimen"), "serve", at.to_s,
      out: File::NULL, err: File::NULL, pgroup: true
    )
    listening!(at)
  end

  def listening!(at = port)
    600.times do # a minute: on a machine with much to do Ruby's start takes long
      TCPSocket.open("127.0.0.1", at, &:close)
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

  def ready
    serve
    sign_in
    go "/"
    expect(page).to have_css(".ready", text: "Ready for no signal", wait: 60)
    expect(page.evaluate_async_script(<<~JS)).to eq("activated")
      navigator.serviceWorker.ready.then(async ({ active }) => {
        while (active.state !== 'activated') await new Promise(done => setTimeout(done, 50))
        arguments[0](active.state)
      })
    JS
  end

  def kept = page.find(".waiting").text[/(\d+) kept here/, 1].to_i
end
