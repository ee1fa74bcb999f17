# frozen_string_literal: true

module Munimen
  module Store
    # Results of training, for each person.
    class Training
      # Account whose training run lies in a database file; nil where that cannot be read.
      def self.trainee(path)
        database = Sequel.sqlite(path, readonly: true)
        JSON.parse(database[:settings].where(name: "trainee").get(:value).to_s)
      rescue Sequel::Error, JSON::ParserError
        nil
      ensure
        database&.disconnect
      end

      def initialize(database) = @rows = database[:training_results]

      # Written once for each exercise.
      def keep(row) = @rows.insert_conflict(target: :id).insert(row)

      # Of a person, the latest first; of everybody for the owner.
      def of(person)
        rows =
          @rows
            .join(:accounts, id: :account_id)
            .select_all(:training_results)
            .select_append(Sequel[:accounts][:name].as(:person))
            .reverse(:at)
            .limit(100)
        (person[:role] == "owner" ? rows : rows.where(account_id: person[:id])).all
      end
    end
  end
end
