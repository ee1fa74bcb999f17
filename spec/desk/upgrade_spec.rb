# frozen_string_literal: true

require "office_helper"
require "tmpdir"

# Data folders as the program of each earlier migration made them, by its own code: a signed visit
# and one under way (spec/support/earlier, one for each).
RSpec.describe Munimen::Store::Database do
  archives = Dir[File.join(__dir__, "../support/earlier/*.tar.gz")]
  latest = Dir.children(described_class::MIGRATIONS).size

  around do |example|
    Dir.mktmpdir("munimen-earlier") do |folder|
      @folder = folder
      example.run
      @config.records.database.disconnect if @config
    end
  end

  it("has one of every migration but the last") { expect(archives.size).to eq(latest - 1) }

  archives.each do |archive|
    it "opens, shows, goes on with and backs up what #{File.basename(archive, ".tar.gz")} made" do
      system("tar", "-C", @folder, "-xzf", archive, exception: true)
      @config = Munimen::Web::Config.new(@folder)
      records = @config.records
      expect(records.database[:schema_info].get(:version)).to eq(latest)
      expect(records.database.fetch("PRAGMA foreign_key_check").all).to eq([])
      expect(described_class.whole?(records.database)).to be(true)

      person = records.people.all.find { |one| one[:role] == "plumber" }
      context = Munimen::Desk::Context.new(records, person:)
      signed = records.database[:visits].where(status: "signed").get(:id)
      open = records.database[:visits].exclude(status: "signed").get(:id)
      page = Munimen::Desk::ReportPage.new(context)
      expect(page.call(signed)[:page][:sentence]).to be_a(String)
      expect(page.pdf(signed)).to start_with("%PDF")
      id = SecureRandom.uuid
      Munimen::Desk::TakeReading.new(context).call(open, id:, name: "static_pressure", value: "61")
      view = Munimen::Desk::ViewVisit.new(context).call(open)
      expect(view[:plan][:steps]).not_to be_empty
      heater = view[:heater][:id]
      expect(Munimen::Desk::ViewHeater.new(context).call(heater)[:visits].size).to eq(2)

      # The chain of seals came with migration 8: it begins after what was signed before.
      expect(records.seals.problems(records.photo_files)).to eq([])
      expect(records.seals.before).to eq(File.basename(archive).to_i < 8 ? 1 : 0)
      backup = Munimen::Desk::Backup.new(records, @folder)
      backup.restore(backup.write(File.join(@folder, "whole.zip"))[:path])
      expect(records.visits.load(open, now: Time.now.utc).quantity(:static_pressure)).to be_truthy
    end
  end
end
