# frozen_string_literal: true

# A new reading of a name, or finding of an item, takes the place of the one that stood: in the
# same statement, so that of two people who write at once one corrects the other. Rows that come
# in corrected already (a bundle) correct nothing.
Sequel.migration do
  of = { readings: :name, observations: :item }
  up do
    of.each do |table, what|
      run "CREATE TRIGGER #{table}_correct AFTER INSERT ON #{table} WHEN NEW.superseded_by IS " \
          "NULL BEGIN " \
          "UPDATE #{table} SET superseded_by = NEW.id WHERE visit_id = NEW.visit_id AND #{what} " \
          "= NEW.#{what} AND superseded_by IS NULL AND id <> NEW.id; END"
    end
  end
  down { of.each_key { |table| run "DROP TRIGGER #{table}_correct" } }
end
