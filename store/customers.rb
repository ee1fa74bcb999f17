# frozen_string_literal: true

module Munimen
  module Store
    # Customers and their sites, found by the beginnings of words of their names, addresses and
    # telephone numbers.
    class Customers
      LIST = 100
      AT_ONCE = 500 # customers whose words are written down in one piece

      def initialize(database)
        @database = database
        @customers = database[:customers]
        @sites = database[:sites]
        @words = database[:search_words]
        @waiting = database[:search_waiting]
      end

      # Customers by name, with their sites' addresses; each word of `search` must begin a word of
      # name, address or phone. after: id of the last one that is known already.
      def list(search: nil, limit: LIST, after: nil)
        asked = SearchWords.asked(search)
        return [] if search.to_s.strip != "" && asked.empty?

        rows = beyond(found(asked), after)
          .order(:name, :id).limit(limit).select(:id, :name, :phone, :email).all
        addresses =
          @sites
            .where(customer_id: rows.map { |row| row[:id] })
            .order(:address)
            .select_hash_groups(:customer_id, :address)
        rows.map { |row| row.merge(addresses: addresses.fetch(row[:id], [])) }
      end

      def beyond(rows, after)
        name = after && find(after)[:name]
        if name
          rows.where do
            (Sequel[:name] > name) | ((Sequel[:name] =~ name) & (Sequel[:id] > after))
          end
        else
          rows
        end
      end
      private :beyond

      def find(id)
        @customers.where(id:).first ||
          raise(NotFound.new("There is no such customer.", field: :customer))
      end

      # Whom to write about some heaters: {heater id => {customer:, address:, email:, reminders:}}.
      def of_heaters(ids)
        @database[:heaters]
          .join(:sites, id: :site_id)
          .join(:customers, id: :customer_id)
          .where(Sequel[:heaters][:id] => ids)
          .select(Sequel[:heaters][:id], Sequel[:customers][:name].as(:customer), :address, :email,
                  :reminders)
          .as_hash(:id)
      end

      def site(id)
        Values.of(@sites.where(id:).first) ||
          raise(NotFound.new("There is no such site.", field: :site))
      end

      def sites_of(customer_id)
        @sites.where(customer_id:).order(:address).map { |row| Values.of(row) }
      end

      # [{address:, lat:, lng:}] of the sites whose place is known.
      def placed = @sites.exclude(lat: nil).select(:address, :lat, :lng).all

      # Adds a customer or a site once; a second sending of the same id changes nothing. Returns
      # its row.
      def add(attributes)
        row = added(@customers, attributes)
        found_by_new_words(attributes.fetch(:id))
        row || find(attributes.fetch(:id))
      end

      def add_site(attributes)
        row = added(@sites, attributes)
        found_by_new_words(attributes.fetch(:customer_id))
        Values.of(row) || site(attributes.fetch(:id))
      end

      def update(id, attributes)
        @customers.where(id:).update(attributes)
        found_by_new_words(id)
      end

      def update_site(id, attributes)
        @sites.where(id:).update(Values.kept(attributes))
        return unless attributes.key?(:address)

        found_by_new_words(@sites.where(id:).get(:customer_id))
      end

      # Gives a site to another customer.
      def give_site(id, to:)
        before = @sites.where(id:).get(:customer_id)
        @sites.where(id:).update(customer_id: to)
        [before, to].each { |one| found_by_new_words(one) }
      end

      # One of whom no site is left.
      def delete(id) = @customers.where(id:).delete

      # From now on nobody is found here by what is new: for a copy of which only the rows are
      # taken over.
      def leave_unindexed = @unindexed = true

      # Writes down the words of those who wait for it after a large file, a few at a time, so that
      # others can write in between.
      def index_waiting
        while (ids = @waiting.limit(AT_ONCE).select_map(:customer_id)).any?
          @database.transaction(mode: :immediate) do
            reindex_search(*ids)
            @waiting.where(customer_id: ids).delete
          end
          Thread.pass
        end
      end

      # Writes down the words of some customers, or of all.
      def reindex_search(*ids)
        chosen = ids.empty? ? @customers : @customers.where(id: ids)
        addresses = (ids.empty? ? @sites : @sites.where(customer_id: ids)).select_hash_groups(
          :customer_id,
          :address
        )
        rows = chosen.select(:id, :name, :phone).all.flat_map do |row|
          words = SearchWords.of(row[:name], row[:phone], addresses[row[:id]])
          words.map { |word| [word, row[:id]] }
        end
        @database.transaction do
          ids.empty? ? @words.delete : @words.where(customer_id: ids).delete
          rows.each_slice(5000) { |slice| @words.import(%i[word customer_id], slice) }
        end
      end

      private

      # The row as it was added, or nil where the id is known.
      def added(table, attributes)
        columns = attributes.keys
        name = [:add, table.first_source, *columns].join("_").to_sym
        @adding ||= {}
        @adding[name] ||= table.returning.insert_conflict(target: :id).prepare(
          :insert, name, columns.to_h { |column| [column, :"$#{column}"] }
        )
        @adding[name].call(attributes).first
      end

      def found_by_new_words(id)
        reindex_search(id) unless @unindexed
      end

      def beginning(word, rows = @words)
        rows.where do
          Sequel.&(
            { Sequel[:search_words][:word] => (word..) },
            Sequel[:search_words][:word] < "#{word}\u{10FFFF}"
          )
        end
      end

      # The rarest word leads; each other one is looked up for those that are left.
      def found(words)
        return @customers if words.empty?

        first, *rest = words.sort_by { |word| beginning(word).limit(2000).from_self.count }
        ids = beginning(first).select(:customer_id)
        rest.reduce(@customers.where(id: ids)) do |rows, word|
          rows.where(
            beginning(word).where(
              Sequel[:search_words][:customer_id] => Sequel[:customers][:id]
            ).exists
          )
        end
      end
    end
  end
end
