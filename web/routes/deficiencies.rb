# frozen_string_literal: true

module Munimen
  module Web
    module Routes
      # Deficiencies that live across visits, and the catalogue of what can be noted by hand.
      module Deficiencies
        SHOWN = 60 # entries of the catalogue

        def self.registered(app)
          app.helpers Helpers
          app.post("/api/deficiencies/:id/close") do
            heater = Desk::CloseDeficiency.new(desk).call(id, **sent.except(:id))
            json(Desk::ViewHeater.new(desk).call(heater))
          end
          app.get("/api/catalogue") do
            rules = Rules::EffectiveRules.new(params["book"] || records.settings.code_profile)
            found = Inspection::Catalogue.search(params["search"], rules).first(SHOWN)
            json(found.map { |entry| catalogue_entry(entry, rules) })
          end
        end

        # What its routes share.
        module Helpers
          def catalogue_entry(entry, rules)
            words = Words[rules.units]
            {
              id: entry.id,
              part: entry.part,
              place: words.part(entry.part),
              text: words.say(entry.text),
              grade: entry.grade,
              source: entry.source_under(rules.book.id).to_s,
              remedy: words.say(entry.remedy),
              who: entry.who
            }
          end
        end
      end
    end
  end
end
