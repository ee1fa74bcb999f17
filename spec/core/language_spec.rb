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
      finder:,
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

  def finder
    Munimen::Faults::Cause.all.map(&:title) +
      Munimen::Faults::Test.all.flat_map { |test| [test.ask, *test.outcomes.values] }
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

  Munimen::Words::Language.all.each_value do |language|
    it "has every text that is declared in #{language.name}" do
      missing = declared.transform_values do |texts|
        texts.compact.uniq.reject { |text| text.match?(bare) || language.knows?(text) }
      end
      expect(missing.reject { |_, texts| texts.empty? }).to eq({})
    end

    it "puts in what is put in, and no more, in #{language.name}" do
      texts = language.all_texts
      expect(texts.size).to be > 1200
      names = ->(text) { text.scan(Munimen::Message::NAME).flatten.map(&:downcase) }
      known = Munimen::Words[:us].terms.keys.map(&:to_s)
      wrong = texts.reject do |ours, theirs|
        (names[ours] - known).uniq.sort == (names[theirs] - known).uniq.sort
      end
      expect(wrong).to eq({})
      figures = ->(text) { text.gsub("CO2", "").scan(/\d+(?:[.,]\d+)?/).sort }
      # D1, D2, 1 in 200 and what a law asks for stay what they are
      changed = texts.reject { |ours, theirs| (figures[theirs] - figures[ours]).empty? }
      expect(changed).to eq({})
    end
  end

  # What a page says, taken apart as far as anything was put together; of sources only the note.
  def pieces(value, name = nil)
    case value
    when Hash then value.flat_map { |key, one| name == :marks ? [] : pieces(one, key) }
    when Array then value.flat_map { |one| pieces(one, name) }
    when Munimen::Message
      (value.parts || [value.template, *value.with.values]).flat_map { |one| pieces(one, name) }
    when String then described_class::LADDER.include?(name) ? [value] : []
    else []
    end
  end

  citation = /\A(?:[A-Z]{2,}|P\d{3}|G3|ANSI|Moritz|National|Approved|Building|Water|Domestic|
               schedule|discharge\ pipes|elements)/x
  number = %r{\A-?[\d.,–]+ [\w/Ω]+\z}
  random_visit = lambda do |kind, random|
    heater = Munimen::Heater::Kind[kind]
    books = Munimen::Rules::Book.all.select { |one| (one.units == :england) == heater.unvented? }
    [kind, books.map(&:id).sample(random:)]
  end

  # Whether a piece has to be known in other languages at all.
  ours = lambda do |text|
    !text.is_a?(Munimen::Typed) && text.gsub(Munimen::Message::NAME, "").match?(/[[:alpha:]]{3}/) &&
      [bare, number, citation].none? { |pattern| text.match?(pattern) }
  end

  it "knows each template and text that visits by chance bring about, in every language" do
    random = Random.new(20_261_201)
    missing = Build::KINDS.keys.product([0] * (12 * TRIES)).flat_map do |kind, _|
      visit = by_chance(*random_visit[kind, random], random)
      said = pieces([Munimen::Report::CustomerPage.new(visit).to_h,
                     Munimen::Drawing::Ladder.new(visit).to_h])
      said.select(&ours).product(described_class.all.values).reject do |text, language|
        language.knows?(text) || language.knows?(text.sub(/\A./, &:swapcase)) ||
          language.exact(text, visit.units)
      end
    end
    expect(missing.uniq.map { |text, language| [text, language.id] }).to eq([])
  end

  # Pages that were signed before messages were kept have finished English; re-translated by hand,
  # sentence by sentence.
  {
    "128 °F burns adult skin in about 5 min; children and the old sooner." =>
      "128 °F quema la piel de un adulto en unos 5 min; la de niños y mayores, antes.",
    "The charge is low: about 44 psi against a supply of 62 psi." =>
      "La presión de aire está baja: unos 44 psi frente a 62 psi de la red.",
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
    it "says “#{theirs[0, 60]}” of what was kept finished" do
      expect(Munimen::Words::Finished.of(spanish).say(ours, :us)).to eq(theirs)
    end
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
    expect(spanish.page(page["Water pressure", "58 to 62 psi"], :us, finished: true)).to eq(
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
      said = words.say(
        Munimen::Message.join(["The {heater} is in service.", "{gas_emergency}"])
      )
      expect(spanish.say(said, id)).to match(/está en servicio\. ¿Huele a gas\?/)
    end
  end

  it "refuses a language that it has not" do
    expect { described_class.find("tlh") }.to raise_error(Munimen::Error, /en, es, fr/)
  end
end
