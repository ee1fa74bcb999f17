# frozen_string_literal: true

# What is put in stays apart from what is said, until somebody reads it.
RSpec.describe Munimen::Message do
  let(:words) { Munimen::Words[:us] }
  let(:spanish) { Munimen::Words::Language[:es] }
  let(:hot) { described_class.of("{hot} at {bath}.", hot: "126 °F") }

  it "reads as English with the words of each country, and in another language as its own" do
    expect(words.say(hot)).to eq("126 °F at bath or shower.")
    expect(Munimen::Words[:england].say(hot)).to eq("126 °F at the bath.")
    expect(spanish.say(words.say(hot), :us)).to eq("126 °F en la tina o la ducha.")
    expect(spanish.say(hot, :england)).to eq("126 °F en la tina.")
  end

  it "leaves alone what a person typed, whatever it looks like" do
    note = Munimen::Typed.new("Dry. {tap} D1 is very long")
    seen = described_class.join(["No anode", note], " – ")
    expect(words.say(seen)).to eq("No anode – Dry. {tap} D1 is very long")
    expect(spanish.say(words.say(seen), :us)).to eq("Sin ánodo – Dry. {tap} D1 is very long")
  end

  # An address or a reason that was typed is put into messages, too.
  it "breaks over no braces that somebody typed" do
    said = words.say(described_class.of("At: {address} ({tap})", address: "Flat {3}, {west} wing"))
    expect(said).to eq("At: Flat {3}, {west} wing (faucet)")
  end

  it "keeps its parts beside a page in JSON, and has them back" do
    page = { results: [{ text: words.say(hot), measured: "126 °F" }],
             late: words.say(described_class.of("{day}, {count}", day: Date.new(2026, 12, 8),
                                                                  count: 2)) }
    kept = JSON.parse(JSON.generate(page.merge(messages: described_class.gathered(page))),
                      symbolize_names: true)
    expect(kept.dig(:results, 0, :text)).to eq("126 °F at bath or shower.")
    back = described_class.laid(kept.except(:messages), kept[:messages])
    expect(back).to eq(page)
    expect(spanish.say(back.dig(:results, 0, :text), :us)).to eq("126 °F en la tina o la ducha.")
  end

  it "says nothing of a term that no country has, and stays English where nobody translated it" do
    expect { words.say(described_class.of("The {gadget}.")) }.to raise_error(KeyError)
    odd = described_class.of("A {thing} that no table has.", thing: "valve")
    expect(spanish.say(odd, :us)).to eq("A valve that no table has.")
  end
end
