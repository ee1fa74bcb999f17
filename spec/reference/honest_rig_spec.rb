# frozen_string_literal: true

require "spec_helper"

# What a rig shows of a fault never rules that fault out, unless the fault is too small to show:
# then it is what a sound heater shows, and the exercise says that nothing can be told. Every heater
# that ships with an exercise, every cause that it can have, three severities, every test of its
# symptom.
RSpec.describe Munimen::Training::Exercise, :long do
  def scenario(heater, book, symptom, faults)
    Munimen::Training::Scenario.from(
      id: "x", title: "x", level: 1, symptom: symptom.to_s, book: book.to_s, heater:, faults:
    )
  end

  shipped = Munimen::Formats::Scenarios.shipped.uniq { |one| one.installation.to_s }
  shipped.each do |ship|
    it "is honest on the heater of “#{ship.title}”" do
      symptoms = Munimen::Faults::Symptom.all.select { |one| one.of?(ship.heater) }
      expect(symptoms.flat_map { |symptom| dishonest(ship, symptom) }).to eq([])
    end
  end

  # One of the three severities for each cause here, all of them by bin/bench many.
  def cases(symptom, heater)
    causes = Munimen::Training::Scenario.hidden(symptom, heater)
    all = causes.product([0.1, 0.5, 1.0])
    TRIES == 1 ? all.each_slice(3).with_index.map { |three, n| three[n % 3] } : all
  end

  # Cause, severity, test and outcome of each answer that rules out what is there, though it is not
  # what a sound heater shows; or that the exercise tells.
  def dishonest(ship, symptom)
    sound = Munimen::Rig::Probe::Bench.new(ship.heater, {})
    cases(symptom, ship.heater).flat_map do |cause, severity|
      exercise = described_class.new(
        scenario(ship.installation, ship.book, symptom.id, { cause.id => severity })
      )
      tests = (symptom.tests(ship.heater) & Munimen::Rig::Probe.names)
      tests.map { |id| Munimen::Faults::Test[id] }.filter_map do |test|
        outcome = Munimen::Rig::Probe.take(test.id, exercise.bench)
        next unless outcome && cause.excluded_by?(test, outcome, ship.heater)

        small = Munimen::Rig::Probe.take(test.id, sound) == outcome
        [cause.id, severity, test.id, outcome] unless small && exercise.shows(test).nil?
      end
    end
  end

  # Handbook §22: a high limit by hand opens at 180 °F as a rule; England's cut-out at 82.5 °C here.
  it "trips where the ladder says that it does, on every kind with a second tier" do
    { electric_storage: 355.37, unvented_direct: 355.65,
      unvented_indirect: 355.65 }.each do |kind, kelvin|
      heater = heater(kind)
      rig = Munimen::Rig.new(heater)
      tier = rig.coil&.cut_out || rig.elements.high_limit
      expect(tier.setting).to be_within(0.05).of(kelvin), kind.to_s
    end
  end
end
