# frozen_string_literal: true

# Scotland: the Building (Scotland) Regulations, standard 4.9 (danger from heat); the British
# Standards and the gas regulations as in England. From memory.
Munimen::Rules::Book.define "scotland_4_9" do
  like :england_g3
  title "Scotland, Building Standards 4.9"
  edition "Building Standards Technical Handbook, Domestic, section 4; clauses from memory"
  cites "Approved Document G" => ["Building Standards Technical Handbook", "Domestic, 4.9"]

  limit :bath_temperature,
        at_most: celsius(48),
        grade: :defect,
        due_in: 30,
        who: :plumber,
        source: published("Building Standards Technical Handbook", "Domestic, 4.9"),
        remedy: "Set or fit thermostatic mixing valves that limit bath and bidet to 48 °C.",
        explain: "The water at the bath is hot enough to scald."

  paper :notification,
        title: "Building warrant, or a certifier's notice",
        hint: "Work that wants a warrant has one before it begins; ask the local verifier.",
        days: 30,
        source: published("Building (Scotland) Regulations 2004", "regulation 5 and schedule 3")
  paper :certificate,
        title: "Completion certificate",
        hint: "Accepted by the verifier, or a certificate of construction.",
        days: 60,
        source: published("Building (Scotland) Act 2003", "section 17")
end
