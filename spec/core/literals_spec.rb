# frozen_string_literal: true

require "spec_helper"
require "ripper"

# Every text that stands in core/ and desk/ is known in each language to work in, but for names of
# rules, units as people spell them, and what only a programmer reads.
RSpec.describe Munimen::Words::Language do
  # What no person at work reads: files, and parts of lines.
  elsewhere = %r{words/(?:languages|vocabularies)|measure/unit|rig/instrument_line|visit/schema|
                 rules/correction|heater/(?:kind|heat_source)\.rb|verdict\.rb|work/state_space|
                 exchange|numbers/|customers\.rb|report_page|booking_notice|outbox|mail_|reminder|
                 account_notice|calendar_feed|told_before|staff\.rb|backup|drawing/text_width}x
  citation = /\A(?:[A-Z]{2,}[A-Z0-9 .-]*|P\d|G3|ANSI|HSE|IRC|ASHRAE|reg\.|regulations?\b|schedule|
               section|National|Approved|Building|Water\ Supply|Gas\ Safety|Renting|NIOSH|
               Smoke\ and|Darcy|\d+\.\d+;|BS\b|EN\b|NFPA|NEC)/x
  words = /[[:alpha:]]{2,}[ ’'][[:alpha:]“(]/

  # Literals of a file, those that go on from line to line as one; what is put into one: “…”.
  def self.literals(node, found = [])
    return found unless node.is_a?(Array)

    if %i[string_concat string_literal].include?(node.first)
      found << flat(node)
    else
      node.each { |one| literals(one, found) }
    end
    found
  end

  def self.flat(node)
    case node.first
    when :string_concat, :string_content then node.drop(1).map { |one| flat(one) }.join
    when :string_literal then flat(node[1])
    when :@tstring_content then node[1].gsub('\"', '"')
    when :string_embexpr then "…"
    else ""
    end
  end

  # {room => [[file, text]]} of what is said there.
  said = Hash.new do |all, room|
    all[room] = Dir[File.join(Munimen::ROOT, room, "**/*.rb")].grep_v(elsewhere).flat_map do |file|
      texts = literals(Ripper.sexp(File.read(file))).uniq.select do |text|
        text.match?(words) && !text.match?(citation) && !text.match?(/\A[a-z_ ]+=/)
      end
      texts.map { |text| [file.delete_prefix("#{Munimen::ROOT}/"), text] }
    end
  end

  it "puts something into what it says by a message only, which can be said otherwise" do
    all = %w[core desk].flat_map { |room| said[room] }
    expect(all.size).to be > 3000
    put_in = all.select { |_, text| text.include?("…") }
    expect(put_in).to eq([])
  end

  described_class.all.each_value.select(&:tool).each do |language|
    %w[core desk].each do |room|
      it "has the texts of #{room}/ in #{language.name}" do
        missing = said[room].reject do |_, text|
          language.knows?(text) || Munimen::Words.all.keys.any? { |one| language.exact(text, one) }
        end
        expect(missing).to eq([])
      end
    end
  end
end
