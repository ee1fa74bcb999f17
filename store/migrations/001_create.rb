# frozen_string_literal: true

# All tables are STRICT; ids are UUIDs made by whoever writes first, so that a write can be sent
# twice. Times are ISO 8601 text in UTC; structured values are JSON text.
Sequel.migration do
  change do
    table = ->(name, &block) { create_table(name, strict: true, &block) }

    table.call(:accounts) do
      primary_key :id, type: :integer
      column :email, :text, null: false, unique: true
      column :status_id, :integer, null: false, default: 2
      column :name, :text, null: false
      column :role, :text, null: false
      constraint(:known_role, role: %w[owner office plumber inspector])
    end
    table.call(:account_password_hashes) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :password_hash, :text, null: false
    end
    table.call(:account_login_failures) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :number, :integer, null: false, default: 1
    end
    table.call(:account_lockouts) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :key, :text, null: false
      column :deadline, :text, null: false
      column :email_last_sent, :text
    end
    table.call(:account_active_session_keys) do
      foreign_key :account_id, :accounts, type: :integer, on_delete: :cascade
      column :session_id, :text
      column :created_at, :text, null: false, default: Sequel::CURRENT_TIMESTAMP
      column :last_use, :text, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[account_id session_id]
    end

    table.call(:settings) do
      column :name, :text, primary_key: true
      column :value, :text, null: false
    end
    table.call(:customers) do
      column :id, :text, primary_key: true
      column :name, :text, null: false
      column :phone, :text
      column :email, :text
      column :note, :text
      column :created_at, :text, null: false
      index :name
    end
    table.call(:sites) do
      column :id, :text, primary_key: true
      foreign_key :customer_id, :customers, type: :text, null: false, index: true
      column :address, :text, null: false
      column :access, :text
      column :code_profile, :text, null: false
      column :house_rules, :text, null: false, default: "{}"
      column :created_at, :text, null: false
    end
    table.call(:heaters) do
      column :id, :text, primary_key: true
      foreign_key :site_id, :sites, type: :text, null: false, index: true
      column :label, :text, null: false
      column :installation, :text, null: false
      column :created_at, :text, null: false
    end
    table.call(:visits) do
      column :id, :text, primary_key: true
      foreign_key :heater_id, :heaters, type: :text, null: false, index: true
      column :jobs, :text, null: false
      column :status, :text, null: false
      column :planned_for, :text, null: false
      foreign_key :account_id, :accounts, type: :integer
      column :house_rules, :text, null: false, default: "{}"
      column :started_at, :text
      column :signed_at, :text
      column :outcome, :text
      column :page, :text
      column :created_at, :text, null: false
      constraint(:known_status, status: %w[booked open signed])
      index %i[status planned_for]
    end
    table.call(:readings) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :name, :text, null: false
      column :si, :real
      column :choice, :text
      column :typed, :text, null: false
      column :state, :text, null: false
      column :method, :text
      column :instrument, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
      column :superseded_by, :text
      index :visit_id, name: :readings_standing, where: { superseded_by: nil }
    end
    table.call(:observations) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :item, :text, null: false
      column :finding, :text, null: false
      column :note, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
      column :superseded_by, :text
      index :visit_id, name: :observations_standing, where: { superseded_by: nil }
    end
    table.call(:steps) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :operation, :text, null: false
      column :outcome, :text, null: false
      column :reason, :text
      column :of, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    table.call(:decisions) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :name, :text, null: false
      column :value, :text, null: false
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    table.call(:notes) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :entry, :text, null: false
      column :place, :text
      column :text, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
    end
    table.call(:signatures) do
      column :id, :text, primary_key: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :signer, :text, null: false
      column :name, :text
      column :strokes, :text
      column :refused, :text
      column :at, :text, null: false
      foreign_key :account_id, :accounts, type: :integer, null: false
      index %i[visit_id signer], unique: true
    end
    table.call(:dues) do
      column :id, :text, primary_key: true
      foreign_key :heater_id, :heaters, type: :text, null: false, index: true
      foreign_key :visit_id, :visits, type: :text, null: false, index: true
      column :kind, :text, null: false
      column :on, :text, null: false
      column :text, :text, null: false
      column :grade, :text
      column :job, :text
      column :check, :text
      column :settled_at, :text
      index %i[settled_at on]
    end
  end
end
