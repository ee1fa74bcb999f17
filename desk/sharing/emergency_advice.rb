# frozen_string_literal: true

module Munimen
  module Desk
    # What a household does at once where it smells of gas, where CO is about or where steam comes
    # out, in its own language: core/words/emergency.json, which the screens show as well.
    module EmergencyAdvice
      FILE = File.join(ROOT, "core/words/emergency.json")

      # {title:, steps:, numbers:}. name: a key of the file that Faults::Complaint gives as advice;
      # reader: Words::Speaker. Where the fuel is not known each number is told.
      def self.of(name, heater, units, reader)
        page = pages.fetch(name)
        known = pages["numbers"].fetch(units.to_s)
        kind = pages["by_fuel"][heater.fuel.to_s]
        say = ->(texts) { texts.map { |text| reader.say(text) } }
        { title: reader.say(page["title"]), steps: say[page["steps"]],
          numbers: say[kind ? [known.fetch(kind)] : known.values] }
      end

      def self.pages = @pages ||= JSON.parse(File.read(FILE))
      private_class_method :pages
    end
  end
end
