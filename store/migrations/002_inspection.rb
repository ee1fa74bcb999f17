# frozen_string_literal: true

# Qualifications of people, photographs, and deficiencies that live across visits.
Sequel.migration do
  up do
    alter_table(:accounts) { add_column :qualifications, :text, null: false, default: "[]" }

    create_table(:photos, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :subject, :text, null: false
      column :hash, :text, null: false
      column :media_type, :text, null: false
      column :bytes, :integer, null: false
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    create_table(:deficiencies, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :heater_id, :heaters, type: :text, null: false, index: true
      column :check, :text, null: false
      column :part, :text, null: false
      column :grade, :text, null: false
      column :text, :text, null: false
      column :remedy, :text
      column :due, :text
      column :status, :text, null: false
      foreign_key :found_in, :visits, type: :text, null: false
      column :found_on, :text, null: false
      column :seen_in, :text, null: false, default: "[]"
      column :closed_in, :text
      column :closed_on, :text
      column :evidence, :text
      constraint(:known_status, status: %w[open rectified accepted])
      index %i[heater_id status]
    end
  end
  down do
    drop_table :deficiencies, :photos
    alter_table(:accounts) { drop_column :qualifications }
  end
end
