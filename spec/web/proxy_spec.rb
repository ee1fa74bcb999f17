# frozen_string_literal: true

require "office_helper"
require "net/http"
require "socket"
require_relative "../support/free_port"

# The proxies whose configuration ships (docs/machine), as Debian has them (bin/setup --test): who
# asks is what they say, whatever a request says of itself.
RSpec.describe Munimen::Web::Limits do
  let(:folder) { Dir.mktmpdir }
  let(:port) { FreePort.free_port }
  let(:behind) { FreePort.free_port }

  def program(name)
    there = %W[/usr/sbin /usr/bin #{Munimen::ROOT}/tmp/proxies/usr/sbin
               #{Munimen::ROOT}/tmp/proxies/usr/bin]
    there.map { |place| File.join(place, name) }.find { |path| File.executable?(path) }
  end

  # The configuration that ships, but for its address and certificate.
  def nginx
    site = File.read(File.join(Munimen::ROOT, "docs/machine/nginx.conf"))
      .sub(/listen 443.*;/, "listen 127.0.0.1:#{port};")
      .gsub(/^ *(ssl_certificate|server_name).*\n/, "").gsub("4010", behind.to_s)
    temporary = %w[client_body proxy fastcgi uwsgi scgi].map { |one| "#{one}_temp_path #{folder};" }
    conf = File.join(folder, "nginx.conf")
    File.write(conf, "daemon off; user root; pid #{folder}/pid; error_log #{folder}/log;\n" \
                     "events {}\nhttp { access_log off; #{temporary.join(" ")}\n#{site}}\n")
    [program("nginx"), "-p", folder, "-c", conf]
  end

  def caddy
    conf = File.join(folder, "Caddyfile")
    site = File.read(File.join(Munimen::ROOT, "docs/machine/Caddyfile"))
      .sub("heaters.example.com", "http://127.0.0.1:#{port}").gsub("4010", behind.to_s)
    File.write(conf, "{\n\tadmin off\n\tauto_https off\n}\n#{site}")
    [program("caddy"), "run", "--config", conf, "--adapter", "caddyfile"]
  end

  def begun(*command, on:, **env)
    (@begun ||= []) << spawn(env.transform_keys(&:to_s), *command, %i[out err] => File::NULL,
                                                                   pgroup: true)
    200.times do
      return TCPSocket.open("127.0.0.1", on, &:close)
    rescue Errno::ECONNREFUSED
      sleep 0.1
    end
    raise "#{command.first} does not start: #{Dir["#{folder}/log"].map { |log| File.read(log) }}"
  end

  # A new visitor's try to sign in, with headers of their own: [status, cookie].
  def try(password, headers = {}, role: "plumber")
    Net::HTTP.start("127.0.0.1", port) do |http|
      first = http.get("/api/session", headers)
      cookie = ->(answer) { answer.get_fields("set-cookie").to_a.last.to_s[/\A[^;]+/] }
      more = { "X-CSRF-Token" => JSON.parse(first.body)["csrf"], "Cookie" => cookie[first],
               "Content-Type" => "application/json" }
      login = JSON.generate(login: "#{role}@example.test", password:)
      answer = http.post("/auth/login", login, headers.merge(more))
      [answer.code, cookie[answer]]
    end
  end

  after do
    @begun.to_a.each { |pid| Process.kill(:KILL, -pid) && Process.wait(pid) }
    FileUtils.rm_rf(folder)
  end

  %w[nginx caddy].each do |name|
    it "counts wrong passwords behind #{name} by whoever it says that asks, and passes events on " \
       "at once" do
      skip "Debian's #{name} is not here" unless program(name)
      begun(File.join(Munimen::ROOT, "bin/munimen"), "serve", behind.to_s, on: behind,
            MUNIMEN_DATA: office.config.folder, MUNIMEN_PROXY: "127.0.0.1")
      begun(*public_send(name), on: port, XDG_DATA_HOME: folder, XDG_CONFIG_HOME: folder)
      tries = Array.new(9) do |n|
        try("wrong", { "Forwarded" => "for=203.0.113.#{n}", "X-Real-IP" => "203.0.113.#{n}",
                       "X-Forwarded-For" => "10.0.0.1, 203.0.113.#{n}" }).first
      end
      expect(tries.uniq).to eq(["401"])
      expect(try(Office::PASSWORD).first).to eq("401")
      sources = office.records.security_log.list.map { |row| row[:source] }
      expect(sources.uniq).to eq(["127.0.0.1"])
      code, cookie = try(Office::PASSWORD, role: "owner")
      expect(code).to eq("200")
      expect(first_event(cookie)).to start_with("retry:").or start_with(":").or start_with("event:")
    end
  end

  # What a stream of events begins with.
  def first_event(cookie)
    visit = office.start
    TCPSocket.open("127.0.0.1", port) do |socket|
      socket.write("GET /api/visits/#{visit}/events HTTP/1.1\r\nHost: 127.0.0.1\r\n" \
                   "Cookie: #{cookie}\r\n\r\n")
      Timeout.timeout(10) do
        nil until socket.gets == "\r\n"
        line = socket.gets.to_s
        line.match?(/\A\h+\r\n\z/) ? socket.gets.to_s : line
      end
    end
  end
end
