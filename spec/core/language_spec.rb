# frozen_string_literal: true

# The customer's page in another language: nothing of ours may be missing, and nothing may change
# its numbers on the way.
RSpec.describe Munimen::Words::Language do
  let(:spanish) { described_class[:es] }

  def declared
    {
      **of_looks,
      work: (Munimen::Work::Job.all + Munimen::Work::Operation.all).map(&:title),
      limits: Munimen::Rules::Book.all.flat_map(&:limits)
        .flat_map { |one| [one.explain, one.remedy] },
      hazards: Munimen::Hazards::Hazard.all.map(&:title),
      results: Munimen::Judgement::Check.told.map { |one| one.on_page.last },
      protections:,
      complaints:,
      bookings: Munimen::Report::BookingLetter::TEXTS,
      household: Munimen::Report::Household::TEXTS,
      emergency:,
      outcomes: Munimen::Judgement::Outcome::WORDS.values,
      rules:,
      states: Build::KINDS.keys.flat_map { |kind| states(heater(kind)) },
      words: Munimen::Words.all.values.flat_map { |one| one.parts.values + one.gloss.to_a.flatten }
    }
  end

  def rules
    Munimen::Rules::Question.all.flat_map { |one| [one.ask, *one.options.values.map(&:label)] } +
      Munimen::Rules::Book.all.flat_map(&:papers).map(&:title)
  end

  def emergency
    told = JSON.parse(File.read(File.join(Munimen::ROOT, "core/words/emergency.json")))
    pages = told.except("numbers", "by_fuel").values
    pages.flat_map { |page| [page["title"], *page["steps"]] } +
      told["numbers"].values.flat_map(&:values)
  end

  def complaints
    Munimen::Faults::Complaint.ids.map { |id| Munimen::Faults::Complaint.new(id).title }
  end

  def protections
    Munimen::Work::Operation.all.filter_map(&:protects).map(&:first)
      .reject { |name| name == :none || name.match?(/\A\{\w+\}\z/) }
  end

  def of_looks
    {
      findings: Munimen::Inspection::Catalogue.all.flat_map do |one|
        [one.text, one.explain, one.remedy]
      end,
      looks: Munimen::Inspection::InspectionItem.all.flat_map { |one| [one.ask, one.sound] }
    }
  end

  # How a heater can have been left, in the words of the page.
  def states(heater)
    words = Munimen::Work::StateWords
    Munimen::Work::StateSpace.new(heater).arrival.keys.flat_map do |name|
      next [] unless words::SHOWN.any? { |one| name == one || name.start_with?("#{one}.") }

      Munimen::Work::StateSpace.values(name).map { |value| words.need(name, [value]) }
    end
  end

  # What a person says who speaks to nobody but the machine: numbers with their units.
  bare = /\A(?:[\d\W]|min|mm|in|psi|bar|°[CF]|s|kPa)*\z/

  it "has every text that is declared, of both vocabularies" do
    missing = declared.transform_values do |texts|
      texts.compact.uniq.reject { |text| text.match?(bare) || spanish.knows?(text) }
    end
    expect(missing.reject { |_, texts| texts.empty? }).to eq({})
  end

  it "puts in what is put in, and no more" do
    texts = spanish.instance_variable_get(:@texts)
    expect(texts.size).to be > 1200
    wrong = texts.reject { |ours, theirs| ours.scan(/%\d/).sort == theirs.scan(/%\d/).sort }
    expect(wrong).to eq({})
    figures = ->(text) { text.gsub(/%\d|CO2/, "").scan(/\d+(?:[.,]\d+)?/).sort }
    # D1, D2, 1 in 200 and what a law asks for stay what they are
    changed = texts.reject { |ours, theirs| (figures[theirs] - figures[ours]).empty? }
    expect(changed).to eq({})
  end

  # Re-translated by hand, sentence by sentence.
  {
    "128 °F burns adult skin in about 5 min; children and the old sooner." =>
      "128 °F quema la piel de un adulto en unos 5 min; la de niños y mayores, antes.",
    "The charge is low: about 44 psi against a supply of 62 psi." =>
      "La carga está baja: unos 44 psi frente a un suministro de 62 psi.",
    "One protection was not tested: water pressure. One defect stands and must be put right by " \
    "the dates given." =>
      "Una protección quedó sin probar: presión del agua. Queda un defecto y hay que arreglarlo " \
      "en las fechas dadas.",
    "Look at the anode: by estimate a quarter is left about December 2027." =>
      "Mirar el ánodo: se estima que quedará un cuarto hacia diciembre de 2027.",
    "Smell gas? Do not touch switches or phones inside: go out, and call 911 or your gas company " \
    "from there." =>
      "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, aléjese y llame desde " \
      "afuera al 911 o a la compañía de gas.",
    "No anode – the neighbour says so." => "Sin ánodo – the neighbour says so.",
    "Ask for Mrs Weir." => "Ask for Mrs Weir.",
    "Replace the valve. #{"x, " * 400}" => "Replace the valve. #{"x, " * 400}"
  }.each do |ours, theirs|
    it("says “#{theirs[0, 60]}”") { expect(spanish.say(ours, :us)).to eq(theirs) }
  end

  it "keeps what people typed, who they are, which rule it was and the ids of the drawing" do
    page = lambda do |title, measured|
      {
        customer: "Present",
        section: { labels: [{ label: "flue", part: "flue" }] },
        marks: { vessel: { grade: "sound", reading: "62 psi" } },
        page: {
          outcome_reason: "Dry",
          amendments: [{ text: "Replace the valve." }],
          results: [{ title:, source: "IRC P2804.6.1", measured: }]
        }
      }
    end
    expect(spanish.page(page["Water pressure", "58 to 62 psi"], :us)).to eq(
      page["Presión del agua", "58 a 62 psi"]
    )
  end

  it "says what was chosen beside a part of the drawing as it says an answer" do
    marks = { relief_valve: { grade: "sound", reading: "dry" }, tap: { grade: nil } }
    expect(spanish.page({ marks: }, :us)).to eq(
      marks: { relief_valve: { grade: "sound", reading: "seco" }, tap: { grade: nil } }
    )
  end

  it "speaks of every vocabulary that there is" do
    Munimen::Words.all.each do |id, words|
      said = words.say("The {heater} is in service. {gas_emergency}")
      expect(spanish.say(said, id)).to match(/está en servicio\. ¿Huele a gas\?/)
    end
  end

  it "refuses a language that it has not" do
    expect { described_class.find("tlh") }.to raise_error(Munimen::Error, /en, es/)
  end
end
