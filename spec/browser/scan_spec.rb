# frozen_string_literal: true

require "screen_helper"
require "rqrcode_core"

# A tag held before the camera: what the camera sees is a film that the page draws.
RSpec.describe "A tag that is scanned", type: :feature do
  include KilledOffice

  # The code in the middle, 6 pixels a module, on white: every tenth of a second another picture.
  def film(text)
    rows = RQRCodeCore::QRCode.new(text, level: :m).modules
    page.driver.browser.evaluate_on_new_document(<<~JS)
      if (navigator.mediaDevices) navigator.mediaDevices.getUserMedia = async () => {
        const canvas = Object.assign(document.createElement('canvas'), { width: 640, height: 480 })
        const pen = canvas.getContext('2d')
        const rows = #{JSON.generate(rows)}
        const [left, top] = [640, 480].map(side => (side - rows.length * 6) / 2)
        setInterval(() => {
          pen.fillStyle = 'white'
          pen.fillRect(0, 0, 640, 480)
          pen.fillStyle = 'black'
          rows.forEach((row, y) => row.forEach((dark, x) => {
            if (dark) pen.fillRect(left + x * 6, top + y * 6, 6, 6)
          }))
        }, 100)
        return canvas.captureStream(10)
      }
    JS
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
