# frozen_string_literal: true

# The language that a person reads the tool in; and what was kept as text, with what was put into it
# apart, so that it can be said in another language.
Sequel.migration do
  change do
    alter_table(:accounts) { add_column :language, :text, null: false, default: "en" }
    %i[deficiencies dues].each { |table| alter_table(table) { add_column :said, :text } }
  end
end
