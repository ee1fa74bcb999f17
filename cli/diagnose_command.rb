# frozen_string_literal: true

module Munimen
  module Cli
    # bin/munimen diagnose: a heater, a symptom and what has been found, as JSON; or a visit file
    # with `diagnosis`.
    module DiagnoseCommand
      module_function

      # data: {"units", "heater": {…}, "symptom", "evidence": {test: outcome}, "skip": [test]};
      # with "visit", a visit file, its heater and readings count. Returns suspects, next tests,
      # what is settled.
      def call(data)
        visit = Visit::Format.read(data["visit"]) if data["visit"]
        units = (data["units"] || "us").to_sym
        heater = visit ? visit.heater : Heater::Installation.from(data["heater"] || {}, units:)
        symptom = data["symptom"] or
          raise Error.new(
            "symptom is missing; it must be one of: " \
            "#{Faults::Symptom.all.map(&:id).join(", ")}.",
            field: :symptom,
            code: :missing
          )
        Desk::FindFault.new(
          heater,
          symptom,
          words: visit ? visit.words : Words[units],
          evidence: data["evidence"] || {},
          visit:,
          skip: data["skip"] || []
        ).to_h
      end
    end
  end
end
