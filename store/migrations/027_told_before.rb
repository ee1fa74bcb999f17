# frozen_string_literal: true

# What a household says of its heater before somebody comes, by its link: words with the visit,
# pictures beside it.
Sequel.migration do
  change do
    alter_table(:visits) { add_column :told_before, :text }
    create_table(:told_photos, strict: true) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :slot, :text, null: false
      column :hash, :text, null: false
      column :media_type, :text, null: false
      column :bytes, :integer, null: false
      column :at, :text, null: false
    end
  end
end
