# frozen_string_literal: true

# Seals over signed visits, amendments to them, links for customers, messages, and calendar feeds.
# Tokens are kept as their SHA-256 only.
Sequel.migration do
  change do
    table = ->(name, &block) { create_table(name, strict: true, &block) }
    table.call(:seals) do
      primary_key :seq, type: :integer
      column :subject, :text, null: false, unique: true # "visit:ID" or "amendment:ID"
      column :content, :text, null: false
      column :file, :text
      column :previous, :text, null: false
      column :hash, :text, null: false
      column :at, :text, null: false
    end
    table.call(:amendments) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :reason, :text, null: false
      column :text, :text, null: false
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    table.call(:share_links) do
      column :id, :text, primary_key: true
      column :token, :text, null: false, unique: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :expires_at, :text, null: false
      column :revoked_at, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    table.call(:share_views) do
      foreign_key :link_id, :share_links, type: :text, null: false, index: true
      column :what, :text, null: false
      column :at, :text, null: false
    end
    table.call(:messages) do
      column :id, :text, primary_key: true
      column :kind, :text, null: false
      column :recipient, :text, null: false
      column :subject, :text, null: false
      column :eml, :text, null: false
      column :sent_at, :text
      column :error, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
      index :at
    end
    table.call(:calendar_feeds) do
      foreign_key :account_id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :token, :text, null: false, unique: true
      column :at, :text, null: false
    end
  end
end
