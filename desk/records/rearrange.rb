# frozen_string_literal: true

module Munimen
  module Desk
    # Puts together what was entered twice, and moves what stands at the wrong place: customers,
    # addresses, heaters. What was signed stays as it was signed. Each can be undone for a day.
    class Rearrange
      def initialize(context) = @context = context

      # Two entries of one customer become one: the addresses of the second go to the first, with
      # what the first does not say (telephone, e-mail, note). id: of the act; a second sending
      # changes nothing. The id of the customer that is left.
      def merge(customer, other:, id:)
        once(id) do
          into, from = [customer, other].map { |one| customers.find(one) }
          different!(into[:id], from[:id], :other)
          sites = customers.sites_of(from[:id]).map { |site| [:sites, site[:id]] }
          both = [into, from].map { |one| [:customers, one[:id]] }
          kept("merge", id, "#{from[:name]} → #{into[:name]}", sites + both) { unite(into, from) }
        end
        customer
      end

      # An address, with its heaters and all that was done there, belongs to another customer, whose
      # id it gives.
      def move_site(site, customer:, id:)
        once(id) do
          row = customers.site(site)
          owner = customers.find(customer)
          different!(row[:customer_id], owner[:id], :customer)
          kept("move", id, "#{row[:address]} → #{owner[:name]}", [[:sites, site]]) do
            customers.give_site(site, to: owner[:id])
          end
        end
        customer
      end

      # A heater stands at another address, of whichever customer.
      def move_heater(heater, site:, id:)
        once(id) do
          row = @context.records.heaters.find(heater)
          to = customers.site(site)
          different!(row[:site_id], to[:id], :site)
          kept("move", id, "#{row[:label]} → #{to[:address]}", [[:heaters, heater]]) do
            @context.records.heaters.give(heater, to: to[:id])
          end
        end
        heater
      end

      # What this person can still undo: [{id:, kind:, title:, by:, at:, rows:}], the newest first.
      # A file is undone by those who may take one in.
      def recent
        @context.may!(:records)
        files = Abilities.of(@context.person[:role]).include?(:tables)
        all = @context.records.undoing.recent(@context.stamp)
        files ? all : all.reject { |one| one[:kind] == "import" }
      end

      # Everything as it was before, or nothing. Raises Refused where some of it was changed since.
      def undo(id)
        one = recent.find { |each| each[:id] == id } or
          raise NotFound.new("There is nothing of it to be undone any more.", field: :id)
        @context.records.write do
          concerned = @context.records.undoing.undo(one[:id], at: @context.stamp)
          customers.reindex_search(*concerned) if concerned.any?
        end
        @context.records.forget
        recent
      end

      private

      def customers = @context.records.customers

      def once(id)
        @context.may!(:records)
        @context.records.write { yield unless @context.records.undoing.known?(id) }
      end

      def kept(kind, id, title, touched, &)
        head = { id:, kind:, title:, by: @context.person[:name], at: @context.stamp }
        @context.records.undoing.keep(head, touched, &)
      end

      def unite(into, from)
        customers.sites_of(from[:id]).each { |one| customers.give_site(one[:id], to: into[:id]) }
        customers.update(into[:id], added(into, from))
        customers.delete(from[:id])
      end

      def different!(one, other, field)
        return unless one == other

        raise Error.new(Message.of("{field} must be another one than it is now.",
                                   field:), field:, code: :out_of_range)
      end

      # What the first says nothing of; notes of both.
      def added(into, from)
        notes = [into[:note], from[:note]].compact.uniq
        %i[phone email].to_h { |name| [name, into[name] || from[name]] }
                       .merge(note: notes.any? ? notes.join("\n") : nil)
      end
    end
  end
end
