# frozen_string_literal: true

# Scotland: the Building (Scotland) Regulations, standard 4.9 (danger from heat); the British
# Standards and the gas regulations as in England. From memory.
Munimen::Rules::Book.define "scotland_4_9" do
  like :england_g3
  title "Scotland, Building Standards 4.9"
  edition "Building Standards Technical Handbook, Domestic, section 4; clauses from memory"
  cites "Approved Document G" => ["Building Standards Technical Handbook", "Domestic, 4.9"]
end
