# frozen_string_literal: true

# Visits that were signed before there was a chain of seals: it begins after them, and says so. One
# that was signed later and is not in the chain stays what it is, a break.
Sequel.migration do
  up do
    create_table(:signed_before_seals, strict: true) do
      column :visit_id, :text, primary_key: true
    end
    run "INSERT INTO signed_before_seals SELECT id FROM visits WHERE status = 'signed' " \
        "AND 'visit:' || id NOT IN (SELECT subject FROM seals) " \
        "AND signed_at < COALESCE((SELECT MIN(at) FROM seals), '9')"
  end
  down { drop_table(:signed_before_seals) }
end
