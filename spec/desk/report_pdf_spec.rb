# frozen_string_literal: true

require_relative "../support/judged"
require "office_helper"
require "pdf/reader"

# The page for the customer, as it is printed.
RSpec.describe Munimen::Formats::ReportPdf do
  def page(**more)
    visit = office.walk(**more)
    Munimen::Desk::ReportPage.new(office.context).call(visit)
  end

  def read(page) = PDF::Reader.new(StringIO.new(described_class.new(page).render))
  def text(sheet) = sheet.text.gsub(/\s+/, " ")

  it "tells the customer all that matters on the first of its pages, then the record" do
    pages = read(page).pages
    expect(pages.size).to eq(2)
    first = text(pages.first)
    expect(first).to include("in service", "What was measured", "Found, and put right", "Next " \
                                                                                        "dates",
                             "Signatures", "Never plug or cap")
    expect(first).to match(/Air charge of the expansion 44 psi 6\d psi/)
    expect(text(pages.last)).to include("Record of the visit", "What was done").and(
      satisfy { |record| !record.include?("Signatures") }
    )
  end

  it "says of what was not tested at all that it was not, and that is no good news" do
    begun = Munimen::Desk::ReportPage.new(office.context).call(office.start)
    expect(begun[:page]).to include(untested: true, sentence: /Nothing was tested/)
    expect(page[:page]).to include(untested: false)
  end

  it "keeps a long firm and its customer each within their own half of the head" do
    office.records.settings[:firm] = {
      "name" => "Tallow & Reed Plumbing, Heating and Hot Water Services of the Lower Valley Ltd",
      "address" => "Unit 14, The Old Foundry Works, 2317 Cooper Lane North-East, Harrowmere",
      "phone" => "+1 440 555 0257", "registration" => "Licence 4471-B, gas G-2093"
    }
    sheet = read(page).pages.first
    half = sheet.width / 2
    left, right = sheet.runs.select { |run| run.y > sheet.height - 125 }
                       .partition { |run| run.x < half }
    expect(left.map(&:text).join).to include("Foundry", "4471-B")
    expect(right.map(&:text).join).to include("Brook")
    expect(left.map(&:endx)).to all(be <= half)
  end

  # Screen, PDF, mail and plain page paint the same blocks.
  it "paints every word of the document, in each language, and so does the plain page" do
    seen = { straps: :missing, flue: :disconnected, anode_hexagon: :missing }
    visit = office.walk(findings: seen)
    Munimen::Words::Language.names.each do |language|
      page = Munimen::Desk::ReportPage.new(office.context).call(visit, language:)
      said = page[:document].flat_map { |block| document_words(block) }
                            .flat_map { |text| text.scan(/[[:alpha:]]{3,}/) }.uniq
      drawn = read(page).pages.map(&:text).join(" ")
      plain = CGI.unescapeHTML(Munimen::Formats::DocumentHtml.new(page).render)
      expect(said.size).to be > 150
      expect(said.reject { |word| drawn.include?(word) }).to eq([]), language
      expect(said.reject { |word| plain.include?(word) } - drawing_words(page)).to eq([]), language
    end
  end

  def document_words(value)
    case value
    when Hash then value.except(:type, :part, :tone, :grade, :wide, :strokes).values
                        .flat_map { |one| document_words(one) }
    when Array then value.flat_map { |one| document_words(one) }
    else [value].grep(String)
    end
  end

  # The plain page has no drawing and no photographs, and so not what stands over them.
  def drawing_words(page)
    left_out = page[:document].select { |block| %i[drawing photographs].include?(block[:type]) }
    texts = left_out.flat_map { |block| document_words(block) }
    texts.flat_map { |text| text.scan(/[[:alpha:]]+/) }
  end

  it "has a title, a language and the paper of its country" do
    us = read(page)
    expect(us.info[:Title]).to match(/\AReport – Ada Brook, 1 Weir Lane, November \d/)
    expect([us.objects[us.objects.trailer[:Root]][:Lang],
            us.pages.first.width]).to eq(["en-US", 612])
    english = read(page.merge(units: :england))
    expect(english.objects[english.objects.trailer[:Root]][:Lang]).to eq("en-GB")
    expect(english.pages.first.width).to be_within(1).of(595)
  end

  it "says by which licences it was done, those that hold on the day" do
    plumber = office.person[:id]
    office.records.people.qualify(
      plumber,
      [{ trade: "gas", number: "G-2093", expires: "2027-06-15" },
       { trade: "unvented", number: "U-1", expires: "2026-11-22" }, { trade: "electrical" }]
    )
    all = read(page).pages.map { |one| text(one) }.join
    expect(all).to include("Done by Plumber (gas G-2093).")
  end

  # Handbook §26.13: the page names who did the steps and who signed, not who booked.
  it "names whose work it was, with their licences, not who booked it" do
    number = ->(text) { [{ trade: "gas", number: text, expires: "" }] }
    { "office" => "OFF-1", "plumber" => "PLU-2", "owner" => "OWN-3" }.each do |role, text|
      office.records.people.qualify(office.person(role)[:id], number[text])
    end
    desk = Munimen::Desk::StartVisit.new(office.context("office"))
    visit = desk.book(id: office.uuid, heater_id: office.heater, jobs: ["annual_safety"],
                      planned_for: office.now.iso8601)[:id]
    Munimen::Desk::StartVisit.new(office.context).start(visit)
    office.looked_over(visit)
    page = Munimen::Desk::ReportPage.new(office.context("office")).call(visit)
    expect(page).to include(person: "Plumber", licences: [{ trade: "gas", number: "PLU-2" }])
    Munimen::Desk::DoStep.new(office.context("owner")).call(
      visit, id: office.uuid, operation: "fit_gauge", outcome: "done"
    )
    page = Munimen::Desk::ReportPage.new(office.context("office")).call(visit)
    expect(page[:person]).to eq("Plumber, Owner")
    expect(page[:licences].map { |one| one[:number] }).to eq(%w[PLU-2 OWN-3])
  end

  # Scripts that a name may come in. Hebrew stands on the sheet from the right, its first letter
  # last.
  it "draws the letters of a name, or says which they are: never a blank" do
    page = self.page
    drawn = ["Łukasz Żółć", "Ångström Ñandú", "Γιώργος", "Дарья Ёлкина", "Nguyễn Thị", "Şükrü Ğ",
             "გიორგი", "Արամ", "สมชาย"]
    said = { "王小明" => "Chinese", "محمد علي" => "Arabic", "김철수" => "Korean",
             "たなか" => "Japanese" }
    name = ->(given) { text(read(page.merge(customer: given)).pages.first) }
    drawn.each { |given| expect(name[given]).to include(given) }
    expect(name["Mrs דָּנָה לוי, 2nd floor"]).to include("Mrs #{"דנה לוי".reverse}, 2nd floor")
    said.each do |given, script|
      expect(name["#{given} Brook"]).to include("[#{script} letters: see the page", "Brook")
    end
  end

  describe "in Spanish" do
    let(:page) do
      visit = office.walk(findings: { straps: :missing, anode_hexagon: :missing, pan: :no_pan,
                                      discharge_open: :capped, flue: :disconnected, age: :old })
      Munimen::Desk::ReportPage.new(office.context).call(visit, language: "es")
    end

    # All that is read of a page.
    def texts(value, name = nil)
      case value
      when Hash then value.flat_map { |key, one| texts(one, key) }
      when Array then value.flat_map { |one| texts(one, name) }
      when String then Munimen::Words::Language::READ.include?(name) ? [value] : []
      else []
      end
    end

    it "leaves no English on a page with much to say, and says that the original binds" do
      expect(page).to include(language: "es", courtesy: /original en inglés/)
      expect(texts(page).size).to be > 80
      typed = "Heat switched off, tagged “do not use”" # by whoever did it
      said = texts(page).map { |text| text.sub(typed, "") }
      expect(said.grep(/\b(?:the|is|and|of|was|not|by|valve)\b/)).to eq([])
    end

    it "is printed with its own dates, headings and language" do
      printed = read(page)
      expect(text(printed.pages.first)).to include(
        "noviembre de 2026", "Lo que hay que hacer", "Traducción de cortesía"
      )
      expect(printed.objects[printed.objects.trailer[:Root]][:Lang]).to eq("es")
      all = printed.pages.map { |one| text(one) }.join
      expect(all).not_to match(/What|Please note|Judged|Signatures|As left/)
      labels = page[:section][:labels]
      expect(labels.to_h { |one| one.values_at(:part, :name) }).to include("tank" => "Tanque")
    end
  end
end
