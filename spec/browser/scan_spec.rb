# frozen_string_literal: true

require "screen_helper"
require "rqrcode_core"

# A tag held before the camera: the picture is a film of our own that Chromium takes for one.
RSpec.describe "A tag that is scanned", type: :feature do
  include KilledOffice

  # Raw film (YUV4MPEG2): the code in the middle, 6 pixels a module, on white.
  def film(text)
    code = RQRCodeCore::QRCode.new(text, level: :m).modules
    width = 640
    height = 480
    scale = 6
    left, top = [width, height].map { |side| (side - (code.size * scale)) / 2 }
    light = Array.new(height) do |y|
      Array.new(width) do |x|
        row = (y - top) / scale
        column = (x - left) / scale
        inside = row.between?(0, code.size - 1) && column.between?(0, code.size - 1)
        inside && code[row][column] ? 16 : 235
      end.pack("C*")
    end.join
    frame = "FRAME\n".b + light + ([128].pack("C") * (width * height / 2))
    File.binwrite(@film, "YUV4MPEG2 W#{width} H#{height} F10:1 Ip A1:1 C420jpeg\n".b + (frame * 3))
  end

  before do
    @film = File.join(Dir.mktmpdir, "tag.y4m")
    options = CHROMIUM.merge(
      "use-fake-device-for-media-stream" => nil, "use-fake-ui-for-media-stream" => nil,
      "use-file-for-fake-video-capture" => @film
    )
    Capybara.register_driver(:camera) do |app|
      Capybara::Cuprite::Driver.new(
        app, window_size: [390, 844], browser_path: "/usr/bin/chromium",
             browser_options: options, timeout: 20, process_timeout: 40, js_errors: true
      )
    end
    Capybara.current_driver = :camera
  end

  it "opens its heater, with the server gone" do
    film("https://elsewhere.example/heaters/#{office.heater}")
    office.start
    ready
    go "/customers"
    stop
    click_button "Scan a tag"
    expect(page).to have_css("h1", text: "Basement")
    expect(page).to have_current_path("/heaters/#{office.heater}")
  end

  it "looks for what is none of ours" do
    film("nothing of ours")
    serve
    sign_in("office")
    go "/customers"
    click_button "Scan a tag"
    expect(page).to have_field("Name, address or phone", with: "nothing of ours")
    expect(page).to have_content("Nobody found")
  end
end
