# frozen_string_literal: true

module Munimen
  module Store
    # What signed visits found and did, over all heaters: for the firm's own numbers.
    class Outcomes
      def initialize(database) = @database = database

      # What the pages of signed visits say of some checks: [{heater_id:, on:, check:, states: as
      # found and as left}], in order of time.
      def tested(checks)
        one = Sequel[:one][:value]
        rows = @database
               .from(:visits, Sequel.function(:json_each, :page, "$.page.results").as(:one))
               .where(Sequel[:visits][:status] => "signed")
               .where(Sequel.function(:json_extract, one, "$.check") => checks.map(&:to_s))
               .order(:signed_at)
               .select(:heater_id, :signed_at,
                       *{ check: "check", left: "state", found: "found.state" }.map do |name, path|
                         Sequel.function(:json_extract, one, "$.#{path}").as(name)
                       end)
        rows.map do |row|
          { heater_id: row[:heater_id], on: row[:signed_at][0, 10], check: row[:check],
            states: row.values_at(:found, :left).compact }
        end
      end

      # What customers said of estimates on pages signed from a day until before another, nil for
      # ever: [{visit_id:, heater_id:, on:, customer:, what:, answer:, supplied:, net:, tax:,
      # total:, in the smallest unit, tax_percent:, currency:}], nil where it has no price.
      def estimates(from = nil, to = nil)
        told = { what: "title", answer: "answer", supplied: "supplied", net: "amounts.net",
                 tax: "amounts.tax", total: "amounts.total" }
        rows = listed_estimates
        rows = rows.where { (signed_at >= from) & (signed_at < to) } if from
        rows.select(
          Sequel[:visits][:id].as(:visit_id), :heater_id, :signed_at,
          Sequel[:customers][:name].as(:customer),
          *told.map { |name, path| json(Sequel[:one][:value], path).as(name) },
          *%w[tax_percent currency].map { |name| json(:page, "page.agreed.#{name}").as(name) }
        ).map { |row| { **row.except(:signed_at), on: row[:signed_at][0, 10] } }
      end

      # Operations that stood done when their visit was signed: [{heater_id:, on:, operation:}].
      def done(operations)
        last = @database[:steps].where(operation: operations.map(&:to_s))
                                .group(:visit_id, :operation)
                                .select { max(:seq).as(:seq) }
        @database[:steps]
          .join(:visits, id: :visit_id)
          .where(Sequel[:steps][:seq] => last, Sequel[:steps][:outcome] => "done",
                 Sequel[:visits][:status] => "signed")
          .order(:signed_at)
          .select_map(%i[heater_id signed_at operation])
          .map { |heater_id, at, operation| { heater_id:, on: at[0, 10], operation: } }
      end

      # Visits signed from a day until before another: [{id:, heater_id:, on:, minutes:, outcome:,
      # jobs:, who: name of who signed}].
      def signed(from, to)
        @database[:visits]
          .join(:signatures, visit_id: Sequel[:visits][:id])
          .join(:accounts, id: Sequel[:signatures][:account_id])
          .exclude(signer: "customer")
          .where(Sequel[:visits][:status] => "signed")
          .where { (signed_at >= from) & (signed_at < to) }
          .order(:signed_at)
          .select(Sequel[:visits][:id], :heater_id, :started_at, :signed_at, :outcome, :jobs,
                  Sequel[:accounts][:name].as(:who))
          .map { |row| visit(row) }
      end

      # Seconds of hands-on work that were reckoned for what some visits have done: {visit id =>
      # seconds}. reckoned: {operation => seconds}.
      def reckoned(visit_ids, reckoned)
        @database[:steps].where(visit_id: visit_ids, outcome: "done")
                         .select_map(%i[visit_id operation])
                         .each_with_object(Hash.new(0)) do |(id, operation), all|
          all[id] += reckoned.fetch(operation.to_sym, 0)
        end
      end

      # Deficiencies found before a day: all columns, and whose heater it is.
      def deficiencies(before)
        @database[:deficiencies]
          .where { found_on < before }
          .join(:heaters, id: :heater_id)
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .select_all(:deficiencies)
          .select_append(Sequel[:customers][:name].as(:customer))
          .all
      end

      private

      def json(column, path) = Sequel.function(:json_extract, column, "$.#{path}")

      def listed_estimates
        @database
          .from(:visits, Sequel.function(:json_each, :page, "$.page.agreed.lines").as(:one))
          .join(:heaters, id: Sequel[:visits][:heater_id])
          .join(:sites, id: Sequel[:heaters][:site_id])
          .join(:customers, id: Sequel[:sites][:customer_id])
          .where(Sequel[:visits][:status] => "signed")
          .order(:signed_at)
      end

      def visit(row)
        began = row[:started_at] && Time.iso8601(row[:started_at])
        minutes = began && ((Time.iso8601(row[:signed_at]) - began) / 60).round
        { **row.slice(:id, :heater_id, :outcome, :who), on: row[:signed_at][0, 10], minutes:,
          jobs: JSON.parse(row[:jobs]) }
      end
    end
  end
end
