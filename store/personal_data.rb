# frozen_string_literal: true

require "fileutils"

module Munimen
  module Store
    # All that is kept of one customer, and what of it can go: everything where nothing has been
    # signed; else all but the signed visits and what they are about.
    class PersonalData
      # What hangs on a visit, in the order in which it can be taken out.
      OF_VISITS = %i[
        readings observations steps decisions notes signatures signed_pages photos told_photos
        amendments
      ].freeze
      ERASED = "Erased customer"

      # files: those of photographs; reports: those of signed pages.
      def initialize(database, files, reports)
        @database = database
        @files = files
        @reports = reports
      end

      # {table => [row]} of a customer; tokens, which let nobody in as they are, are left out.
      def of(customer_id)
        scope(customer_id).transform_values do |rows|
          rows.all.map { |row| row.except(:token, :eml) }
        end
      end

      # How many signed visits must be kept: those signed on or after `since` (ISO 8601; nil, all).
      def signed(customer_id, since: nil) = signed_of(scope(customer_id), since).count

      # Takes out what can go. Returns {table => rows}; inside a transaction.
      def erase(customer_id, at:, since: nil)
        parts = scope(customer_id).values_at(:customers, :sites, :heaters)
        Undoing.new(@database).forget(parts.flat_map { |rows| rows.select_map(:id) })
        let_go(scope(customer_id)[:visits], since, at) if since
        signed(customer_id, since:).zero? ? all(customer_id) : all_but_signed(customer_id, since)
      end

      # Customers all of whose visits were signed before `since`: [{id:, name:, last:}], the oldest
      # first.
      def past(since)
        visits = @database[:visits]
          .join(:heaters, id: :heater_id)
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
        last = Sequel.function(:max, Sequel.function(:coalesce, :signed_at, "9"))
        visits
          .group(Sequel[:customers][:id], :name)
          .having(last < since)
          .order(:last)
          .select(Sequel[:customers][:id], Sequel[:customers][:name], last.as(:last))
          .all
      end

      private

      def signed_of(scope, since)
        rows = scope[:visits].where(status: "signed")
        since ? rows.where { signed_at >= since } : rows
      end

      # Notes which signed visits, and what was added to them, are to be missed from now on.
      def let_go(visits, since, at)
        old = visits.where(status: "signed").where { signed_at < since }.select_map(:id)
        added = @database[:amendments].where(visit_id: old).select_map(:id)
        subjects = old.map { |id| "visit:#{id}" } + added.map { |id| "amendment:#{id}" }
        subjects.each { |subject| @database[:erased].insert(subject:, at:) }
        seals = @database[:seals].where(subject: subjects)
        pages(seals.exclude(file: nil).select_map(:file))
      end

      # Signed reports' files that no other seal has.
      def pages(hashes)
        @database.after_commit { hashes.each { |hash| FileUtils.rm_f(@reports.path(hash)) } }
      end

      def scope(customer_id)
        sites = @database[:sites].where(customer_id:)
        heaters = @database[:heaters].where(site_id: sites.select(:id))
        visits = @database[:visits].where(heater_id: heaters.select(:id))
        dues = @database[:dues].where(heater_id: heaters.select(:id))
        mail = @database[:customers].where(id: customer_id).get(:email)
        {
          customers: @database[:customers].where(id: customer_id),
          sites:,
          heaters:,
          visits:,
          **hanging_on(visits),
          deficiencies: @database[:deficiencies].where(heater_id: heaters.select(:id)),
          due_decisions: @database[:due_decisions].where(due: dues.select(:id)),
          dues:,
          pressure_logs: @database[:pressure_logs].where(heater_id: heaters.select(:id)),
          share_links: @database[:share_links].where(visit_id: visits.select(:id)),
          messages: @database[:messages].where(recipient: mail.to_s)
        }
      end

      def hanging_on(visits)
        OF_VISITS.to_h { |table| [table, @database[table].where(visit_id: visits.select(:id))] }
      end

      def all(customer_id)
        scope = scope(customer_id)
        counts = scope.transform_values(&:count)
        hashes = pictures(scope)
        links(scope)
        %i[messages due_decisions dues deficiencies pressure_logs].each do |table|
          scope[table].delete
        end
        OF_VISITS.each { |table| scope[table].delete }
        %i[visits heaters sites customers].each { |table| scope[table].delete }
        files(hashes)
        counts.reject { |_, count| count.zero? }
      end

      # Contact, notes, links, mails, what is due and visits that were not signed or are past their
      # time.
      def all_but_signed(customer_id, since)
        scope = scope(customer_id)
        open = scope[:visits].exclude(id: signed_of(scope, since).select(:id))
        of_open = hanging_on(open)
        gone = { **of_open, visits: open,
**scope.slice(:messages, :share_links, :due_decisions, :dues) }
        counts = gone.transform_values(&:count)
        hashes = pictures({ **of_open, told_photos: scope[:told_photos] })
        links(scope)
        forget_told(scope)
        %i[due_decisions dues messages].each { |table| scope[table].delete }
        @database[:deficiencies].where(found_in: open.select(:id)).delete
        of_open.each_value(&:delete)
        open.delete
        scope[:sites].update(access: nil, household: "usual")
        scope[:customers].update(
          name: "#{ERASED} #{customer_id[0, 8]}", phone: nil, email: nil, note: nil
        )
        files(hashes)
        counts.reject { |_, count| count.zero? }
      end

      # What the household said before a visit is no part of what was signed.
      def forget_told(scope)
        scope[:told_photos].delete
        scope[:visits].update(told_before: nil)
      end

      def links(scope)
        @database[:share_views].where(link_id: scope[:share_links].select(:id)).delete
        scope[:share_links].delete
      end

      PICTURES = %i[photos told_photos].freeze
      private_constant :PICTURES

      def pictures(scope) = PICTURES.flat_map { |table| scope[table].select_map(:hash) }

      # Bytes that no other photograph has.
      def files(hashes)
        @database.after_commit do
          others = PICTURES.flat_map do |table|
            @database[table].where(hash: hashes).select_map(:hash)
          end
          (hashes - others).each { |hash| FileUtils.rm_f(@files.path(hash)) }
        end
      end
    end
  end
end
