# frozen_string_literal: true

module Munimen
  class Visit
    class Format
      # Brings files of older versions up to today's, a version at a time; what is read is always
      # the newest.
      module Upgrades
        STEPS = {
          # The rulebook was called the site's code profile.
          1 => lambda { |data|
            site = data["site"]
            next data unless site.is_a?(Hash) && site.key?("code_profile")

            data.merge(
              "site" => site.except("code_profile").merge("rulebook" => site["code_profile"])
            )
          },
          # What is new in the third is only more that can be said.
          2 => ->(data) { data },
          # So it is in the fourth: a reading can say of which part it is.
          3 => ->(data) { data }
        }.freeze

        module_function

        # data: a Hash with text keys; without a version it is of the first. Raises Error on one
        # that is not known.
        def newest(data)
          version = data.fetch("version", STEPS.keys.min)
          unless version == VERSION || STEPS.key?(version)
            raise Error.one_of([*STEPS.keys, VERSION], field: :version, code: :unknown_version)
          end

          STEPS
            .select { |from, _| from >= version }
            .sort
            .reduce(data) { |older, (_, step)| step.call(older) }
        end
      end
    end
  end
end
