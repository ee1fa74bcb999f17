# frozen_string_literal: true

# Wales: Approved Document G as published for Wales; all else as in England. From memory.
Munimen::Rules::Book.define :wales_g do
  like :england_g3
  title "Wales, Approved Document G"
  edition "Approved Document G for Wales, with its amendments; clauses from memory"
  cites "Approved Document G" => ["Approved Document G for Wales", "G3"]
end
