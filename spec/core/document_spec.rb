# frozen_string_literal: true

# The customer's page as blocks: each painter paints these and says nothing of its own.
RSpec.describe Munimen::Report::Document do
  # Whatever is read in a block.
  def words(value)
    case value
    when Hash then value.except(:type, :part, :tone, :grade, :wide, :strokes).values
                        .flat_map { |one| words(one) }
    when Array then value.flat_map { |one| words(one) }
    when String then [value]
    else []
    end
  end

  def report(visit, language: nil, **more)
    page = Munimen::Report::CustomerPage.new(visit).to_h
    { page:, firm: { name: "Tallow & Reed" }, customer: "Ada Brook", address: "1 Weir Lane",
      date: "2026-11-23", units: visit.units, language:, heater: { label: "Cellar" },
      signatures: [], stands: [], photos: [], signed_at: nil, **more }
  end

  def seen(**findings)
    looked = findings.map do |item, finding|
      Munimen::Visit::Observation.new(id: item.to_s, item:, finding:)
    end
    fresh(:gas_storage, :us_irc).with(date: Date.new(2026, 11, 23), observations: looked)
  end

  it "says first what the customer has to know, then what those who come next do, in one order" do
    blocks = described_class.new(report(seen(straps: :missing))).to_a
    expect(blocks.map { |one| one[:part] }.chunk_while { |a, b| a == b }.map(&:first))
      .to eq(%i[customer record])
    expect(blocks.map { |one| one[:type] }).to start_with(:letterhead).and(include(:signatures))
    todo = blocks.find { |one| one[:type] == :findings }
    expect(todo[:title]).to eq("What must be done")
    expect(todo[:findings].map { |one| one[:word] }).to include("Defect")
  end

  # Handbook: the tool defers to the maker, the authority and licensed people on every page.
  it "ends what is signed by whose words come first, in each language" do
    { nil => "licensed people come first", "es" => "Primero van las instrucciones" }
      .each do |language, text|
        signed = described_class.new(report(seen, language:)).to_a.find do |one|
          one[:type] == :signatures
        end
        expect(signed[:by]).to include(text)
      end
  end

  it "lays out a page that was kept before there were tables of gas, papers and what was agreed" do
    kept = report(seen).tap do |one|
      one[:page] = one[:page].except(:gas, :papers, :agreed, :meaning, :late, :rang, :consent,
                                     :leaving, :put_off, :out_of_order)
    end.except(:stands, :photos)
    expect(described_class.new(kept).to_a.map { |one| one[:type] }).to include(:verdict, :drawing)
  end

  it "shows who could not draw by their name, who refused by their reason, and who is missing" do
    drawn = { signer: "plumber", name: "Sam Reed", refused: nil, at: "2026-11-23T10:00:00Z",
              account: "Sam Reed", strokes: [[[0.1, 0.2]]] }
    typed = { signer: "customer", name: "Ada Brook", refused: nil, at: "2026-11-23T10:00:00Z",
              account: nil, strokes: [] }
    side = lambda do |*signatures|
      described_class.new(report(seen, signatures:)).to_a
                     .find { |one| one[:type] == :signatures }[:sides].first
    end
    expect(side[typed, drawn]).to include(typed: "Ada Brook", strokes: nil, note: "typed")
    expect(side[typed.merge(name: nil, refused: "Not at home", strokes: nil)])
      .to include(typed: nil, name: "not signed – Not at home")
    expect(side[drawn]).to include(name: "not signed")
  end

  # A pilot that dies soon leaves several causes: handbook.
  it "says what was looked into, what each test showed and what that leaves, in each language" do
    asked = { "fault.pilot_out.pilot_flame" => "blue_on_tip",
              "fault.pilot_out.release" => "dies_soon" }
    visit = seen.with(decisions: asked)
    expect(visit.decisions.faults).to eq([:pilot_out])
    { nil => "Looked into: The pilot flame goes out", "es" => "Lo que se buscó: ",
      "fr" => "Ce qu'on a cherché : " }.each do |language, title|
      block = described_class.new(report(visit, language:)).to_a.find do |one|
        one[:title].to_s.start_with?(title)
      end
      expect(block[:lines].size).to eq(3), language
    end
  end

  it "leaves out an answer that the finder has not any more, and keeps the page" do
    asked = { "fault.pilot_out.pilot_flame" => "green", "fault.gone.release" => "holds" }
    looked = Munimen::Report::LookedInto.new(seen.with(decisions: asked))
    expect(looked.to_a).to be_nil
  end

  it "is brief in a mail: how the heater was left, what must be done, and when" do
    brief = described_class.new(report(seen(straps: :missing))).brief
    text = Munimen::Formats::DocumentText.new(brief).to_a.join("\n")
    expect(text).to match(/must be put right.*What must be done\n– Defect, by /m)
    expect(text).not_to match(/Rule:|Signatures/)
  end

  it "says the same of every block in Spanish, and nothing twice in a list" do
    visit = seen(straps: :missing, pan: :no_pan, flue: :disconnected)
    ours, theirs = [nil, "es"].map { |language| described_class.new(report(visit, language:)).to_a }
    expect(theirs.map { |one| one[:type] }).to eq(ours.map { |one| one[:type] })
    lists = ours.select { |one| one[:type] == :list }.map { |one| words(one) }
    expect(lists.reject { |list| list.uniq == list }).to eq([])
  end
end
