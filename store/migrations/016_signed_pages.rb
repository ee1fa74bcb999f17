# frozen_string_literal: true

# The page that a customer signed: its hash, and, where it was another one than the office's, as on
# a device without a signal, the page as the customer saw it.
Sequel.migration do
  change do
    create_table(:signed_pages, strict: true) do
      column :id, :text, primary_key: true # of the signature
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :page_hash, :text, null: false
      column :seen, :text
      column :at, :text, null: false
    end
  end
end
