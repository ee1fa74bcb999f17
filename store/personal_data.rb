# frozen_string_literal: true

module Munimen
  module Store
    # All that is kept of one customer, and what of it can go: everything where nothing has been
    # signed; else all but the signed visits and what they are about.
    class PersonalData
      # What hangs on a visit, in the order in which it can be taken out.
      OF_VISITS = %i[
        readings observations steps decisions notes signatures photos amendments
      ].freeze
      ERASED = "Erased customer"

      # files: those of photographs.
      def initialize(database, files)
        @database = database
        @files = files
      end

      # {table => [row]} of a customer; tokens, which let nobody in as they are, are left out.
      def of(customer_id)
        scope(customer_id).transform_values do |rows|
          rows.all.map { |row| row.except(:token, :eml) }
        end
      end

      def signed(customer_id) = scope(customer_id)[:visits].where(status: "signed").count

      # Takes out what can go. Returns {table => rows}; inside a transaction.
      def erase(customer_id)
        signed(customer_id).zero? ? all(customer_id) : all_but_signed(customer_id)
      end

      private

      def scope(customer_id)
        sites = @database[:sites].where(customer_id:)
        heaters = @database[:heaters].where(site_id: sites.select(:id))
        visits = @database[:visits].where(heater_id: heaters.select(:id))
        mail = @database[:customers].where(id: customer_id).get(:email)
        {
          customers: @database[:customers].where(id: customer_id),
          sites:,
          heaters:,
          visits:,
          **hanging_on(visits),
          deficiencies: @database[:deficiencies].where(heater_id: heaters.select(:id)),
          dues: @database[:dues].where(heater_id: heaters.select(:id)),
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
        hashes = scope[:photos].select_map(:hash)
        links(scope)
        %i[messages dues deficiencies pressure_logs].each { |table| scope[table].delete }
        OF_VISITS.each { |table| scope[table].delete }
        %i[visits heaters sites customers].each { |table| scope[table].delete }
        files(hashes)
        counts.reject { |_, count| count.zero? }
      end

      # Contact, notes, links, mails, what is due and visits that were not signed.
      def all_but_signed(customer_id)
        scope = scope(customer_id)
        open = scope[:visits].exclude(status: "signed")
        of_open = hanging_on(open)
        gone = { **of_open, visits: open, **scope.slice(:messages, :share_links, :dues) }
        counts = gone.transform_values(&:count)
        hashes = of_open[:photos].select_map(:hash)
        links(scope)
        scope[:dues].delete
        scope[:messages].delete
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

      def links(scope)
        @database[:share_views].where(link_id: scope[:share_links].select(:id)).delete
        scope[:share_links].delete
      end

      # Bytes that no other photograph has.
      def files(hashes)
        @database.after_commit do
          (hashes - @database[:photos].where(hash: hashes).select_map(:hash)).each do |hash|
            FileUtils.rm_f(@files.path(hash))
          end
        end
      end
    end
  end
end
