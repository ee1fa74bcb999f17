# frozen_string_literal: true

require "office_helper"
require "pdf-reader"

# Photographs stand with what they show: on the page, in the PDF where they are wanted, and at the
# heater, year by year.
RSpec.describe Munimen::Desk::ShownInPhotos do
  def picture = File.binread(File.join(Munimen::ROOT, "docs/screenshots/today.png"))

  def photographed(subject)
    visit = office.start
    Munimen::Desk::AddPhoto.new(office.context).call(
      visit, id: id = office.uuid, subject:, data: [picture].pack("m0")
    )
    [visit, id]
  end

  it "stands on the page with its question, in the PDF on request, and beside last year’s" do
    visit, id = photographed("trim_rings")
    page = Munimen::Desk::ReportPage.new(office.context)
    asked = "Plastic rings at the flue"
    expect(page.call(visit)[:photos]).to match([{ id:, what: a_string_including(asked) }])
    read = ->(bytes) { PDF::Reader.new(StringIO.new(bytes)).pages.map(&:text).join(" ") }
    expect(read[page.pdf(visit, photos: true)]).to include("Photographs").and include(asked)
    expect(read[page.pdf(visit)]).not_to include("Photographs")
    expect(page.call(visit, language: "es")[:photos].first[:what]).not_to include(asked)

    office.pass(365 * 86_400)
    photographed("trim_rings")
    years = Munimen::Desk::ViewHeater.new(office.context).call(office.heater)[:photos]
    expect(years.map { |one| [one[:what], one[:years].size] }).to match(
      [[a_string_including(asked), 2]]
    )
  end

  it "says on the page, the PDF and the tag that entries were made without a signal" do
    visit = office.start
    sent = Munimen::Desk::Sent.new(made: office.now, device: "device-of-pia", known: nil)
    office.pass(3 * 3600)
    clock = -> { office.now }
    away = Munimen::Desk::Context.new(office.records, person: office.person, clock:, sent:)
    Munimen::Desk::TakeReading.new(away).call(
      visit, id: office.uuid, name: "static_pressure", value: "62"
    )
    page = Munimen::Desk::ReportPage.new(office.context).call(visit)
    late = "One entry of this visit was made without a signal"
    expect(page[:page][:late]).to start_with(late)
    tag = Munimen::Formats::TagPdf.new(page, "https://munimen.example/heaters/1").render
    [Munimen::Formats::ReportPdf.new(page).render, tag].each do |bytes|
      text = PDF::Reader.new(StringIO.new(bytes)).pages.map(&:text).join(" ").gsub(/\s+/, " ")
      expect(text).to include("made without a signal")
    end
    again = Munimen::Desk::ReportPage.new(office.context).call(office.walk)
    expect(again[:page][:late]).to be_nil
  end
end
